<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use App\Models\App;
use App\Outbound\Practice;
use App\Stores\StoreAccounts;
use DateTimeImmutable;
use Lanai\Core\Earnings\Sold;

/** What the tills of stores have in common: products that are put up first, a sheet, and that it is said what was given. */
abstract readonly class StoreTill implements Till
{
    protected Line $line;

    /** The app, as the store knows it. */
    protected string $package;

    public function __construct(App $app)
    {
        $store = $this->sold()->value;
        $this->line = new Line(config("lanai.stores.$store.url").'/billing', StoreAccounts::token($app, $store), $store);
        $this->package = $app->package();
    }

    public function begin(Offered $offered, string $key): array
    {
        $sent = [
            'product' => $offered->id(),
            'account' => $offered->account,
            'shop' => $offered->shop,
            'back' => $offered->back,
            'notify' => $offered->notify,
            'first' => $offered->freeDays && $offered->lower,
            'merchant' => $offered->merchant,
            'country' => $offered->country,
        ];

        return Line::begun($this->line->ask('POST', "/$this->package/purchases", $sent, $key));
    }

    /** Whether a phone buys by the sheet of its own store: the one for practice has none on any phone. */
    public function hasSheet(): bool
    {
        return $this->sold() === Sold::Pier && ! Practice::isAt((string) config("lanai.stores.{$this->sold()->value}.url"));
    }

    /** By which the page asks the phone for the sheet. */
    public function sheet(Offered $offered): string
    {
        return "sheet:{$offered->id()}?account=$offered->account";
    }

    public function told(string $token): Told
    {
        return $this->read($token, $this->line->ask('GET', "/$this->package/purchases/$token"));
    }

    public function turn(string $token, bool $stays): Told
    {
        return $this->done($token, $stays ? 'stay' : 'end');
    }

    public function change(string $token, Offered $to, bool $now): string
    {
        $sent = ['when' => $now ? 'now' : 'renewal', 'back' => $to->back, 'product' => $to->id()];

        return Line::page($this->line->ask('POST', "/$this->package/purchases/$token/change", $sent));
    }

    public function raise(string $token, int $price, DateTimeImmutable $from, bool $asks): Told
    {
        $sent = ['price' => $price, 'from' => $from->format('c'), 'asks' => $asks];

        return $this->read($token, $this->line->ask('POST', "/$this->package/purchases/$token/raise", $sent));
    }

    public function manage(string $token, string $back): string
    {
        return Line::page($this->line->ask('POST', "/$this->package/purchases/$token/manage", ['back' => $back]));
    }

    public function statements(string $merchant, bool $now, string $currency): array
    {
        $sent = ['merchant' => $merchant, 'now' => $now, 'currency' => $currency];

        return Line::statements($this->line->ask('POST', "/$this->package/statements", $sent));
    }

    public function giveBack(string $token): Told
    {
        return $this->done($token, 'refund');
    }

    public function close(string $token): Told
    {
        return $this->done($token, 'close');
    }

    public function received(string $token, bool $usedUp): void
    {
        $this->done($token, $usedUp ? 'consume' : 'acknowledge');
    }

    public function shelf(): array
    {
        $products = $this->line->ask('GET', "/$this->package/products")['products'] ?? [];

        return array_filter(is_array($products) ? $products : [], is_array(...));
    }

    public function putUp(Offered $offered): void
    {
        $this->line->ask('PUT', "/$this->package/products/{$offered->id()}", $offered->onShelf());
    }

    private function done(string $token, string $what): Told
    {
        return $this->read($token, $this->line->ask('POST', "/$this->package/purchases/$token/$what"));
    }

    /** @param  array<string, mixed>  $answer */
    abstract protected function read(string $token, array $answer): Told;

    abstract public function sold(): Sold;
}
