<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Models\App;
use App\Models\Revision;
use Closure;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Pattern;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** One package being made: its app, its working folder, and where its progress is told. */
final readonly class Job
{
    /** Tools that run side by side. */
    public const AT_ONCE = 4;

    /**
     * @param  string  $server  where the package finds it, such as https://app.example.com
     * @param  Closure(int, string): void  $tell  gets percent done and a line for the log
     * @param  Closure(): bool  $cancelled
     * @param  Revision|null  $revision  the blueprint's own; null where nobody looks at its rows
     */
    public function __construct(
        public App $app,
        public Blueprint $blueprint,
        public string $server,
        public string $folder,
        private Closure $tell,
        private Closure $cancelled,
        public ?Revision $revision = null,
    ) {
    }

    /** @throws BuildCancelled */
    public function step(int $percent, string $line): void
    {
        if (($this->cancelled)()) {
            throw new BuildCancelled();
        }
        ($this->tell)($percent, $line);
    }

    /**
     * How far it is, without a line for the log.
     *
     * @throws BuildCancelled
     */
    public function at(int $percent): void
    {
        $this->step($percent, '');
    }

    /**
     * Runs a tool in the working folder, and ends it where the founder cancels.
     *
     * @param  list<string>  $command
     * @param  array<string, string>  $secrets  passed in the environment, never in the command
     * @return string what it printed
     *
     * @throws PackagingFailed
     * @throws BuildCancelled
     */
    public function run(array $command, array $secrets = [], int $seconds = 180): string
    {
        return $this->ended($this->begun($command, $secrets, $seconds), $seconds);
    }

    /**
     * Several of them, some at a time.
     *
     * @param  list<list<string>>  $commands
     * @param  string  $in  a folder in the working folder
     *
     * @throws PackagingFailed
     * @throws BuildCancelled
     */
    public function runAll(array $commands, string $in, int $seconds = 180): void
    {
        $open = [];
        try {
            foreach ($commands as $command) {
                if (count($open) === self::AT_ONCE) {
                    $this->ended(array_shift($open), $seconds);
                }
                $open[] = $this->begun($command, [], $seconds, "/$in");
            }
            while ($open !== []) {
                $this->ended(array_shift($open), $seconds);
            }
        } finally {
            array_map(fn (Process $process) => $process->stop(0.5), $open);
        }
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $secrets
     */
    private function begun(array $command, array $secrets, int $seconds, string $in = ''): Process
    {
        $process = new Process($command, $this->folder.$in, $secrets + ['JAVA_TOOL_OPTIONS' => '-XX:TieredStopAtLevel=1 -XX:+UseSerialGC'], null, $seconds);
        $process->start();

        return $process;
    }

    /** @return string what it printed */
    private function ended(Process $process, int $seconds): string
    {
        $name = basename(trim(explode(' ', $process->getCommandLine())[0], "'"));
        try {
            $looked = microtime(true);
            while ($process->isRunning()) {
                usleep(5000);
                $process->checkTimeout();
                if (microtime(true) - $looked > 0.3) {
                    $looked = microtime(true);
                    if (($this->cancelled)()) {
                        $process->stop(0.5);
                        throw new BuildCancelled();
                    }
                }
            }
        } catch (ProcessTimedOutException) {
            throw new PackagingFailed("$name did not end within $seconds seconds.");
        }
        $output = trim(Pattern::replace('/^Picked up JAVA_TOOL_OPTIONS.*$\n?/m', '', $process->getOutput().$process->getErrorOutput()));
        if (! $process->isSuccessful()) {
            throw new PackagingFailed("$name refused: ".mb_substr($output, -1500));
        }

        return $output;
    }

    public function write(string $path, string $contents): void
    {
        $file = "$this->folder/$path";
        if (! is_dir(dirname($file))) {
            mkdir(dirname($file), 0700, true);
        }
        file_put_contents($file, $contents);
    }
}
