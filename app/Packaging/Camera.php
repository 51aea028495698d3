<?php

declare(strict_types=1);

namespace App\Packaging;

use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Takes pictures of pages of this server with a browser that has no window. It asks a server of its own, so that pictures are taken whether Lanai serves at the
 * moment or not, and wherever it can be reached.
 *
 * @phpstan-type Picture array{size: string, file: string, width: int, height: int, scale: int}
 * @phpstan-type Page array{path: string, agent: string, locale: string, pictures: list<Picture>}
 */
final class Camera
{
    /** Programs that can do it, the smallest first. */
    private const BROWSERS = ['chromium-headless-shell', 'chromium'];

    private const SERVERS = 2;

    /** Seconds after which whatever still runs is ended. */
    private const LONGEST = 600;

    /** Why no pictures can be taken on this computer; '' where they can. */
    public static function refusal(): string
    {
        return match (true) {
            self::browser() === '' => 'Pictures are taken with a browser that has no window, and none is on this computer. Install it with: '
                .'apt-get install chromium-headless-shell',
            (new ExecutableFinder())->find('node') === null => 'Pictures are taken by a program that needs Node, which is not on this computer.',
            default => '',
        };
    }

    private static function browser(): string
    {
        $finder = new ExecutableFinder();
        foreach (self::BROWSERS as $name) {
            $found = $finder->find($name, null, ['/usr/bin']);
            if ($found !== null) {
                return $found;
            }
        }

        return '';
    }

    /**
     * @param  list<Page>  $pages  pages of this server, each in some sizes
     *
     * @throws PackagingFailed
     * @throws BuildCancelled
     */
    public function take(array $pages, ?Job $job = null): void
    {
        $refusal = self::refusal();
        if ($refusal !== '') {
            throw new PackagingFailed($refusal);
        }
        $servers = [];
        $taker = null;
        try {
            $bases = [];
            foreach (range(1, self::SERVERS) as $n) {
                $port = self::freePort();
                // It ends by itself, should this process be killed.
                $servers[] = $server = new Process(
                    [
                        'timeout', (string) self::LONGEST, PHP_BINARY, '-d', 'opcache.enable=1', '-d', 'opcache.enable_cli=1',
                        '-d', 'memory_limit=512M', '-S', "127.0.0.1:$port", base_path('bootstrap/serve.php'),
                    ],
                    public_path(),
                    ['PHP_CLI_SERVER_WORKERS' => false],
                    null,
                    self::LONGEST,
                );
                $server->disableOutput();
                $server->start();
                $bases[] = "http://127.0.0.1:$port";
            }
            foreach ($bases as $base) {
                self::wait($base);
            }
            $taker = new Process(
                ['node', base_path('packaging/pictures/take.mjs')],
                base_path(),
                null,
                json_encode([
                    'browser' => self::browser(),
                    // Chromium does not run in its own sandbox for root.
                    'sandboxed' => ! (function_exists('posix_geteuid') && posix_geteuid() === 0),
                    'bases' => $bases,
                    'pages' => $pages,
                ], JSON_THROW_ON_ERROR),
                self::LONGEST,
            );
            $taker->start();
            $this->follow($taker, array_sum(array_map(fn (array $page): int => count($page['pictures']), $pages)), $job);
        } finally {
            $taker?->stop(2);
            array_map(fn (Process $server) => $server->stop(1), $servers);
        }
    }

    /**
     * @throws PackagingFailed
     * @throws BuildCancelled
     */
    private function follow(Process $taker, int $count, ?Job $job): void
    {
        $taken = 0;
        $failed = '';
        $rest = '';
        do {
            usleep(100_000);
            $running = $taker->isRunning();
            $lines = explode("\n", $rest.$taker->getIncrementalOutput());
            $rest = (string) array_pop($lines);
            foreach ($lines as $line) {
                $told = json_decode($line, true);
                $taken += is_array($told) && isset($told['taken']) ? 1 : 0;
                $failed = is_array($told) && is_string($told['failed'] ?? null) ? $told['failed'] : $failed;
            }
            $job?->at(10 + intdiv(85 * $taken, max(1, $count)));
        } while ($running);
        if ($taken < $count || $failed !== '') {
            throw new PackagingFailed("Picture $taken of $count was the last one. ".($failed !== '' ? $failed : mb_substr($taker->getErrorOutput(), -400)));
        }
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new PackagingFailed('There is no free port.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }

    /** @throws PackagingFailed */
    private static function wait(string $base): void
    {
        foreach (range(1, 100) as $try) {
            $socket = @stream_socket_client(str_replace('http://', 'tcp://', $base), $code, $why, 1);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            usleep(50_000);
        }
        throw new PackagingFailed('The server from which the pictures are taken does not begin.');
    }
}
