<?php

declare(strict_types=1);

// Findings over a generated app of 500 screens, read as a whole and again after one edit, beside decoding its JSON; and one screen
// laid out on twelve devices, beside encoding its view. Decoding is the least that any
// program must do with an app before it can say anything about it.

use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Memo;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Layout\Survey;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\InMemoryRecordStore;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

define('SCREENS', Benchmarks\Size::short() ? 60 : 500);
$script = (string) file_get_contents(__DIR__.'/../core/tests/Support/saltlark.script');
preg_match_all('/^screen .*?(?=^screen |^tab )/ms', $script, $found);
$screens = '';
for ($i = 0; $i < SCREENS - 7; $i++) {
    // Each screen is like one of the demo's, under a name of its own.
    $screens .= preg_replace(['/^screen (\w+)/', '/, first\b/'], ["screen More $i", ''], $found[0][$i % count($found[0])]);
}
$large = Blueprint::fromScript(str_replace('tab Upcoming as', $screens.'tab Upcoming as', $script));
$json = json_encode($large->data(), JSON_THROW_ON_ERROR);
$memo = new Memo();
Findings::in(Reading::of($large), $memo);
$round = 0;
$times = Benchmarks\Bench::medians(7, [
    'whole' => fn () => Findings::in(Reading::of(Blueprint::fromData(json_decode($json, true)))),
    'edit' => function () use ($large, $memo, &$round): void {
        $edited = (new Fill('/screens/50/title', 'Edited '.$round++))->on($large)->blueprint;
        Findings::in(Reading::of($edited), new Memo($memo->used));
    },
    'json' => fn () => json_decode($json, true),
]);
printf("findings over %d screens / decoding them   %.1f   (%.0f ms / %.1f ms)\n", SCREENS, $times['whole'] / $times['json'], $times['whole'], $times['json']);
printf("and again after one edit / the whole        %.2f   (%.0f ms)\n", $times['edit'] / $times['whole'], $times['edit']);

$demo = Blueprint::fromScript($script);
$store = new InMemoryRecordStore($demo);
for ($i = 0; $i < 20; $i++) {
    $store->add($demo->table('Swims') ?? exit(1), [
        'title' => "A swim with the number $i",
        'spot' => null,
        'starts' => new DateTimeImmutable("+$i hours"),
        'places' => 3,
    ]);
}
$moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'));
$view = (new Player($demo, $store, rehearsal: true))->show(new Visit($moment, 'upcoming'), Trail::none());
$times = Benchmarks\Bench::medians(30, [
    'layout' => fn () => Survey::of(fn (string $form): array => $view, array_slice(Device::all(), 0, 12)),
    'json' => fn () => json_encode($view),
]);
printf(
    "a screen of 20 cards on twelve devices      %.1f ms   (%.2f ms a device; encoding its view: %.3f ms)\n",
    $times['layout'],
    $times['layout'] / 12,
    $times['json'],
);
