<?php

declare(strict_types=1);

namespace App\Console;

use App\Reach\Figures;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Console\Command;

/** How many come to each step of a way. */
final class FunnelOf extends Command
{
    use FindsApp;

    protected $signature = 'lanai:funnel {app : its number or its slug} {name : of the funnel} {--set=live : sandbox or live} {--days=30} {--json}';

    protected $description = 'Print how many visits came to each step of a funnel';

    public function handle(): int
    {
        $app = $this->app();
        if ($app === null) {
            return self::FAILURE;
        }
        $set = DataSet::tryFrom((string) $this->option('set'));
        $space = $set === null ? null : Space::of($app, $set);
        if ($space === null) {
            $this->error('There is no such data set, or nothing is live yet.');

            return self::FAILURE;
        }
        $days = max(1, min(365, (int) $this->option('days')));
        $now = new DateTimeImmutable();
        $found = array_values(array_filter(
            (new Figures($space))->funnels($now->modify('-'.($days - 1).' days'), $now->modify('+1 day')),
            fn (array $funnel): bool => mb_strtolower($funnel['name']) === mb_strtolower((string) $this->argument('name')),
        ))[0] ?? null;
        if ($found === null) {
            $this->error('There is no such funnel in this app.');

            return self::FAILURE;
        }
        if ($this->option('json')) {
            $this->line((string) json_encode($found, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION));

            return self::SUCCESS;
        }
        $first = max(1, $found['steps'][0]['came'] ?? 0);
        $rows = [];
        foreach ($found['steps'] as $step) {
            $rows[] = [$step['words'], $step['came'], round(100 * $step['came'] / $first).' %', $step['seconds'] ?? ''];
        }
        $this->table(['step', 'visits', 'of those who began', 'seconds'], $rows);

        return self::SUCCESS;
    }
}
