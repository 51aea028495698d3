<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\Removal;
use App\Models\Founder;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class SeedDemo extends Command
{
    protected $signature = 'lanai:demo {--once : only where nobody has signed up yet} {--again : after what is left of it was removed}
        {--for= : the e-mail of a founder who gets an app of their own like it}';

    protected $description = 'Make the demo founder and the demo app';

    public function handle(): int
    {
        if (is_string($this->option('for'))) {
            return $this->for($this->option('for'));
        }
        if (! config('lanai.demo') || ($this->option('once') && Founder::query()->exists())) {
            return self::SUCCESS;
        }
        if ($this->option('again')) {
            $demo = Founder::query()->where('email', config('lanai.demo_email'))->first();
            foreach ($demo?->apps()->withTrashed()->get() ?? [] as $app) {
                Removal::forever($app);
            }
            $demo?->delete();
        }
        $this->laravel->make(DemoSeeder::class)->setContainer($this->laravel)->__invoke();

        return self::SUCCESS;
    }

    private function for(string $email): int
    {
        $founder = Founder::query()->where('email', mb_strtolower($email))->first();
        if ($founder === null) {
            $this->error("There is no founder with the e-mail $email.");

            return self::FAILURE;
        }
        $app = $this->laravel->make(DemoSeeder::class)->for($founder);
        $this->line((string) json_encode(['id' => $app->id, 'slug' => $app->slug, 'founder' => $founder->id]));

        return self::SUCCESS;
    }
}
