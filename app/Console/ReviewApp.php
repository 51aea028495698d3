<?php

declare(strict_types=1);

namespace App\Console;

use App\Stores\ReviewDesk;
use App\Studio\StudioState;
use Illuminate\Console\Command;
use Lanai\Core\Review\Opinion;

/** Looks at an app as a store would, before it is handed in; fails where a store would turn it down. */
final class ReviewApp extends Command
{
    use FindsApp;

    protected $signature = 'lanai:review {app : its number or its slug} {--store=quay : quay or pier} {--here : at a practice '
        .'store on this computer} {--json}';

    protected $description = 'Look at an app as a store would';

    public function handle(): int
    {
        $app = $this->app();
        $store = $this->option('store');
        if ($app === null || ! in_array($store, ['quay', 'pier'], true)) {
            $this->error($app === null ? 'Nothing was looked at.' : 'The store is quay or pier.');

            return self::FAILURE;
        }
        $opinions = (new ReviewDesk($app))->opinions($store, (bool) $this->option('here'));
        $against = array_filter($opinions, fn (Opinion $opinion): bool => $opinion->turnsDown());
        if ($this->option('json')) {
            $told = array_map(fn (Opinion $one): array => [
                'holds' => $one->holds,
                'findings' => array_map(StudioState::finding(...), $one->findings),
            ], $opinions);
            $this->line((string) json_encode(['store' => $store, 'reasons' => $told], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT));
        } else {
            foreach ($opinions as $opinion) {
                $mark = match (true) {
                    $opinion->findings === [] => '✓',
                    $opinion->turnsDown() => '✗',
                    default => '~',
                };
                $this->line("$mark $opinion->holds");
                foreach ($opinion->findings as $finding) {
                    $this->line("    $finding->sentence".($finding->mend === null ? '' : " ({$finding->mend->label})"));
                }
            }
            $this->line('');
            $this->line(
                count($against) === 0 ? 'Nothing stands against it.' : 'The store would turn it down for '.count($against).' of '.count($opinions).' reasons.',
            );
        }

        return $against === [] ? self::SUCCESS : self::FAILURE;
    }
}
