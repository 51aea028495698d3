<?php

declare(strict_types=1);

namespace App\Console;

use App\Adverts\AdvertDesk;
use App\Adverts\ForecastDesk;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Console\Command;

/** What came of the adverts of an app, or what they would bring. */
final class AdvertsOf extends Command
{
    use FindsApp;

    protected $signature = 'lanai:adverts {app : its number or its slug} {--set=live : sandbox or live} {--forecast} {--days=30} {--seed=1} {--json}';

    protected $description = 'Print what came of the adverts of an app, or what they would bring';

    public function handle(): int
    {
        $app = $this->app();
        if ($app === null) {
            return self::FAILURE;
        }
        $days = max(1, min(365, (int) $this->option('days')));
        if ($this->option('forecast')) {
            $desk = new ForecastDesk($app);
            $assumed = $desk->assumed();
            $forecast = $desk->forecast($assumed, (int) $this->option('seed'), $days);
            if ($this->option('json')) {
                $this->line((string) json_encode(['assumed' => $assumed, 'forecast' => $forecast], JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION));

                return self::SUCCESS;
            }
            [$low, $middle, $high] = $forecast['month'];
            $this->line("In $days days $middle {$desk->currency()} ($low to $high), with {$forecast['inVisit']} adverts in a visit.");
            $rows = [];
            foreach ($forecast['curve'] as $one) {
                $rows[] = [$one['hourly'] ?: 'no cap', $one['month'], $one['inVisit'], round(100 * $one['stay'], 1).' %'];
            }
            $this->table(['at most an hour', "{$desk->currency()} in $days days", 'in a visit', 'come back'], $rows);

            return self::SUCCESS;
        }
        $set = DataSet::tryFrom((string) $this->option('set'));
        $space = $set === null ? null : Space::of($app, $set);
        if ($space === null) {
            $this->error('There is no such data set, or nothing is live yet.');

            return self::FAILURE;
        }
        $figures = (new AdvertDesk($space))->figures($days, new DateTimeImmutable());
        if ($this->option('json')) {
            $this->line((string) json_encode($figures, JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION));

            return self::SUCCESS;
        }
        $rows = [];
        foreach ($figures as $one) {
            $rows[] = [$one['name'], $one['screen'], $one['asked'], $one['filled'], $one['seen'], $one['clicked'], "{$one['earned']} {$one['currency']}"];
        }
        $this->table(['place', 'screen', 'asked for', 'came', 'seen', 'tapped', 'earned'], $rows);

        return self::SUCCESS;
    }
}
