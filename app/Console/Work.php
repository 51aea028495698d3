<?php

declare(strict_types=1);

namespace App\Console;

use App\Jobs\AtWork;
use App\Jobs\Lane;
use App\Reach\Herald;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** The worker of one queue. Jobs that the one before it was at when it died are taken up at once. */
final class Work extends Command
{
    protected $signature = 'lanai:work {lane}';

    protected $description = 'Do the jobs of one queue';

    public function handle(): int
    {
        $lane = Lane::tryFrom((string) $this->argument('lane'));
        if ($lane === null) {
            $this->error('The queues are '.implode(', ', array_column(Lane::cases(), 'value')).'.');

            return self::INVALID;
        }
        $held = AtWork::on("worker-$lane->value");
        if ($held === null) {
            $this->error("Another worker already does the $lane->value.");

            return self::FAILURE;
        }
        DB::table('jobs')->where('queue', $lane->value)->whereNotNull('reserved_at')->update(['reserved_at' => null, 'available_at' => now()->timestamp]);
        $lane === Lane::Messages && rescue(Herald::takeUpAgain(...));
        $code = $this->call('queue:work', [
            '--queue' => $lane->value,
            '--sleep' => 0.2,
            '--tries' => 1,
            '--timeout' => $lane->timeout(),
            '--memory' => $lane->memory(),
            '--max-time' => 3600,
            '--quiet' => true,
        ]);
        $held->end();

        return $code;
    }
}
