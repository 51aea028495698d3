<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Records\DataFile;
use App\Space;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Values\Currency;

/** What went through each account of the books. */
final class Report
{
    /**
     * @param  string  $month  as 2027-01; '' for all that stands there
     * @return list<array{account: string, currency: string, debit: string, credit: string}>
     */
    public static function of(Space $space, string $month = ''): array
    {
        $lines = DB::connection((new DataFile($space->app, $space->set))->connection)->table('_ledger');
        if ($month !== '') {
            // Moments are kept so that the order of texts is that of time.
            $next = (new \DateTimeImmutable("$month-01"))->modify('+1 month')->format('Y-m');
            $lines->where('at', '>=', "$month-01")->where('at', '<', "$next-01");
        }
        $sums = $lines
            ->selectRaw('account, currency, sum(max(amount, 0)) as debit, sum(max(-amount, 0)) as credit')
            ->groupBy('account', 'currency')
            ->orderBy('currency')
            ->orderBy('account')
            ->get();

        return array_values(
            array_map(function (\stdClass $sum): array {
                $digits = Currency::digits((string) $sum->currency);
                $amount = fn (int $minor): string => number_format($minor / 10 ** $digits, $digits, '.', '');

                return [
                    'account' => (string) $sum->account,
                    'currency' => (string) $sum->currency,
                    'debit' => $amount((int) $sum->debit),
                    'credit' => $amount((int) $sum->credit),
                ];
            }, $sums->all()),
        );
    }
}
