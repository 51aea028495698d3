<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Records\DataFile;
use App\Space;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Period;
use Lanai\Core\Values\Currency;

/** The books of a month, a quarter or a year. */
final readonly class Report
{
    /** So many months back can be looked at. */
    private const BACK = 60;

    private Connection $database;

    public function __construct(Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    /**
     * What went through each account.
     *
     * @param  Period|null  $period  null for all that stands there
     * @return list<array{account: string, currency: string, debit: string, credit: string}>
     */
    public function accounts(?Period $period): array
    {
        $sums = $this->lines($period)
            ->selectRaw('account, currency, sum(max(amount, 0)) as debit, sum(max(-amount, 0)) as credit')
            ->groupBy('account', 'currency')
            ->orderBy('currency')
            ->orderBy('account')
            ->get();

        return array_values(
            array_map(
                fn (\stdClass $sum): array => [
                    'account' => (string) $sum->account,
                    'currency' => (string) $sum->currency,
                    'debit' => self::amount((int) $sum->debit, (string) $sum->currency),
                    'credit' => self::amount((int) $sum->credit, (string) $sum->currency),
                ],
                $sums->all(),
            ),
        );
    }

    /**
     * What is owed to tax offices, by the country of the buyers and the rate: what a declaration by one-stop shop asks for (Directive 2006/112/EC,
     * articles 369a to 369k).
     *
     * @return list<array{country: string, rate: string, currency: string, net: string, tax: string}>
     */
    public function taxes(?Period $period): array
    {
        // How the entries of a payment are called.
        $of = '"_ledger"."purchase" || \'/\' || "event"';
        $bases = $this->database
            ->table('_ledger')
            ->whereIn('account', ['received in advance', 'given back', 'lost in disputes', 'earned'])
            ->groupBy('purchase', 'entry')
            ->selectRaw('purchase, entry, sum(amount) as base');
        $found = $this->lines($period)
            ->where('account', 'like', 'tax owed %')
            ->joinSub($bases, 'bases', fn ($join) => $join->on('bases.purchase', '=', '_ledger.purchase')->on('bases.entry', '=', '_ledger.entry'))
            ->leftJoin('_purchase_events', fn ($join) => $join
                ->on('_purchase_events.purchase', '=', '_ledger.purchase')
                ->whereRaw("\"_ledger\".\"entry\" in ($of || '/paid', $of || '/given back', $of || '/lost')"))
            ->selectRaw('substr(account, 10) as country, rate, _ledger.currency, sum(-amount) as tax, sum(-base) as net')
            ->groupBy('country', 'rate', '_ledger.currency')
            ->orderBy('country')
            ->orderBy('rate')
            ->get();

        return array_values(
            array_map(
                fn (\stdClass $sum): array => [
                    'country' => (string) $sum->country,
                    'rate' => (string) $sum->rate,
                    'currency' => (string) $sum->currency,
                    'net' => self::amount((int) $sum->net, (string) $sum->currency),
                    'tax' => self::amount((int) $sum->tax, (string) $sum->currency),
                ],
                $found->all(),
            ),
        );
    }

    /**
     * Every line of every entry, for an accountant: day, entry, why, account, debit, credit, currency.
     *
     * @return iterable<list<string>>
     */
    public function journal(?Period $period): iterable
    {
        yield ['day', 'entry', 'why', 'account', 'debit', 'credit', 'currency'];
        foreach ($this->lines($period)->orderBy('at')->orderBy('entry')->orderBy('id')->cursor() as $line) {
            $amount = (int) $line->amount;
            $currency = (string) $line->currency;
            yield [
                substr((string) $line->at, 0, 10),
                (string) $line->entry,
                (string) $line->why,
                (string) $line->account,
                $amount > 0 ? self::amount($amount, $currency) : '',
                $amount < 0 ? self::amount(-$amount, $currency) : '',
                $currency,
            ];
        }
    }

    /**
     * The months, quarters and years in which anything stands, the newest first; what is to come is none of them.
     *
     * @return list<array{key: string, name: string}>
     */
    public function periods(): array
    {
        $from = (string) ($this->database->table('_ledger')->min('at') ?? gmdate('c'));
        $periods = [];
        [$year, $month] = [(int) gmdate('Y'), (int) gmdate('n')];
        $first = max((int) substr($from, 0, 4) * 12 + (int) substr($from, 5, 2), $year * 12 + $month - self::BACK);
        for ($m = $year * 12 + $month; $m >= $first; $m--) {
            [$y, $n] = [intdiv($m - 1, 12), ($m - 1) % 12 + 1];
            $quarter = intdiv($n - 1, 3) + 1;
            foreach ([sprintf('%04d-%02d', $y, $n), "$y-Q$quarter", (string) $y] as $key) {
                $periods[$key] ??= Period::of($key)->inWords ?? $key;
            }
        }

        return array_map(fn (string|int $key, string $name): array => ['key' => (string) $key, 'name' => $name], array_keys($periods), $periods);
    }

    private function lines(?Period $period): Builder
    {
        $lines = $this->database->table('_ledger');

        // Moments are kept so that the order of texts is that of time.
        return $period === null ? $lines : $lines->where('_ledger.at', '>=', $period->from)->where('_ledger.at', '<', $period->before);
    }

    public static function amount(int $minor, string $currency): string
    {
        $digits = Currency::digits($currency);

        return number_format($minor / 10 ** $digits, $digits, '.', '');
    }
}
