<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use App\Jobs\SendWebhook;
use DateTimeImmutable;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Text\Pattern;

/** Payments by card, on a page of the provider. Its messages are signed by a secret over an id, the time and the body (Standard Webhooks). */
final readonly class CardTill implements Till
{
    /** Seconds: a message that is older, or from the future, is refused. */
    private const OLD = 300;

    private Line $line;

    public function __construct()
    {
        $this->line = new Line((string) config('lanai.till.url'), (string) config('lanai.till.key'), 'till');
    }

    public function sold(): Sold
    {
        return Sold::Card;
    }

    public function begin(Offered $offered, string $key): array
    {
        $sent = ['shop' => $offered->shop, 'back' => $offered->back, 'notify' => $offered->notify, 'ref' => $offered->id(),
            'merchant' => $offered->merchant, 'country' => $offered->country] + $offered->terms();

        return Line::begun($this->line->ask('POST', '/sessions', $sent, $key));
    }

    public function told(string $token): Told
    {
        return self::read($this->line->ask('GET', "/sessions/$token"));
    }

    public function turn(string $token, bool $stays): Told
    {
        return self::read($this->line->ask('POST', "/sessions/$token/".($stays ? 'stay' : 'end')));
    }

    public function change(string $token, Offered $to, bool $now): string
    {
        $sent = ['when' => $now ? 'now' : 'renewal', 'back' => $to->back, 'ref' => $to->id()] + $to->terms();

        return Line::page($this->line->ask('POST', "/sessions/$token/change", $sent));
    }

    public function raise(string $token, int $price, DateTimeImmutable $from, bool $asks): Told
    {
        $sent = ['price' => $price, 'from' => $from->format('c'), 'asks' => $asks];

        return self::read($this->line->ask('POST', "/sessions/$token/raise", $sent));
    }

    public function manage(string $token, string $back): string
    {
        return Line::page($this->line->ask('POST', "/sessions/$token/manage", ['back' => $back]));
    }

    public function statements(string $merchant, bool $now, string $currency): array
    {
        $sent = ['merchant' => $merchant, 'now' => $now, 'currency' => $currency];

        return Line::statements($this->line->ask('POST', '/statements', $sent));
    }

    public function giveBack(string $token): Told
    {
        return self::read($this->line->ask('POST', "/sessions/$token/refund"));
    }

    public function close(string $token): Told
    {
        return self::read($this->line->ask('POST', "/sessions/$token/close"));
    }

    public function received(string $token, bool $usedUp): void
    {
        // A provider of cards does not ask.
    }

    public function heard(array $headers, string $body, DateTimeImmutable $now): string
    {
        [$id, $at] = [$headers['webhook-id'] ?? '', $headers['webhook-timestamp'] ?? ''];
        if ($id === '' || ! Pattern::match('/^\d{1,12}$/', $at)) {
            throw new Forged('It does not say when it was sent.');
        }
        $signature = SendWebhook::signature(self::secret(), $id, (int) $at, $body);
        // Several may stand there while a secret is changed.
        $right = false;
        foreach (array_slice(explode(' ', $headers['webhook-signature'] ?? ''), 0, 5) as $given) {
            $right = hash_equals($signature, $given) || $right;
        }
        if (! $right) {
            throw new Forged('Its signature is not the till’s, or it was changed on its way.');
        }
        if (abs($now->getTimestamp() - (int) $at) > self::OLD) {
            throw new Forged('It is older than five minutes.');
        }
        $told = json_decode($body, true);

        return is_array($told) && is_string($told['session'] ?? null) ? $told['session'] : throw new Forged('It does not say what it is about.');
    }

    public function shelf(): ?array
    {
        return null;
    }

    public function putUp(Offered $offered): void
    {
        // What is paid is said with each payment.
    }

    private static function secret(): string
    {
        $told = (string) config('lanai.till.secret');

        return $told !== '' ? $told : 'whsec_'.base64_encode(hash('sha256', 'webhooks '.config('lanai.till.key'), true));
    }

    /** @param  array<string, mixed>  $answer */
    private static function read(array $answer): Told
    {
        return Told::of($answer, Told::events($answer), Sold::Card->terms());
    }
}
