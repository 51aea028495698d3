<?php

declare(strict_types=1);

namespace App\Console;

use App\Studio\ErrandDesk;
use Illuminate\Console\Command;

/** Does all errands of an app; fails where one could not be done to its end. */
final class RunErrands extends Command
{
    use FindsApp;

    protected $signature = 'lanai:errands {app : its address or number} {--json}';

    protected $description = 'Do all errands of an app; fails where one is broken';

    public function handle(ErrandDesk $desk): int
    {
        $app = $this->app();
        if ($app === null) {
            return self::FAILURE;
        }
        $all = $desk->all($app);
        if ($this->option('json')) {
            $this->line((string) json_encode($all, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));
        }
        $broken = 0;
        foreach ($all as $one) {
            $broken += (int) ($one['wrong'] !== '');
            $this->option('json') ?: $this->line(($one['wrong'] === '' ? 'right   ' : 'broken  ').$one['name'].($one['wrong'] === '' ? '' : ": $one[wrong]"));
        }
        $this->option('json') ?: $this->line(count($all).' errands, '.$broken.' broken.');

        return $broken === 0 ? self::SUCCESS : self::FAILURE;
    }
}
