<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\OldWork;
use Illuminate\Console\Command;

final class Prune extends Command
{
    protected $signature = 'lanai:prune';

    protected $description = 'Remove what nobody needs any more: answers to old taps, sessions, looked-at imports, folders of work that ended';

    public function handle(): int
    {
        foreach (OldWork::prune() as $what => $count) {
            $this->line("$count $what");
        }

        return self::SUCCESS;
    }
}
