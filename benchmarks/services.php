<?php

declare(strict_types=1);

// A call through Lanai against the same call with bare Guzzle (aim: at most 1.3), an answer that is kept against reading the
// cache (aim: at most 2), and a hundred devices that ask the same thing at once (aim: one call goes out).
// Bare Guzzle on one kept connection is the least that any PHP program pays for a call. The call is measured to
// a service that takes 40 ms, which is near for one on the net, and to one that answers at once, where all that Lanai adds shows.

use App\Models\App;
use App\Outbound\Practice;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Services\AnswerDatabase;
use App\Services\ServiceDesk;
use Benchmarks\Bench;
use Benchmarks\Size;
use GuzzleHttp\Client;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Services\Answers;
use Lanai\Core\Services\Argument;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\RowsMade;
use Tests\Support\LocalServer;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$median = function (array $times): float {
    sort($times);

    return $times[intdiv(count($times), 2)];
};

$folder = sys_get_temp_dir().'/lanai-bench-'.bin2hex(random_bytes(4));
mkdir($folder);
$standins = LocalServer::standins($folder);
$port = $standins->port;
config(['lanai.standins' => "127.0.0.1:$port", 'lanai.answers' => 'answers']);
$app = App::query()->with('revision')->firstOrFail();
$blueprint = $app->revision->read();
$utc = new DateTimeZone('UTC');
$visit = new Visit(new Moment(new DateTimeImmutable('now', $utc), $utc), waits: true);
$ask = function (string $spot) use ($app, $blueprint, $visit): array {
    $desk = new ServiceDesk($app, DataSet::Sandbox);
    $store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
    $answers = new Answers($desk, new RowsMade($blueprint), $visit, Trail::none());
    $call = Call::to(
        'Conditions',
        [new Argument('Spot', "\"$spot\""), new Argument('Days', '7')],
        new Scene($blueprint, $store, new Reader($store), $visit->moment, Trail::none(), visit: $visit, beside: [Answers::class => $answers]),
    );

    return [$answers, $call];
};
$spots = ['lantern-cove', 'gannet-slip', 'tansy-beach', 'old-lido', 'kelp-point', 'mill-weir', 'wren-bay', 'chapel-rock'];
$client = new Client();
$bare = fn (string $spot): mixed => json_decode(
    (string) $client
        ->get("http://127.0.0.1:$port/almanac/v1/spots/$spot/conditions?days=7", [
            'headers' => ['X-Almanac-Key' => 'practice-key-of-the-sea', 'Accept' => 'application/json'],
        ])
        ->getBody(),
    true,
);
$through = function (string $spot) use ($ask): mixed {
    [$answers, $call] = $ask($spot);
    AnswerDatabase::store()->forget('answer:1:sandbox:'.sha1('Almanac').':'.$call->key());

    return $answers->now($call)->pages[0];
};
if ($bare('lantern-cove') !== $through('lantern-cove')) {
    throw new RuntimeException('The two answers differ.');
}
// What the app's founder has arranged with the practice service, and what anybody else has: both as far away.
$box = "$folder/almanac-".substr(Practice::boxOf($app), 0, 12).'.json';
$away = function (int $milliseconds) use ($folder, $box): void {
    foreach (["$folder/almanac.json", $box] as $file) {
        file_put_contents($file, json_encode(['away' => $milliseconds] + (array) json_decode((string) @file_get_contents($file), true)));
    }
};
foreach ([40, 0] as $milliseconds) {
    $away($milliseconds);
    $times = ['bare' => [], 'through' => []];
    for ($round = 0; $round < Size::rounds(5); $round++) {
        foreach ($spots as $spot) {
            foreach (['bare' => $bare, 'through' => $through] as $name => $way) {
                $from = hrtime(true);
                $way($spot);
                $times[$name][] = (hrtime(true) - $from) / 1e6;
            }
        }
    }
    [$a, $b] = [$median($times['through']), $median($times['bare'])];
    printf(
        "call through Lanai / bare Guzzle, %2d ms away   %.2f   (%.2f ms / %.2f ms%s)\n",
        $milliseconds,
        $a / $b,
        $a,
        $b,
        $milliseconds > 0 ? '; aim 1.3' : '',
    );
}

[$answers, $call] = $ask('lantern-cove');
$answers->now($call);
$key = 'answer:1:sandbox:'.sha1('Almanac').':'.$call->key();
$times = ['kept' => [], 'cache' => []];
for ($round = 0; $round < Size::rounds(400); $round++) {
    $from = hrtime(true);
    AnswerDatabase::store()->get($key);
    $times['cache'][] = (hrtime(true) - $from) / 1e6;
    $desk = new ServiceDesk($app, DataSet::Sandbox);
    $from = hrtime(true);
    $desk->kept($call) ?? throw new RuntimeException('Nothing is kept.');
    $times['kept'][] = (hrtime(true) - $from) / 1e6;
}
[$a, $b] = [$median($times['kept']), $median($times['cache'])];
printf("answer that is kept / reading the cache       %.2f   (%.3f ms / %.3f ms; aim 2)\n", $a / $b, $a, $b);

AnswerDatabase::store()->forget($key);
$before = json_decode((string) file_get_contents($box), true)['calls'];
$children = [];
for ($device = 0; $device < 100; $device++) {
    $pid = pcntl_fork();
    if ($pid === 0) {
        DB::purge();
        DB::purge('lanai');
        DB::purge('answers');
        try {
            [$answers, $call] = $ask('lantern-cove');
            exit($answers->now($call)->isThere() ? 0 : 1);
        } catch (Throwable $exception) {
            fwrite(STDERR, "A device was not answered: {$exception->getMessage()}\n");
            exit(1);
        }
    }
    $children[] = $pid;
}
$good = 0;
foreach ($children as $pid) {
    pcntl_waitpid($pid, $status);
    $good += pcntl_wexitstatus($status) === 0 ? 1 : 0;
}
$calls = json_decode((string) file_get_contents($box), true)['calls'] - $before;
printf("100 devices ask the same at once              %d call%s   (%d answered; aim: one)\n", $calls, $calls === 1 ? '' : 's', $good);
$bench->end();
$standins->stop();
if ($good !== 100 || $calls !== 1) {
    fwrite(STDERR, "Not every device was answered by one call.\n");
    exit(1);
}
