<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\OldWork;
use App\Console\Tend;
use App\Console\Work;
use App\Jobs\AtWork;
use App\Jobs\RunImport;
use App\Models\Import;
use App\Models\RoutineRun;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** A part of Lanai that is killed is begun again, and what it was at is taken up or ended: nothing is lost and nothing stuck. */
final class KilledPartsTest extends TestCase
{
    #[TestWith(['import', 8])]
    #[TestWith(['routine', 6])]
    #[TestWith(['build', 6])]
    public function test_a_worker_that_is_killed_at_any_point_loses_nothing(string $what, int $points): void
    {
        $this->artisanIn('migrate', '--force')->mustRun();
        $this->state('begin');
        $random = new Randomizer(new Mt19937(crc32($what)));
        foreach (range(1, $points) as $point) {
            $before = $this->state($what);
            $worker = $this->artisanIn('lanai:work', $what.'s');
            $worker->start();
            usleep($random->getInt(150, 900) * 1000);
            $worker->isRunning() && $worker->signal(SIGKILL);
            $worker->wait();
            // The next one comes, as ./lanai keep begins it.
            $next = $this->artisanIn('lanai:work', $what.'s');
            $next->start();
            $until = microtime(true) + 60;
            do {
                usleep(200_000);
                $after = $this->state('state');
            } while (($after['jobs'] > 0 || in_array($after[$what] ?? '', ['queued', 'running'], true)) && microtime(true) < $until);
            $next->stop(3);

            self::assertSame(
                [0, 0, 0, 'ok'],
                [$after['jobs'], $after['left'], $after['folders'], $after['whole']],
                "$what, point $point: ".json_encode($after),
            );
            if ($what === 'import') {
                self::assertSame(['done', ($before['spots'] ?? 0) + 6000], [$after['import'], $after['spots']], "point $point");
            } elseif ($what === 'build') {
                self::assertSame('done', $after['build'], "point $point: ".json_encode($after['log']));
            } else {
                self::assertSame(20 * $point, ($after['routines']['done'] ?? 0) + ($after['routines']['failed'] ?? 0), json_encode($after));
                self::assertGreaterThanOrEqual($after['routines']['done'], $after['greetings'], 'Each that says it is done is done.');
            }
        }
    }

    public function test_what_no_queue_knows_is_taken_up_twice_and_then_ended(): void
    {
        Queue::fake();
        $app = $this->demo();
        $import = $app
            ->imports()
            ->create([
                'dataset' => 'sandbox',
                'stored' => 'spots',
                'kind' => 'csv',
                'file' => 'gone.csv',
                'name' => 'x',
                'state' => 'running',
                'plan' => ['to' => ['name'], 'key' => '', 'onlyRight' => false, 'skip' => []],
            ]);
        file_put_contents($import->path(), "Name\nA\n");
        $build = $app
            ->builds()
            ->create(['revision_id' => $app->revision->id, 'target' => 'web', 'version' => '1.0.0', 'number' => 1, 'here' => true, 'state' => 'running']);
        mkdir($app->folder().'/work-abc');
        $run = RoutineRun::query()->create([
            'app_id' => $app->id,
            'dataset' => 'sandbox',
            'routine' => 'x',
            'because' => '',
            'given' => [],
            'chain' => [],
            'state' => 'waiting',
            'tries' => 3,
            'steps' => [],
            'said' => '',
        ]);
        $this->artisan(Tend::class)->assertSuccessful();
        self::assertSame('running', $import->refresh()->state, 'A moment ago it was told of.');
        foreach (['queued', 'queued', 'failed'] as $state) {
            $this->travel(30)->seconds();
            $this->artisan(Tend::class)->assertSuccessful();
            self::assertSame([$state, $state], [$import->refresh()->state, $build->refresh()->state]);
        }
        Queue::assertPushed(RunImport::class, 2);
        self::assertSame('failed', $run->refresh()->state);
        self::assertStringContainsString('interrupted', $run->said);
        self::assertFileDoesNotExist($import->path());
        self::assertSame([], glob($app->folder().'/work-*'));
        self::assertSame('The import ended unexpectedly. Nothing of it was kept; please try again.', $import->trouble);
    }

    public function test_two_workers_of_one_queue_are_one_too_many(): void
    {
        $held = AtWork::on('worker-builds');
        self::assertNotNull($held);
        $this->artisan(Work::class, ['lane' => 'builds'])
            ->expectsOutput('Another worker already does the builds.')
            ->assertFailed();
        $this->artisan(Work::class, ['lane' => 'laundry'])
            ->expectsOutput('The queues are letters, messages, routines, imports, builds.')
            ->assertExitCode(2);
        $held->end();
        self::assertNotNull(AtWork::on('worker-builds'));
    }

