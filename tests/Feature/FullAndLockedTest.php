<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Support\Facades\DB;
use PDO;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** A disk without room, and a file that somebody else holds. */
final class FullAndLockedTest extends TestCase
{
    private const TAP = [
        'POST',
        '/device/live/a/do',
        ['screen' => 's', 'at' => '/screens/0/lines/1', 'tap' => '0123456789abcdef0123456789abcdef', 'revision' => 1],
    ];

    private const VIEW = ['POST', '/device/live/a/view', []];

    /** A shell that lets no file grow stands for a full disk. */
    public function test_where_nothing_can_be_written_people_still_read(): void
    {
        $this->begin();
        $full = ['sh', '-c', "trap '' XFSZ; ulimit -f 0; exec \"$0\" \"$@\""];
        [$view, $tap, $page, $again] = $this->ask([self::VIEW, self::TAP, ['GET', '/a/a', []], self::VIEW], $full);

        self::assertSame([200, 503, 200, 200], [$view[0], $tap[0], $page[0], $again[0]], $tap[1].$view[1].$page[1]);
        self::assertStringContainsString('Hello Cove', $view[1]);
        self::assertSame(
            'There is no room left on the server, so nothing can be written. What is there can still be read.',
            json_decode($tap[1], true)['message'],
        );
        self::assertSame('60', $tap[2]);
        [$now] = $this->ask([self::TAP]);
        self::assertSame(200, $now[0], $now[1]);
    }

    public function test_a_locked_file_is_waited_for_and_then_told_with_when_to_come_again(): void
    {
        $this->begin();
        $other = new PDO("sqlite:{$this->folder()}/apps/1/live.sqlite");
        $other->exec('begin immediate');
        [$tap, $view] = $this->ask([self::TAP, self::VIEW]);
        $other->exec('rollback');

        self::assertSame([503, '2', 200], [$tap[0], $tap[2], $view[0]], $tap[1]);
        self::assertSame('Others are writing just now. Please try again in a moment.', json_decode($tap[1], true)['message']);
        self::assertSame(200, $this->ask([self::TAP])[0][0]);
    }

    public function test_devices_and_programs_make_no_sessions(): void
    {
        $this->begin();
        $sessions = $this->folder().'/sessions';
        $before = count(glob("$sessions/*") ?: []);
        $answers = $this->ask([
            self::VIEW,
            self::TAP,
            ['GET', '/device/live/a/pulse', []],
            ['GET', '/a/a', []],
            ['GET', '/rest/a/live/jars', []],
            ['POST', '/hook/a/live/'.str_repeat('a', 40), []],
        ]);

        self::assertSame([true], array_values(array_unique(array_column($answers, 3))), 'Nobody gets a cookie.');
        self::assertSame($before, count(glob("$sessions/*") ?: []));
        self::assertFalse($this->ask([['GET', '/api/session', []]])[0][3]);
        self::assertCount($before + 1, glob("$sessions/*") ?: [], 'A founder’s page makes one.');
    }

    /** A lock that is let go between many short steps is caught: SQLite's own waiting grows to a tenth of a second and misses it. */
    public function test_a_writer_comes_in_between_short_steps(): void
    {
        $app = $this->demo();
        $file = new DataFile($app, DataSet::Live);
        $busy = new Process([
            PHP_BINARY,
            '-r',
            '$d = new PDO("sqlite:".$argv[1]); $d->exec("pragma busy_timeout=5000"); echo "."; for ($i = 0; $i < 400; $i++) { $d->exec("begin '
                .'immediate"); usleep(8000); $d->exec("commit"); usleep(2500); }',
            '--',
            $file->path,
        ]);
        $busy->start();
        $busy->waitUntil(fn (): bool => true);
        $waits = [];
        foreach (range(1, 60) as $i) {
            $from = microtime(true);
            DB::connection($file->connection)->transaction(fn () => null);
            $waits[] = microtime(true) - $from;
        }
        self::assertTrue($busy->isRunning());
        $busy->stop(0);
        sort($waits);

        self::assertLessThan(0.05, $waits[30], 'Half of them wait for one step or two.');
    }

    private function begin(): void
    {
        mkdir($this->folder().'/views');
        mkdir($this->folder().'/sessions');
        (new Process([PHP_BINARY, 'artisan', 'migrate', '--force'], base_path(), $this->settings()))->mustRun();
        // As ./lanai does when it builds.
        (new Process([PHP_BINARY, 'artisan', 'view:cache'], base_path(), $this->settings()))->mustRun();
        $script =
            "app A\ntable Jars, each a Jar\n  may be seen by everyone\n  may be added by everyone\n  Name is a text\nscreen S, first\n"
                ."  Text \"Hello {count(jars) == 0 ? 'Cove' : 'Bay'}\"\n  Button \"Add\"\n    tapped:\n      add a Jar\n        set Name = \"x\"\n";
        (new Process([PHP_BINARY, __DIR__.'/../Support/queued.php', 'live', $script], base_path(), $this->settings()))->mustRun();
    }

    /**
     * @param  list<array{string, string, array<string, mixed>}>  $requests
     * @param  list<string>  $within
     * @return list<array{int, string, string|null, bool}>
     */
    private function ask(array $requests, array $within = []): array
    {
        $process = new Process(
            [...$within, PHP_BINARY, __DIR__.'/../Support/asked.php', (string) json_encode($requests)],
            base_path(),
            $this->settings(),
            timeout: 60,
        );
        $process->run();

        return json_decode($process->getOutput(), true) ?? self::fail($process->getOutput().$process->getErrorOutput());
    }

    /** @return array<string, string> */
    private function settings(): array
    {
        return [
            'LANAI_DATABASE' => $this->folder().'/lanai.sqlite',
            'LANAI_APPS' => $this->folder().'/apps',
            'LANAI_LOGS' => $this->folder(),
            'LANAI_CACHE' => $this->folder().'/cache',
            // Where nobody else makes any meanwhile.
            'LANAI_SESSIONS' => $this->folder().'/sessions',
            'VIEW_COMPILED_PATH' => $this->folder().'/views',
            'CACHE_STORE' => 'file',
            'SESSION_DRIVER' => 'file',
            'APP_ENV' => 'production',
        ];
    }
}
