<?php

declare(strict_types=1);

// Runs every promise of speed in turn; each prints its figure as a ratio measured in one run, or a size. With --keep the
// figures are written to docs/benchmarks.md, with their day and revision and beside what stood there before. With --short each does
// one short round, which tells that it still runs and that both sides still answer the same; its figures mean nothing.

use Benchmarks\Figures;

require __DIR__.'/Figures.php';

$keep = in_array('--keep', $argv, true);
$short = in_array('--short', $argv, true);
if ($keep && $short) {
    fwrite(STDERR, "The figures of a short round mean nothing, so they are not kept. Leave out --keep or --short.\n");
    exit(2);
}
if ($short) {
    putenv('LANAI_BENCH_SHORT=1');
}
$wanted = array_values(array_diff(array_slice($argv, 1), ['--keep', '--short']));
$all = ['screen', 'taps', 'edit', 'findings', 'reading', 'saying', 'data', 'import', 'people', 'earnings', 'ads', 'reach', 'services', 'package', 'pictures',
    'bundle', 'device'];
$unknown = array_diff($wanted, $all);
if ($unknown !== []) {
    fwrite(STDERR, 'There is no bench called '.implode(', ', $unknown).'. There are: '.implode(', ', $all).".\n");
    exit(2);
}
$kept = new Figures(dirname(__DIR__).'/docs/benchmarks.md');
$failed = [];
// What takes a browser is measured when it is wanted, not in passing.
$usual = $short ? array_diff($all, ['device', 'pictures']) : $all;
foreach ($wanted === [] ? $usual : array_values(array_intersect($all, $wanted)) as $name) {
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
