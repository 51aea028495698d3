<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\Facts;
use Illuminate\Console\Command;
use Lanai\Core\Findings\Finding;

final class CheckApp extends Command
{
    use FindsApp;

    protected $signature = 'lanai:check {app : its address or number}';

    protected $description = 'Print the findings of an app; fails where one blocks its packages';

    public function handle(): int
    {
        $app = $this->app();
        if ($app === null) {
            return self::FAILURE;
        }
        $findings = Facts::findings($app);
        foreach ($findings as $finding) {
            $this->line(($finding->blocks ? 'blocks  ' : 'warns   ').$finding->at.'  '.$finding->sentence);
        }
        $this->line(count($findings).' findings');

        return array_filter($findings, fn (Finding $f): bool => $f->blocks) === [] ? self::SUCCESS : self::FAILURE;
    }
}
