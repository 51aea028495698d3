<?php

declare(strict_types=1);

namespace App\Console;

use App\Earnings\PurchaseBook;
use App\Earnings\Report;
use Illuminate\Console\Command;
use Lanai\Core\Earnings\Period;
use Lanai\Core\Exchange\CsvWriter;

final class LedgerOf extends Command
{
    use FindsSpace;

    protected $signature = 'lanai:ledger {app : its address or number} {--set=live : live or sandbox}
        {--month= : such as 2027-01, 2027-Q1 or 2027; else all} {--csv}
        {--journal : every line of every entry, as CSV}
        {--check : whether every entry balances and the books are those of the purchases}';

    protected $description = 'Print what stands in the books of an app';

    public function handle(): int
    {
        $space = $this->space();
        if ($space === null) {
            return self::FAILURE;
        }
        $month = (string) $this->option('month');
        $period = Period::of($month);
        if ($month !== '' && $period === null) {
            $this->error('A month is written as 2027-01, a quarter as 2027-Q1, a year as 2027.');

            return self::FAILURE;
        }
        if ($this->option('check')) {
            $wrong = (new PurchaseBook($space))->check();
            $this->line($wrong === [] ? 'Every entry balances, and the books are those of the purchases.' : implode("\n", $wrong));

            return $wrong === [] ? self::SUCCESS : self::FAILURE;
        }
        $report = new Report($space);
        if ($this->option('journal')) {
            foreach ($report->journal($period) as $line) {
                $this->line(rtrim(CsvWriter::record($line)));
            }

            return self::SUCCESS;
        }
        $rows = $report->accounts($period);
        if ($this->option('csv')) {
            $this->line('account,currency,debit,credit');
            foreach ($rows as $row) {
                $this->line('"'.str_replace('"', '""', $row['account'])."\",{$row['currency']},{$row['debit']},{$row['credit']}");
            }

            return self::SUCCESS;
        }
        $this->table(['account', 'currency', 'debit', 'credit'], $rows);

        return self::SUCCESS;
    }
}
