<?php

declare(strict_types=1);

namespace App\Console;

use App\Earnings\RehearsalDesk;
use Illuminate\Console\Command;

final class RehearseApp extends Command
{
    use FindsApp;

    protected $signature = 'lanai:rehearse {app : its address or number} {--product= : a subscription, by its key}
        {--customers= : about how many begin in all; else as many as the founder takes for likely}
        {--months= : 3 to 60} {--seed=1} {--json}';

    protected $description = 'Live through some months of what is sold with made-up customers';

    public function handle(): int
    {
        $app = $this->app();
        if ($app === null) {
            return self::FAILURE;
        }
        $desk = new RehearsalDesk($app);
        $key = (string) $this->option('product');
        $product = array_values(array_filter($desk->products(), fn ($p): bool => $key === '' || $p->key() === $key))[0] ?? null;
        if ($product === null) {
            $this->error($key === '' ? 'There is nothing to rehearse.' : "There is no product “{$key}” to rehearse.");

            return self::FAILURE;
        }
        $assumed = $desk->assumed($product);
        $assumed['months'] = max(3, min(60, (int) ($this->option('months') ?? $assumed['months'])));
        $of = $desk->assumptions($product, $assumed);
        if ($this->option('customers') !== null && $of->buys > 0) {
            $assumed['arrivals'] = max(0, min(1_000_000, (int) $this->option('customers'))) / $assumed['months'] / $of->buys;
        }
        $result = $desk->rehearsed($product, $assumed, (int) $this->option('seed'));
        if ($this->option('json')) {
            $this->line((string) json_encode(['assumed' => $assumed, 'result' => $result], JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION));

            return self::SUCCESS;
        }
        $rows = [];
        foreach ($result['paying'] as $month => $band) {
            $bands = [$band, $result['recurring'][$month], $result['bank'][$month]];
            $rows[] = [$month + 1, ...array_map(fn (array $b): string => "$b[1] ($b[0] to $b[2])", $bands)];
        }
        $this->table(['month', 'people who pay', "{$result['currency']} a month", 'in the bank'], $rows);
        $this->line("Somebody who begins brings {$result['each']} {$result['currency']} and pays for {$result['stay']} months.");

        return self::SUCCESS;
    }
}
