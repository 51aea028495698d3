<?php

declare(strict_types=1);

namespace Standins;

/** Runs one of the platform's own tools. */
final class Tool
{
    /**
     * @param  list<string>  $command
     * @return array{int, string} exit code and what it printed
     */
    public static function run(array $command): array
    {
        $process = proc_open($command, [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
        if (! is_resource($process)) {
            return [127, ''];
        }
        $output = stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);

        return [proc_close($process), $output];
    }
}
