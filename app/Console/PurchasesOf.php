<?php

declare(strict_types=1);

namespace App\Console;

use App\Earnings\PurchaseBook;
use DateTimeImmutable;
use Illuminate\Console\Command;

final class PurchasesOf extends Command
{
    use FindsSpace;

    protected $signature = 'lanai:purchases {app : its address or number} {person : the number of the person} {--set=live : live or sandbox}';

    protected $description = 'Print what somebody has bought or been given, why they have it and until when';

    public function handle(): int
    {
        $space = $this->space();
        if ($space === null) {
            return self::FAILURE;
        }
        $people = $space->blueprint()->peopleTable();
        $id = (int) $this->argument('person');
        $person = $people === null ? null : $space->store()->byIds($people, [$id])[$id] ?? null;
        if ($person === null) {
            $this->error('There is nobody of that number.');

            return self::FAILURE;
        }
        $purchases = (new PurchaseBook($space))->of($person, new DateTimeImmutable());
        foreach ($purchases as $purchase) {
            $parts = [$purchase['product'].($purchase['plan'] === '' ? '' : ", {$purchase['plan']}").": {$purchase['status']}"];
            $parts[] = $purchase['until'] === null ? '' : "until {$purchase['until']}";
            $this->line(implode(', ', array_filter([...$parts, "by {$purchase['till']}"])));
            foreach ($purchase['events'] as $event) {
                $this->line("  {$event['at']}  {$event['what']}");
            }
        }
        $this->line($purchases === [] ? "{$person->label()} has nothing." : '');

        return self::SUCCESS;
    }
}
