<?php

declare(strict_types=1);

namespace App\Console;

use App\Earnings\PurchaseBook;
use App\Earnings\Report;
use Illuminate\Console\Command;
use Lanai\Core\Text\Pattern;

final class LedgerOf extends Command
{
    use FindsSpace;

    protected $signature = 'lanai:ledger {app : its address or number} {--set=live : live or sandbox} {--month= : such as 2027-01; else all} {--csv}
        {--check : whether every entry balances and the books are those of the purchases}';

    protected $description = 'Print what stands in the books of an app';

    public function handle(): int
    {
        $space = $this->space();
        if ($space === null) {
            return self::FAILURE;
        }
        $month = (string) $this->option('month');
        if ($month !== '' && ! Pattern::match('/^\d{4}-(0[1-9]|1[0-2])$/', $month)) {
            $this->error('A month is written as 2027-01.');

            return self::FAILURE;
        }
        if ($this->option('check')) {
            $wrong = (new PurchaseBook($space))->check();
            $this->line($wrong === [] ? 'Every entry balances, and the books are those of the purchases.' : implode("\n", $wrong));

            return $wrong === [] ? self::SUCCESS : self::FAILURE;
        }
        $rows = Report::of($space, $month);
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
