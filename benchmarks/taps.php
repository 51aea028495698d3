<?php

declare(strict_types=1);

// A tap with three effects (take one of what is left, note it, remember when) against the same by hand in one transaction. Aim: 2.
// By hand stands a controller of the same framework and server (HandTap.php) with the fewest statements that do it safely: one
// update that looks, takes and remembers at once, one insert, and the key of the tap, so that a tap sent twice acts once.

use App\Apps\RevisionBook;
use App\Models\Founder;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Benchmarks\Bench;
use Lanai\Core\Model\Blueprint;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$everyone = "  may be seen by everyone\n  may be added by everyone\n  may be changed by everyone\n";
$book = app(RevisionBook::class);
$app = $book->begin(
    Founder::query()->firstOrFail(),
    Blueprint::fromScript(
        "app Jars\ntable Jars, each a Jar\n$everyone  Name is a text, required\n  Left is a whole number from 0 to 100000000, required\n"
            ."  Last is a date and time\ntable Helpings, each a Helping\n$everyone  Jar is one Jar, required\n  Note is a text of at most 100\n"
                ."  At is a date and time\n".
            "screen Jars, first\n  List of Jars\n    tapped:\n      go to Jar with this\nscreen Jar, about one Jar\n  Heading \"{jar.name}\"\n"
                ."  Text \"{jar.left} left\"\n  Input Note is a text of at most 100\n  Button \"Take one\"\n    tapped:\n"
                    ."      lower jar.left by 1 while it is above 0, otherwise say \"Just taken\"\n      add a Helping\n        set Jar = jar\n"
                        ."        set Note = input.note\n        set At = now()\n      change jar\n        set Last = now()\n      say \"Taken\"\n"
                            ."      go back\n",
    ),
);
$book->goLive($app);
$store = new EloquentRecordStore($app, DataSet::Live, $app->refresh()->revision->read());
$jars = $app->revision->read()->tables[0];
foreach (range(1, 200) as $i) {
    $store->add($jars, ['name' => "Jar $i", 'left' => 90_000_000]);
}
$bench->serve();
$n = 0;
$lanai = function () use ($bench, &$n): array {
    return json_decode(
        $bench->post('/device/live/jars/do', [
            'screen' => 'jar',
            'args' => [1 + ($n % 200)],
            'inputs' => ['note' => 'for tea'],
            'at' => '/screens/1/lines/3',
            'tap' => bin2hex(random_bytes(16)),
            'revision' => 1,
        ]),
        true,
    )['outcome'];
};
$hand = function () use ($bench, &$n): array {
    return json_decode(
        $bench->post('/bench/tap', ['jar' => 1 + ($n++ % 200), 'note' => 'for tea', 'tap' => bin2hex(random_bytes(16)), 'revision' => 1]),
        true,
    )['outcome'];
};
foreach ([$lanai(), $hand()] as $outcome) {
    if ([$outcome['done'], $outcome['say'], $outcome['back']] !== [true, ['Taken'], true]) {
        fwrite(STDERR, 'A tap was not done: '.json_encode($outcome)."\n");
        $bench->end();
        exit(1);
    }
}
$times = Bench::medians(200, ['lanai' => $lanai, 'hand' => $hand]);
$bench->end();
printf("tap with three effects / by hand            %.2f   (%.1f ms / %.1f ms; aim: 2)\n", $times['lanai'] / $times['hand'], $times['lanai'], $times['hand']);