    public function test_what_nobody_needs_any_more_is_removed(): void
    {
        $app = $this->demo();
        $import = $app->imports()->create(['dataset' => 'sandbox', 'stored' => 'spots', 'kind' => 'csv', 'file' => 'old.csv', 'name' => 'x', 'plan' => []]);
        file_put_contents($import->path(), 'x');
        DB::connection("app_{$app->id}_live")->insert(
            "insert into _taps (tap, answer, at) values ('old', '{}', datetime('now', '-15 days')), ('new', '{}', datetime('now', '-12 days'))",
        );
        DB::connection("app_{$app->id}_live")->statement('create table "_in_spots" (x)');
        mkdir($app->folder().'/work-old');
        touch($app->folder().'/work-old', time() - 4000);
        mkdir($app->folder().'/work-new');
        $sessions = $this->folder().'/sessions';
        mkdir($sessions);
        touch("$sessions/old", time() - 60 * 60 * 24 * 40);
        touch("$sessions/new");
        config(['session.driver' => 'file', 'session.files' => $sessions]);
        $this->travel(25)->hours();
        $pruned = OldWork::prune();

        self::assertSame(['answers to taps' => 1, 'files to be brought in' => 1, 'folders of work' => 2, 'tiles of maps' => 0, 'sessions' => 1], $pruned);
        self::assertSame(
            ['new'],
            DB::connection("app_{$app->id}_live")
                ->table('_taps')
                ->pluck('tap')
                ->all(),
        );
        self::assertSame(0, DB::connection("app_{$app->id}_live")->scalar("select count(*) from sqlite_master where name = '_in_spots'"));
        self::assertFalse(is_file($import->path()) || Import::query()->exists());
    }

    public function test_logs_are_begun_anew_before_they_fill_the_disk(): void
    {
        config(['lanai.logs' => $this->folder()]);
        $log = $this->folder().'/server.log';
        $writer = fopen($log, 'a');
        foreach (['a', 'b', 'c', 'd'] as $letter) {
            fwrite($writer, str_repeat($letter, 5_300_000));
            OldWork::logs();
        }
        fwrite($writer, 'e');
        clearstatcache();

        self::assertSame(
            ['e', 'd', 'c', 'b'],
            array_map(fn (string $end): string => (string) file_get_contents($log.$end, false, null, 0, 1), ['', '.1', '.2', '.3']),
        );
        self::assertFileDoesNotExist("$log.4");
    }

    /** A part that ends is begun again, with pauses that grow. */
    public function test_a_part_that_ends_is_begun_again(): void
    {
        $keeper = new Process(['./lanai', 'keep', 'part', 'sh', '-c', "echo begun >> {$this->folder()}/runs; exit 3"], base_path());
        $keeper->start();
        $until = microtime(true) + 20;
        while (substr_count($keeper->getOutput(), 'begun again') < 3 && microtime(true) < $until) {
            usleep(50_000);
        }
        $keeper->stop(0);

        preg_match_all('/ended with 3; it is begun again in (\d+) s/', $keeper->getOutput(), $pauses);
        self::assertSame(['1', '2', '4'], $pauses[1]);
        self::assertGreaterThanOrEqual(3, substr_count((string) file_get_contents($this->folder().'/runs'), 'begun'));
    }

    public function test_a_key_that_is_missing_beside_data_is_told_and_not_made_anew(): void
    {
        $copy = $this->folder().'/copy';
        mkdir("$copy/storage", 0700, true);
        copy(base_path('lanai'), "$copy/lanai");
        file_put_contents("$copy/storage/lanai.sqlite", 'data');
        // Everything that stands before the key in the order of beginning is taken for there.
        $script = (string) preg_replace('/^prepare\(\) \{.*?^\}/ms', 'prepare() { environment; echo made; }', (string) file_get_contents(base_path('lanai')));
        file_put_contents("$copy/lanai", $script);
        chmod("$copy/lanai", 0700);
        $start = new Process(["$copy/lanai", 'bench'], $copy, ['APP_KEY' => false, 'LANAI_DATABASE' => false]);
        $start->run();
        self::assertSame(1, $start->getExitCode());
        self::assertStringContainsString('the file .env with its key is missing', $start->getErrorOutput());
        self::assertFileDoesNotExist("$copy/.env");

        $reset = new Process(["$copy/lanai", 'reset'], $copy, ['APP_KEY' => false, 'LANAI_DATABASE' => false]);
        $reset->run();
        self::assertStringContainsString('Say so: ./lanai reset --yes', $reset->getErrorOutput());
        self::assertFileExists("$copy/storage/lanai.sqlite");
    }

    /** @return array<string, mixed> */
    private function state(string $what): array
    {
        $process = new Process([PHP_BINARY, __DIR__.'/../Support/queued.php', $what], base_path(), $this->settings());
        $process->mustRun();

        return (array) json_decode($process->getOutput(), true);
    }

    private function artisanIn(string ...$command): Process
    {
        return new Process([PHP_BINARY, 'artisan', ...$command], base_path(), $this->settings(), timeout: 120);
    }

    /** @return array<string, string> */
    private function settings(): array
    {
        return [
            'LANAI_DATABASE' => $this->folder().'/lanai.sqlite',
            'LANAI_APPS' => $this->folder().'/apps',
            'LANAI_LOGS' => $this->folder(),
            'QUEUE_CONNECTION' => 'database',
            'APP_ENV' => 'production',
        ];
    }
}
