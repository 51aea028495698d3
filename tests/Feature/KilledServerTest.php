<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/**
 * Lanai as ./lanai start serves it, with a process of each part killed at random moments while a device taps: no tap is lost
 * or done twice, and every part is there again. Twenty processes are killed; LANAI_POINTS says how many of each part.
 */
final class KilledServerTest extends TestCase
{
    private const PARTS = ['server', 'standins', 'letterbox', 'crier', 'schedule', 'letters'];

    private ?Process $lanai = null;

    public function test_a_part_that_is_killed_at_any_point_loses_nothing_and_comes_again(): void
    {
        $port = $this->freePorts();
        $this->artisanIn('migrate', '--force')->mustRun();
        $script =
            "app A\ntable Jars, each a Jar\n  may be seen by everyone\n  may be added by everyone\n  Name is a text\nscreen S, first\n"
                ."  Text \"{count(jars)}\"\n  Button \"Add\"\n    tapped:\n      add a Jar\n        set Name = \"x\"\n";
        (new Process([PHP_BINARY, __DIR__.'/../Support/queued.php', 'live', $script], base_path(), $this->settings()))->mustRun();
        $lanai = $this->lanai = new Process(['setsid', './lanai', 'start', '--port', (string) $port], base_path(), $this->settings(), timeout: 600);
        $lanai->start();
        $taps = new Process(
            [PHP_BINARY, __DIR__.'/../Support/taps-on.php', "http://127.0.0.1:$port/device/live/a/do", $this->folder().'/stop'],
            timeout: 600,
        );
        try {
            $this->until(
                fn (): bool => str_contains($lanai->getOutput(), 'Lanai is ready'),
                60,
                fn (): string => $lanai->getOutput().$lanai->getErrorOutput(),
            );
            $taps->start();
            $random = new Randomizer(new Mt19937(11));
            $kills = array_merge(...array_fill(0, (int) (getenv('LANAI_POINTS') ?: 4), self::PARTS));
            foreach ($random->shuffleArray($kills) as $part) {
                usleep($random->getInt(0, 300_000));
                $there = [];
                $this->until(
                    function () use (&$there, $part, $port): bool {
                        return ($there = $this->processes($part, $port)) !== [];
                    },
                    60,
                    fn (): string => $this->log($part),
                );
                $random->getInt(0, 1) === 1 ? posix_kill($there[0], SIGKILL) : posix_kill($there[count($there) - 1], SIGKILL);
            }
            foreach (self::PARTS as $part) {
                $this->until(fn (): bool => $this->processes($part, $port) !== [], 60, fn (): string => $this->log($part));
            }
            foreach ([$port, $port + 1, $port + 2, $port + 3] as $each) {
                $this->until(fn (): bool => $this->answers($each), 60, fn (): string => "Nothing answers at $each.");
            }
            touch($this->folder().'/stop');
            $taps->wait();
        } finally {
            $lanai->stop(10, SIGTERM);
        }
        $told = json_decode($taps->getOutput(), true);
        $rows = new PDO("sqlite:{$this->folder()}/apps/1/live.sqlite");

        self::assertGreaterThan(20, $told['done']);
        self::assertLessThan(60, $told['waited']);
        self::assertSame(
            [$told['done'], 'ok'],
            [$rows->query('select count(*) from jars')->fetchColumn(), $rows->query('pragma integrity_check')->fetchColumn()],
            $taps->getOutput(),
        );
        foreach (self::PARTS as $part) {
            $this->until(fn (): bool => $this->processes($part, $port) === [], 10, fn (): string => "$part goes on after the end.");
        }
    }

    /** @return list<int> the processes of a part of this Lanai, the one that was begun first first */
    private function processes(string $part, int $port): array
    {
        $sign = [
            'server' => "-S\x00127.0.0.1:$port\0",
            'standins' => '-S'."\0".'127.0.0.1:'.($port + 1)."\0",
            'letterbox' => "letterbox.php\0".($port + 2)."\0",
            'crier' => "crier.mjs\0".($port + 3)."\0",
            'schedule' => "artisan\0schedule:work\0",
            'letters' => "artisan\0lanai:work\0letters\0",
        ][$part];
        $found = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $command = (string) @file_get_contents($file);
            if (
                in_array(substr(basename(explode("\0", $command)[0]), 0, 3), ['php', 'nod'], true) &&
                str_contains($command, $sign) &&
                str_contains((string) @file_get_contents(dirname($file).'/environ'), $this->folder())
            ) {
                $found[] = (int) basename(dirname($file));
            }
        }
        sort($found);

        return $found;
    }

    private function log(string $part): string
    {
        return "The $part did not come again; Lanai itself ended with ".
            json_encode($this->lanai?->getExitCode()).
            ".\n".
            $this->lanai?->getErrorOutput().
            substr((string) @file_get_contents("{$this->folder()}/$part.log"), -2000);
    }

    private function answers(int $port): bool
    {
        $socket = @fsockopen('127.0.0.1', $port, $code, $sentence, 1);
        $answers = is_resource($socket);
        $answers && fclose($socket);

        return $answers;
    }

    private function freePorts(): int
    {
        $taken = fn (int $port): bool => array_filter(range($port, $port + 3), $this->answers(...)) !== [];
        for ($port = random_int(20_000, 29_000); $taken($port); $port += 4);

        return $port;
    }

    /**
     * @param  callable(): bool  $there
     * @param  callable(): string  $why
     */
    private function until(callable $there, int $seconds, callable $why): void
    {
        $until = microtime(true) + $seconds;
        while (! $there()) {
            microtime(true) < $until || self::fail($why());
            usleep(50_000);
        }
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
            'LANAI_CACHE' => $this->folder().'/cache',
            'LANAI_STANDINS_FOLDER' => $this->folder().'/standins',
            'LANAI_DEMO' => 'false',
            'CACHE_STORE' => 'file',
            'QUEUE_CONNECTION' => 'database',
            'APP_ENV' => 'production',
        ];
    }
}
