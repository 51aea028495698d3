<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;

final class PrintScript extends Command
{
    use FindsApp;

    protected $signature = 'lanai:script {app : its address or number}';

    protected $description = 'Print an app as script';

    public function handle(): int
    {
        $app = $this->app();
        $this->output->write($app?->revision->read()->script() ?? '', false, \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);

        return $app === null ? self::FAILURE : self::SUCCESS;
    }
}
