<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\PeoplesUploads;
use Illuminate\Console\Command;

final class SweepUploads extends Command
{
    protected $signature = 'lanai:sweep';

    protected $description = 'Remove files that people have sent and no row refers to';

    public function handle(): int
    {
        $this->line(PeoplesUploads::sweep().' files removed');

        return self::SUCCESS;
    }
}
