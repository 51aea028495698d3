<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Generator;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Cohorts;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Holdings;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Values\Currency;

/** What came of a product, to be put beside what was rehearsed. What the founder gave is not counted. */
final readonly class Figures
{
    private Connection $database;

    public function __construct(Space $space, private Product $product)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    /** @return array<string, mixed> as FiguresState in docs/studio.schema.json */
    public function state(DateTimeImmutable $now): array
    {
        return ['months' => $this->months($now), 'cohorts' => Cohorts::of($this->each(), $now)];
    }

    /**
     * Purchases one after the other: two readers go along by their numbers, so that nothing is held in memory.
     *
     * @return iterable<array{DateTimeImmutable, list<array{DateTimeImmutable, DateTimeImmutable}>}>
     */
    private function each(): iterable
    {
        $began = $this->sold('_purchase_events')
            ->where('what', 'bought')
            ->groupBy('purchase')
            ->orderBy('purchase')
            ->selectRaw('purchase, min(at) as began')
            ->cursor();
        $held = $this->spans();
        foreach ($began as $one) {
            while ($held->valid() && (int) $held->current()->purchase < (int) $one->purchase) {
                $held->next();
            }
            $had = [];
            while ($held->valid() && (int) $held->current()->purchase === (int) $one->purchase) {
                $had[] = [new DateTimeImmutable((string) $held->current()->begins), new DateTimeImmutable((string) $held->current()->ends)];
                $held->next();
            }
            yield [new DateTimeImmutable((string) $one->began), $had];
        }
    }

    /** @return Generator<int, \stdClass> in the order of their purchases */
    private function spans(): Generator
    {
        yield from $this->sold(Holdings::STORED)->orderBy('purchase')->select(['purchase', 'begins', 'ends'])->cursor();
    }

    /**
     * How many people had it at the end of each month, and what was paid in it, from the first in which something was sold; the one that runs as it stands now.
     *
     * @return list<array{month: string, people: int, paid: float}>
     */
    private function months(DateTimeImmutable $now): array
    {
        $first = $this->sold('_purchase_events')->where('what', 'bought')->where('at', '<=', StoredValue::plain($now))->min('at');
        if ($first === null) {
            return [];
        }
        $month = max(new DateTimeImmutable(substr((string) $first, 0, 7).'-01', new DateTimeZone('UTC')), $now->modify('-'.Cohorts::MOST.' months'));
        $months = [];
        $paid = $this->paid();
        for ($month = $month->modify('first day of this month')->setTime(0, 0); $month <= $now; $month = $month->modify('+1 month')) {
            $at = StoredValue::plain(min($now, $month->modify('+1 month')->modify('-1 second')));
            $has = $this->sold(Holdings::STORED)->where('begins', '<=', $at)->where('ends', '>', $at);
            $people = $has->distinct()->count(Holdings::STORED.'.person');
            $months[] = ['month' => $month->format('Y-m'), 'people' => $people, 'paid' => $paid[$month->format('Y-m')] ?? 0.0];
        }

        return $months;
    }

    /** @return array<string, float> month => what people paid in the product's own currency, less what was given back or lost */
    private function paid(): array
    {
        $currency = $this->product->isPaidOnce() ? $this->product->currency : $this->product->plans[0]->currency ?? '';
        // What is given back is all that was paid last, unless it is said how much.
        $last = $this->database
            ->table('_purchase_events', 'p')
            ->whereColumn('p.purchase', '_purchase_events.purchase')
            ->whereColumn('p.at', '<=', '_purchase_events.at')
            ->whereIn('p.what', ['bought', 'paid again', 'changes plan'])
            ->where('p.gross', '>', 0)
            ->where('p.currency', $currency)
            ->orderByDesc('p.at')
            ->limit(1)
            ->select('gross');
        $back = ['was given back', 'lost a dispute'];
        $sums = $this->sold('_purchase_events')
            ->where(fn ($q) => $q->where(fn ($q) => $q->where('gross', '>', 0)->where('currency', $currency))->orWhereIn('what', $back))
            ->groupByRaw('substr(at, 1, 7)')
            ->selectRaw('substr(at, 1, 7) as month')
            ->selectRaw(
                'sum(case when what in (?, ?) then -coalesce(gross, ('.$last->toSql().'), 0) else gross end) as paid',
                [...$back, ...$last->getBindings()],
            )
            ->get();
        $paid = [];
        foreach ($sums as $sum) {
            $paid[(string) $sum->month] = (int) $sum->paid / 10 ** Currency::digits($currency === '' ? 'EUR' : $currency);
        }

        return $paid;
    }

    private function sold(string $table): Builder
    {
        return $this->database
            ->table($table)
            ->join('_purchases', '_purchases.id', '=', "$table.purchase")
            ->where('_purchases.product', $this->product->key())
            ->where('_purchases.till', '!=', PurchaseBook::GIFT);
    }
}
