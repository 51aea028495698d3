<?php

declare(strict_types=1);

// How many of the sayings that people wrote down expectations for are understood as they meant them, how many of what must be refused is, and how long one
// saying takes on the demo, the app with the most names. Then fifty errands of some steps each on the demo, one after the other as after an edit.
// Aims: 0.9 of the sayings, all refusals, under 150 ms a saying, fifty errands under 2 s.

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\Studio\ErrandDesk;
use Benchmarks\Bench;
use Benchmarks\Size;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Saying\Sayer;
use Lanai\Core\Tests\Saying\SayingTest;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$at = __DIR__.'/../core/tests/Saying';
$sayer = new Sayer();
$sayings = require "$at/sayings.php";
$hits = count(array_filter($sayings, fn (array $one): bool => SayingTest::missing($sayer, $one[0], $one[1], $one[2]) === []));
printf("%-43s%.2f (%d of %d; aim: 0.9)\n", 'sayings understood as they were meant', $hits / count($sayings), $hits, count($sayings));
$refusals = require "$at/refusals.php";
$refused = count(array_filter($refusals, fn (array $one): bool => array_filter(
    $sayer->hear(SayingTest::app(), $one[0]),
    fn (array $part): bool => ! $part['understood']->cannot,
) === []));
printf("%-43s%d of %d\n", 'refused kindly', $refused, count($refusals));

$app = App::query()->firstOrFail();
$demo = $app->revision->read();
$times = [];
foreach (Size::short() ? array_slice($sayings, 0, 10) : $sayings as [$saying]) {
    // What is said of kilns is said of the demo's own things.
    $said = strtr($saying, ['glazes' => 'spots', 'firings' => 'swims', 'kilns' => 'posts', 'shares' => 'bookings']);
    $from = hrtime(true);
    $sayer->hear($demo, $said);
    $times[] = (hrtime(true) - $from) / 1e6;
}
sort($times);
$of = fn (float $share): float => $times[(int) floor($share * (count($times) - 1))];
printf("%-43s%.0f ms; nine of ten under %.0f ms  (aim: under 150)\n", 'one saying, on the demo', $of(0.5), $of(0.9));

$errand = fn (int $n): string => "errand Errand $n, as \"Tomas Lindqvist\"\n  then tap \"Buoy to buoy\"\n  then type \"T\" into \"Name\"\n".
    "  then tap \"Count me in\"\n  then see \"See you at\"\n  then open \"Mine\"\n  then see \"Buoy to buoy\"\n";
$many = Size::short() ? 5 : 50;
$script = $demo->script()."\n".implode("\n", array_map($errand, range(1, $many)));
app(RevisionBook::class)->edit($app, Founder::query()->firstOrFail(), $app->revision->number, new Rewrite($script));
$app->refresh();
$from = hrtime(true);
$done = (new ErrandDesk())->all($app);
$took = (hrtime(true) - $from) / 1e9;
$broken = count(array_filter($done, fn (array $one): bool => $one['wrong'] !== ''));
printf("%-43s%.1f s, %d broken  (aim: fifty under 2 s)\n", "$many errands, one after the other", $took, $broken);
