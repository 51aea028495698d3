<?php

declare(strict_types=1);

// Runs every promise of speed in turn; each prints its figure as a ratio measured in one run, or a size. With --keep the
// figures are written to docs/benchmarks.md, with their day and revision and beside what stood there before.

use Benchmarks\Kept;

require __DIR__.'/Kept.php';

$keep = in_array('--keep', $argv, true);
$wanted = array_values(array_diff(array_slice($argv, 1), ['--keep']));
$all = ['screen', 'taps', 'edit', 'reading', 'data', 'import', 'people', 'services', 'package', 'bundle'];
$unknown = array_diff($wanted, $all);
if ($unknown !== []) {
    fwrite(STDERR, 'There is no bench called '.implode(', ', $unknown).'. There are: '.implode(', ', $all).".\n");
    exit(2);
}
$kept = new Kept(dirname(__DIR__).'/docs/benchmarks.md');
$failed = [];
foreach ($wanted === [] ? $all : array_values(array_intersect($all, $wanted)) as $name) {
    $process = popen(PHP_BINARY.' '.escapeshellarg(__DIR__."/$name.php"), 'r');
    $printed = '';
    while ($process !== false && ($line = fgets($process)) !== false) {
        echo $line;
        $printed .= $line;
    }
    // One that fails does not end the others.
    if ($process === false || pclose($process) !== 0) {
        $failed[] = $name;
    } elseif ($keep) {
        $kept->note($name, $printed, gmdate('Y-m-d'), trim((string) shell_exec('git rev-parse --short HEAD 2> /dev/null')));
    }
}
if ($keep) {
    $kept->write();
}
if ($failed !== []) {
    fwrite(STDERR, 'Without a figure: '.implode(', ', $failed)."\n");
    exit(1);
}
