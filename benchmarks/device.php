<?php

declare(strict_types=1);

// The demo as a live app in a browser: Lighthouse's judgement of it, how long a tap takes to show on a phone whose processor is four times
// slower, and how long each frame takes while 10,000 rows are scrolled. Lighthouse comes from the registry when it is first wanted.

use Benchmarks\Bench;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$bench->serve(whole: true);
$process = new Process(['node', __DIR__.'/device.mjs', $bench->address], dirname(__DIR__), null, null, 600);
$process->run(function (string $type, string $printed): void {
    fwrite($type === Process::OUT ? STDOUT : STDERR, $printed);
});
exit((int) $process->getExitCode());
