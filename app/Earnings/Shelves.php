<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Earnings\Tills\Offered;
use App\Earnings\Tills\Till;
use App\Space;
use DateTimeImmutable;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Rows\Refused;

/** What stands for sale at each till beside what the sentences say, and what a founder should know of it. */
final readonly class Shelves
{
    private const WHERE = [
        'card' => 'on the web, in web apps, and for what is used outside the app',
        'quay' => 'in packages for Android',
        'pier' => 'in packages for iOS',
    ];

    /** Of the terms: what is compared with what a store has. */
    private const SAID = ['price' => 'its price', 'currency' => 'its currency', 'every' => 'how often it is paid', 'freeDays' => 'its free days',
        'firstPrice' => 'its price at first', 'firstTimes' => 'how often it costs less at first', 'name' => 'its name',
        'prices' => 'its prices in other countries'];

    private Counter $counter;

    public function __construct(private Space $space)
    {
        $this->counter = new Counter($space);
    }

    /** @return array<string, mixed> as TillsState in docs/studio.schema.json */
    public function state(): array
    {
        $rises = new PriceRises($this->space);

        return [
            'old' => $rises->old(new DateTimeImmutable()),
            'raising' => $rises->waiting(),
            'tills' => array_map($this->ofTill(...), Sold::tills()),
            'waiting' => $this->waiting(),
            'refused' => (new Refusals($this->space))->last(10),
        ];
    }

    /** Puts up at a store what is missing there or stands there otherwise; nothing is taken down, for somebody may have bought it. */
    public function putUp(string $name): void
    {
        $till = $this->counter->till($name);
        $there = $till->shelf() ?? [];
        foreach ($this->offered() as $offered) {
            if (! $offered->product->outside && self::differs($offered, $there) !== '') {
                $till->putUp($offered);
            }
        }
    }

    /** @return array<string, mixed> */
    private function ofTill(Sold $sold): array
    {
        $till = $this->counter->till($sold->value);
        $told = ['key' => $sold->value, 'name' => $sold->terms()->till, 'where' => self::WHERE[$sold->value], 'shelf' => null, 'trouble' => ''];
        try {
            return ['shelf' => $this->shelf($till)] + $told;
        } catch (Refused) {
            return ['trouble' => "{$told['name']} does not answer just now."] + $told;
        }
    }

    /** @return list<array{id: string, name: string, differs: string}>|null */
    private function shelf(Till $till): ?array
    {
        $there = $till->shelf();
        if ($there === null) {
            return null;
        }
        $shelf = [];
        foreach ($this->offered() as $offered) {
            if (! $offered->product->outside) {
                $shelf[] = ['id' => $offered->id(), 'name' => (string) $offered->terms()['name'], 'differs' => self::differs($offered, $there)];
            }
        }

        return $shelf;
    }

    /** @param  array<string, array<string, mixed>>  $there  what is different, as the end of a sentence; '' for nothing */
    private static function differs(Offered $offered, array $there): string
    {
        $is = $there[$offered->id()] ?? null;
        if ($is === null) {
            return 'is not there';
        }
        $isOther = fn (mixed $value, string $key): bool => is_array($value) ? ($is[$key] ?? []) != $value : ($is[$key] ?? null) !== $value;
        $other = array_intersect_key(self::SAID, array_filter($offered->onShelf(), $isOther, ARRAY_FILTER_USE_BOTH));

        return $other === [] ? '' : 'differs in '.implode(' and ', $other);
    }

    /** @return list<Offered> what can be bought: of subscriptions each plan by itself */
    private function offered(): array
    {
        $offered = [];
        foreach ($this->space->blueprint()->products as $product) {
            if ($product->sold === Product::SUBSCRIPTION) {
                $whole = array_filter($product->plans, fn (Plan $plan): bool => $plan->isWhole());
                array_push($offered, ...array_map(fn (Plan $plan): Offered => new Offered($product, $plan), array_values($whole)));
            } elseif ($product->hasPrice()) {
                $offered[] = new Offered($product, null);
            }
        }

        return $offered;
    }

    /** @return list<array{product: string, since: string}> what was bought at a store that does not know yet that it was given */
    private function waiting(): array
    {
        $book = new PurchaseBook($this->space);
        $waiting = [];
        foreach ($book->notReceived() as $known) {
            $product = $this->space->blueprint()->product($known['product']);
            $at = $book->bought($known['till'], $known['token']) ?? new DateTimeImmutable();
            $waiting[] = ['product' => $product === null ? $known['product'] : $product->name, 'since' => $at->format('c')];
        }

        return $waiting;
    }
}
