<?php

declare(strict_types=1);

// From an edit to the new view in the deck, beside an empty request of the same server: no edit can answer sooner than a request that does nothing.

use Benchmarks\Bench;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench;
$bench->serve();
$cookies = $bench->signIn();
$round = 0;
$times = Bench::medians(40, [
    'edit' => function () use ($bench, $cookies, &$round): void {
        $round++;
        $state = json_decode($bench->post('/api/apps/1/edits', ['base' => $round, 'what' => 'fill', 'at' => '/screens/0/title', 'text' => "Week $round"], $cookies), true);
        $view = json_decode($bench->post('/device/deck/1/view', [], $cookies), true);
        if ($state['revision']['number'] !== $round + 1 || $view['view']['title'] !== "Week $round") {
            throw new RuntimeException('The deck does not show the edit.');
        }
    },
    'empty' => fn () => $bench->post('/bench/empty', [], $cookies),
]);
$bench->end();
printf("edit to new view in the deck               %.1f ms   (an empty request: %.1f ms; ratio %.1f)\n", $times['edit'], $times['empty'], $times['edit'] / $times['empty']);
