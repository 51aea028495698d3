<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * A program that listens on a port of this machine while a test or a benchmark runs.
 *
 * The port is one that the system has free; a program that found it taken after all is begun again on another.
 * Nothing is taken for ready before it answers.
 */
final class LocalServer
{
    private const SECONDS = 60;

    private function __construct(public readonly int $port, private readonly Process $process)
    {
    }

    /**
     * @param  callable(int $port): list<string>  $command
     * @param  array<string, string>  $environment
     *
     * @throws RuntimeException if it does not come to answer
     */
    public static function start(callable $command, array $environment = [], ?string $folder = null): self
    {
        $said = '';
        for ($attempt = 0; $attempt < 3; $attempt++) {
            $port = self::free();
            // In a group of its own, so that what it begins ends with it: also what it has not begun yet when it is ended.
            $process = new Process(['setsid', ...$command($port)], $folder ?? dirname(__DIR__, 2), $environment, null, null);
            // What nobody reads would fill its pipe, and then it would wait for ever.
            $process->disableOutput();
            $process->start();
            for ($until = microtime(true) + self::SECONDS; $process->isRunning() && microtime(true) < $until; usleep(10_000)) {
                if (self::answers($port)) {
                    return new self($port, $process);
                }
            }
            self::end($process);
            $said = 'it ended with '.json_encode($process->getExitCode());
        }

        throw new RuntimeException("A program for the test did not come to answer: $said");
    }

    /**
     * The stand-ins, as `./lanai start` serves them.
     *
     * @param  array<string, string>  $more  what else they are told
     * @param  list<string>  $options  for PHP itself
     */
    public static function standins(string $folder, array $more = [], array $options = []): self
    {
        return self::start(
            fn (int $port): array => [PHP_BINARY, ...$options, '-S', "127.0.0.1:$port", '-t', 'standins/public', 'standins/public/index.php'],
            ['LANAI_STANDINS_FOLDER' => $folder, 'PHP_CLI_SERVER_WORKERS' => '4'] + $more,
        );
    }

    /** Nothing answers any more after it. */
    public function stop(): void
    {
        self::end($this->process);
        for ($until = microtime(true) + self::SECONDS; self::answers($this->port) && microtime(true) < $until; usleep(10_000));
    }

    private static function end(Process $process): void
    {
        $pid = $process->getPid();
        $pid === null || posix_kill(-$pid, SIGKILL);
        $process->stop(0);
    }

    private static function free(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $socket !== false || throw new RuntimeException('This machine has no port free.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    private static function answers(int $port): bool
    {
        $socket = @fsockopen('127.0.0.1', $port, $code, $sentence, 1);
        $answers = is_resource($socket);
        $answers && fclose($socket);

        return $answers;
    }
}
