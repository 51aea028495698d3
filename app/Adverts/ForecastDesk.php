<?php

declare(strict_types=1);

namespace App\Adverts;

use App\Models\App;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Lanai\Core\Adverts\AdvertOutlook;
use Lanai\Core\Adverts\Caps;
use Lanai\Core\Adverts\Format;
use Lanai\Core\Adverts\Habits;
use Lanai\Core\Adverts\Prices;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Terms;
use Lanai\Core\Earnings\Vat;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;

/** What a founder takes for likely of adverts, what they would bring, and what a membership would bring of the same people. */
final readonly class ForecastDesk
{
    private const USUAL = ['people' => 300, 'visits' => 1.6, 'places' => 3.0, 'fill' => 70.0, 'loss' => 1.0, 'share' => 3.0];

    /** So many days are looked back; of fewer people nothing is told. */
    private const MEASURED = 30;

    private const FEW = 20;

    /** Caps that are put beside one another; 0 for none. */
    private const CURVE = [1, 2, 3, 4, 6, 8, 12, 0];

    /** Shares of people who pay, in percent, that are put beside one another. */
    private const SHARES = [0.0, 0.5, 1.0, 2.0, 3.0, 4.0, 6.0, 8.0, 12.0];

    public function __construct(private App $app)
    {
    }

    /** @return array<string, list<mixed>> rules for what a founder takes for likely */
    public static function rules(): array
    {
        $share = ['sometimes', 'numeric', 'min:0', 'max:100'];

        return [
            'people' => ['sometimes', 'integer', 'min:0', 'max:1000000'],
            'visits' => ['sometimes', 'numeric', 'min:1', 'max:20'],
            'places' => ['sometimes', 'numeric', 'min:0', 'max:50'],
            'fill' => $share,
            'thousand' => ['sometimes', 'numeric', 'min:0', 'max:100'],
            'loss' => $share,
            'share' => $share,
            'hourly' => ['sometimes', 'integer', 'min:0', 'max:60'],
            'daily' => ['sometimes', 'integer', 'min:0', 'max:200'],
        ];
    }

    /**
     * @param  array<string, mixed>  $told  as in rules()
     * @return array<string, float|int> hourly and daily: 0 for none
     */
    public function assumed(array $told = []): array
    {
        $kept = $this->app->rehearsal[' adverts'] ?? [];
        $said = $told + (is_array($kept) ? $kept : []);
        $adverts = $this->app->revision->read()->adverts;
        $number = fn (string $key, float $else): float => (float) (is_numeric($said[$key] ?? null) ? $said[$key] : $else);
        $country = $this->app->seller['country'] ?? '';
        $thousand = Prices::thousand(Format::Strip, is_string($country) && $country !== '' ? $country : 'DE');

        return [
            'people' => (int) $number('people', self::USUAL['people']),
            'visits' => $number('visits', self::USUAL['visits']),
            'places' => $number('places', self::USUAL['places']),
            'fill' => $number('fill', self::USUAL['fill']),
            'thousand' => $number('thousand', $thousand),
            'loss' => $number('loss', self::USUAL['loss']),
            'share' => $number('share', self::USUAL['share']),
            // The caps are those of the sentence, unless others are tried.
            'hourly' => (int) (is_numeric($told['hourly'] ?? null) ? $told['hourly'] : $adverts->hourly ?? 0),
            'daily' => (int) (is_numeric($told['daily'] ?? null) ? $told['daily'] : $adverts->daily ?? 0),
        ];
    }

    /** In which adverts are priced. */
    public function currency(): string
    {
        $currency = $this->app->revision->read()->adverts->currency ?? '';

        return $currency === '' ? 'EUR' : $currency;
    }

    /**
     * What people of the live app have done in the last days; null where too few came to tell.
     *
     * @return array{days: int, people: int, visits: float, places: float, fill: float, thousand: float}|null
     */
    public function measured(DateTimeImmutable $now): ?array
    {
        $space = Space::of($this->app, DataSet::Live);
        if ($space === null) {
            return null;
        }
        $book = new AdvertBook($space);
        [$from, $before] = [$now->modify('-'.(self::MEASURED - 1).' days'), $now->modify('+1 day')];
        $days = count(array_unique(array_column($book->figures($from, $before, 'day'), 'place')));
        $moments = ($book->moments($from, $before)[''] ?? []) + ['people' => 0, 'visits' => 0, 'places' => 0];
        if ($days === 0 || $moments['people'] < self::FEW || $moments['visits'] === 0) {
            return null;
        }
        $figures = array_filter($book->figures($from, $before), fn (array $one): bool => $one['currency'] === $this->currency());
        [$asked, $seen] = [array_sum(array_column($figures, 'asked')), array_sum(array_column($figures, 'seen'))];

        return [
            'days' => $days,
            'people' => (int) round($moments['people'] / $days),
            'visits' => round($moments['visits'] / $moments['people'], 2),
            'places' => round($moments['places'] / $moments['visits'], 2),
            'fill' => $asked === 0 ? 0.0 : round(min(100.0, 100 * $seen / $asked), 1),
            'thousand' => $seen === 0 ? 0.0 : round(1000 * array_sum(array_column($figures, 'earned')) / $seen, 2),
        ];
    }

    /** @param  array<string, float|int>  $assumed */
    public function keep(array $assumed): void
    {
        $this->app->rehearsal = [' adverts' => array_diff_key($assumed, ['hourly' => 1, 'daily' => 1])] + ($this->app->rehearsal ?? []);
        $this->app->save();
    }

    /**
     * @param  array<string, float|int>  $assumed  as assumed() gives it
     * @return array<string, mixed> as AdvertForecast in docs/studio.schema.json
     */
    public function forecast(array $assumed, int $seed = 1, int $days = 30): array
    {
        $habits = new Habits(
            (int) $assumed['people'],
            (float) $assumed['visits'],
            (float) $assumed['places'],
            $assumed['fill'] / 100,
            (float) $assumed['thousand'],
            $assumed['loss'] / 100,
        );
        $caps = fn (int $hourly): Caps => new Caps($hourly ?: null, (int) $assumed['daily'] ?: null);
        $today = AdvertOutlook::of($habits, $caps((int) $assumed['hourly']), $seed, days: $days);
        $curve = [];
        foreach (self::CURVE as $hourly) {
            // The shape is what matters: fewer runs will do.
            $one = AdvertOutlook::of($habits, $caps($hourly), $seed, 20, $days);
            $curve[] = ['hourly' => $hourly, 'month' => round($one->month[1], 2), 'inVisit' => round($one->inVisit, 2), 'stay' => round($one->stay, 4)];
        }

        return [
            'month' => array_map(fn (float $value): float => round($value, 2), $today->month),
            'shown' => round($today->shown, 2),
            'inVisit' => round($today->inVisit, 2),
            'stay' => round($today->stay, 4),
            'curve' => $curve,
            'choice' => $this->choice($assumed, $today),
        ];
    }

    /**
     * The same people with adverts, with a membership, and with both; null where no membership is sold.
     *
     * @param  array<string, float|int>  $assumed
     * @return array<string, mixed>|null
     */
    private function choice(array $assumed, AdvertOutlook $today): ?array
    {
        $member = $this->member();
        $people = (int) $assumed['people'];
        if ($member === null || $people === 0) {
            return null;
        }
        [$name, $each] = $member;
        $adverts = $today->month[1];
        $both = fn (float $share): array => [
            'share' => $share,
            'adverts' => round($adverts, 2),
            'members' => round($people * $share / 100 * $each, 2),
            'both' => round($adverts * (1 - $share / 100) + $people * $share / 100 * $each, 2),
        ];
        $even = AdvertOutlook::breakEven($adverts / $people, $each);

        return [
            'name' => $name,
            'each' => round($each, 2),
            'breakEven' => $even === null ? null : round(100 * $even, 2),
            'today' => $both((float) $assumed['share']),
            'curve' => array_map($both, self::SHARES),
        ];
    }

    /** @return array{string, float}|null the first plan that is sold, and what one who has it brings in a month through a store that keeps 15 % */
    private function member(): ?array
    {
        foreach ($this->app->revision->read()->products as $product) {
            $plan = array_values(array_filter($product->plans, fn (Plan $plan): bool => $plan->isWhole() && $plan->currency === $this->currency()))[0] ?? null;
            if ($product->sold === Product::SUBSCRIPTION && $plan !== null) {
                $gross = $product->priceIn('', $plan)->minor();
                $net = Terms::net($gross, Vat::standard('DE', new DateTimeImmutable()));

                return ["$product->name, $plan->name", ($net - Sold::SmallStore->terms()->commission($gross, $net)) / 100 / $plan->months()];
            }
        }

        return null;
    }
}
