<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Founder;
use App\Records\DataFile;
use App\Records\DataSet;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

final class SeedDemo extends Command
{
    protected $signature = 'lanai:demo {--once : only where nobody has signed up yet} {--again : after what is left of it was removed}';

    protected $description = 'Make the demo founder and the demo app';

    public function handle(): int
    {
        if (! config('lanai.demo') || ($this->option('once') && Founder::query()->exists())) {
            return self::SUCCESS;
        }
        if ($this->option('again')) {
            $demo = Founder::query()->where('email', config('lanai.demo_email'))->first();
            foreach ($demo->apps ?? [] as $app) {
                $folder = $app->folder();
                foreach (DataSet::cases() as $set) {
                    DB::purge((new DataFile($app, $set))->connection);
                }
                $app->delete();
                File::deleteDirectory($folder);
            }
            $demo?->delete();
        }
        $this->laravel->make(DemoSeeder::class)->setContainer($this->laravel)->__invoke();

        return self::SUCCESS;
    }
}
