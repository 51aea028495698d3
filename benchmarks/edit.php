<?php

declare(strict_types=1);

// From an edit to what changed and to the new view in the deck, on the demo and on generated apps of 10, 100 and 500 screens, each
// screen like one of the demo's under a name of its own, reached from a menu. An empty request of the same server is the floor: no edit can answer sooner
// than a request that does nothing. The best opponent for a small edit is the same edit in a small app.

use App\Apps\RevisionBook;
use App\Models\Founder;
use Benchmarks\Bench;
use Benchmarks\Generated;
use Benchmarks\Size;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';
require __DIR__.'/Generated.php';

define('LARGE', Size::short() ? 20 : 500);
$bench = new Bench();
$apps = ['demo' => 1];
foreach (Size::short() ? [10, LARGE] : [10, 100, LARGE] as $wanted) {
    $apps["$wanted screens"] = app(RevisionBook::class)->begin(Founder::query()->firstOrFail(), Generated::app($wanted))->id;
}
$bench->serve();
$cookies = $bench->signIn();
$round = 0;
$sizes = $revisions = $works = [];
$edit = function (string $name, array $edit) use ($bench, $cookies, &$revisions, &$sizes, $apps): array {
    $answer = $bench->post("/api/apps/{$apps[$name]}/edits", ['base' => $revisions[$name], 'page' => '/screens/2', 'edit' => $edit], $cookies);
    $sizes[$name] = strlen($answer);
    $delta = json_decode($answer, true);
    if ($delta['from'] !== $revisions[$name] || ! isset($delta['patch'])) {
        throw new RuntimeException("$name: the answer is no delta.");
    }
    $revisions[$name]++;

    return $delta;
};
foreach ($apps as $name => $id) {
    $from = hrtime(true);
    $state = json_decode($bench->get("/api/apps/$id", $cookies), true);
    $opened[$name] = (hrtime(true) - $from) / 1e6;
    $revisions[$name] = $state['revision']['number'];
    $works[$name] = function () use ($edit, $name, &$round): void {
        $round++;
        $delta = $edit($name, ['do' => 'fill', 'at' => '/screens/2/title', 'text' => "Week $round"]);
        if (! str_contains((string) json_encode($delta['page']), "Week $round")) {
            throw new RuntimeException('The answer does not show the edit.');
        }
    };
    $works["open $name"] = fn () => $bench->get("/api/apps/$id", $cookies);
}
$works['deck'] = function () use ($bench, $cookies, $edit, &$round): void {
    $round++;
    $edit('demo', ['do' => 'fill', 'at' => '/screens/0/title', 'text' => "Week $round"]);
    $view = json_decode($bench->post('/device/deck/1/view', [], $cookies), true);
    if ($view['view']['title'] !== "Week $round") {
        throw new RuntimeException('The deck does not show the edit.');
    }
};
$works['empty'] = fn () => $bench->post('/bench/empty', [], $cookies);
$times = Bench::medians(15, $works);
$text = $bench->get("/api/apps/{$apps[LARGE.' screens']}/script", $cookies);
$times += Bench::medians(5, [
    'script' => function () use ($edit, $text, &$round): void {
        $round++;
        $edit(LARGE.' screens', ['do' => 'rewrite', 'text' => preg_replace('/^app .+$/m', "app Saltlark $round", $text, 1)]);
    },
]);
$bench->end();
printf(
    "edit to new view in the deck               %.1f ms   (an empty request: %.1f ms; ratio %.1f)\n",
    $times['deck'],
    $times['empty'],
    $times['deck'] / $times['empty'],
);
foreach (array_keys($apps) as $name) {
    printf(
        "one small edit, %-26s %.1f ms   (%.2f times that of 10 screens; its answer %.1f kB; opening the app %.0f ms, the first time %.0f ms)\n",
        $name,
        $times[$name],
        $times[$name] / $times['10 screens'],
        $sizes[$name] / 1000,
        $times["open $name"],
        $opened[$name],
    );
}
printf("one line of the script, %d screens        %.0f ms\n", LARGE, $times['script']);
