<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\App;
use App\Studio\ErrandDesk;
use Illuminate\Console\Command;
use Lanai\Core\Errands\Roamed;

/** Does all errands of an app; fails where one could not be done to its end. */
final class RunErrands extends Command
{
    use FindsApp;

    protected $signature = 'lanai:errands {app : its address or number} {--roam : tap everything once, by errands that are made on the way}
        {--as= : who roams} {--devices : each on three devices} {--json}';

    protected $description = 'Do all errands of an app; fails where one is broken';

    public function handle(ErrandDesk $desk): int
    {
        $app = $this->app();
        if ($app === null) {
            return self::FAILURE;
        }
        if ($this->option('roam')) {
            return $this->roam($app, $desk);
        }
        $all = $desk->all($app, (bool) $this->option('devices'));
        if ($this->option('json')) {
            $this->line((string) json_encode($all, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));
        }
        $broken = 0;
        foreach ($all as $one) {
            $broken += (int) ($one['wrong'] !== '');
            foreach ($one['devices'] ?? [] as $device) {
                $broken += (int) ($device['wrong'] !== '' && $one['wrong'] === '');
                $this->option('json') || $device['wrong'] === '' ?: $this->line("broken  $one[name] on $device[name]: $device[wrong]");
            }
            $this->option('json') ?: $this->line(($one['wrong'] === '' ? 'right   ' : 'broken  ').$one['name'].($one['wrong'] === '' ? '' : ": $one[wrong]"));
        }
        $this->option('json') ?: $this->line(count($all).' errands, '.$broken.' broken.');

        return $broken === 0 ? self::SUCCESS : self::FAILURE;
    }

    private function roam(App $app, ErrandDesk $desk): int
    {
        ['taps' => $taps, 'whole' => $whole, 'trouble' => $trouble] = $desk->roam($app, (string) $this->option('as'));
        $broken = array_values(array_filter($taps, fn (Roamed $one): bool => $one->wrong !== ''));
        if ($this->option('json')) {
            $this->line(
                (string) json_encode(
                    ['taps' => $taps, 'whole' => $whole, 'trouble' => $trouble],
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
                ),
            );
        } else {
            array_map(fn (Roamed $one) => $this->line("broken  {$one->label} on {$one->screen}: {$one->wrong}"), $broken);
            $this->line($trouble ?: count($taps).' taps, '.count($broken).' broken.'.($whole ? '' : ' There was no time for all of it.'));
        }

        return $broken === [] && $trouble === '' ? self::SUCCESS : self::FAILURE;
    }
}
