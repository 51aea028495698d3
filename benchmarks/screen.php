<?php

declare(strict_types=1);

// A screen request against a hand-written Laravel controller that runs the same SQL and returns the same JSON. Aim: at most 1.5.
// It is the best by hand on this server: the same framework without middleware it does not need, one query with the right index,
// and the answer put together as an array (HandWritten.php).

use Benchmarks\Bench;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$bench->serve();
$lanai = json_decode($bench->post('/device/live/saltlark/view'), true);
$hand = json_decode($bench->post('/bench/hand'), true);
if ($lanai['view'] != $hand['view']) {
    fwrite(STDERR, "The two answers are not the same.\n");
    $bench->end();
    exit(1);
}
$times = Bench::medians(150, ['lanai' => fn () => $bench->post('/device/live/saltlark/view'), 'hand' => fn () => $bench->post('/bench/hand')]);
$bench->end();
printf(
    "screen request / hand-written controller   %.2f   (%.1f ms / %.1f ms; aim: at most 1.5)\n",
    $times['lanai'] / $times['hand'],
    $times['lanai'],
    $times['hand'],
);
