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
     * How many people had it at the end of each month, from the first in which something was sold; the one that runs as it stands now.
     *
     * @return list<array{month: string, people: int}>
     */
    private function months(DateTimeImmutable $now): array
    {
        $first = $this->sold('_purchase_events')->where('what', 'bought')->where('at', '<=', StoredValue::plain($now))->min('at');
        if ($first === null) {
            return [];
        }
        $month = max(new DateTimeImmutable(substr((string) $first, 0, 7).'-01', new DateTimeZone('UTC')), $now->modify('-'.Cohorts::MOST.' months'));
        $months = [];
        for ($month = $month->modify('first day of this month')->setTime(0, 0); $month <= $now; $month = $month->modify('+1 month')) {
            $at = StoredValue::plain(min($now, $month->modify('+1 month')->modify('-1 second')));
            $has = $this->sold(Holdings::STORED)->where('begins', '<=', $at)->where('ends', '>', $at);
            $months[] = ['month' => $month->format('Y-m'), 'people' => $has->distinct()->count(Holdings::STORED.'.person')];
        }

        return $months;
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
