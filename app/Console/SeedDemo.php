<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Founder;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class SeedDemo extends Command
{
    protected $signature = 'lanai:demo {--once : only where nobody has signed up yet}';

    protected $description = 'Make the demo founder and the demo app';

    public function handle(): int
    {
        if (! config('lanai.demo') || ($this->option('once') && Founder::query()->exists())) {
            return self::SUCCESS;
        }
        $this->laravel->make(DemoSeeder::class)->setContainer($this->laravel)->__invoke();

        return self::SUCCESS;
    }
}
