<?php

declare(strict_types=1);

namespace Tests\Feature;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\Support\LocalServer;
use Tests\TestCase;

/** Ten thousand people are sent a message while the worker that sends it is killed five times: each of them has it, once. */
final class KilledMessagesTest extends TestCase
{
    private const PEOPLE = 10_000;

    public function test_each_gets_it_once_though_the_worker_is_killed(): void
    {
        $folder = $this->folder().'/crier';
        $crier = LocalServer::start(
            fn (int $port): array => ['node', 'standins/crier/crier.mjs', (string) $port, $folder],
            ['LANAI_STANDIN_TOKEN' => 'a-key'],
        );
        try {
            $this->ran('artisan', ['migrate', '--force'], $crier->port);
            $this->ran('tests/Support/posted.php', ['begin', (string) self::PEOPLE], $crier->port);
            $random = new Randomizer(new Mt19937(7));
            foreach (range(1, 5) as $kill) {
                $worker = $this->process('artisan', ['lanai:work', 'messages'], $crier->port);
                $worker->start();
                usleep($random->getInt(600, 1500) * 1000);
                self::assertTrue($worker->isRunning(), "Kill $kill: ".$worker->getErrorOutput());
                $worker->signal(SIGKILL);
                $worker->wait();
            }
            $state = $this->ran('tests/Support/posted.php', ['state'], $crier->port);
            self::assertLessThan(self::PEOPLE, $state['posts']['sent'] ?? 0, 'It was killed before all was done.');
            // The next one comes, as ./lanai keep begins it, and each minute it is looked whether something waits.
            $worker = $this->process('artisan', ['lanai:work', 'messages'], $crier->port);
            $worker->start();
            $until = microtime(true) + 120;
            do {
                $this->ran('artisan', ['lanai:messages'], $crier->port);
                $state = $this->ran('tests/Support/posted.php', ['state'], $crier->port);
            } while (($state['posts']['sent'] ?? 0) < self::PEOPLE && microtime(true) < $until);
            $worker->stop(3);

            self::assertSame([['sent' => self::PEOPLE], 1], [$state['posts'], $state['chosen']]);
            // How many phones have how many; those without any were made when a connection broke, and nobody has them.
            $shown = $this->ran('tests/Support/posted.php', ['shown'], $crier->port)['shown'];
            self::assertSame([1 => self::PEOPLE], array_diff_key($shown, [0 => true]));
        } finally {
            $crier->stop();
        }
    }

    /**
     * @param  list<string>  $with
     * @return array<string, mixed>
     */
    private function ran(string $script, array $with, int $port): array
    {
        $process = $this->process($script, $with, $port);
        $process->mustRun();

        return (array) json_decode($process->getOutput(), true);
    }

    /** @param  list<string>  $with */
    private function process(string $script, array $with, int $port): Process
    {
        return new Process([PHP_BINARY, $script, ...$with], base_path(), [
            'LANAI_DATABASE' => $this->folder().'/lanai.sqlite',
            'LANAI_APPS' => $this->folder().'/apps',
            'LANAI_LOGS' => $this->folder(),
            'LANAI_CACHE' => $this->folder().'/cache',
            'LANAI_STANDINS_FOLDER' => $this->folder().'/crier',
            'LANAI_CRIER' => "127.0.0.1:$port",
            'QUEUE_CONNECTION' => 'database',
            'CACHE_STORE' => 'file',
            'APP_ENV' => 'production',
        ], timeout: 180);
    }
}
