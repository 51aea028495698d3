<?php

declare(strict_types=1);

// Messages: choosing the people by a formula over a million rows, against the SQL that one would write by hand (aim: at most 1.3), and sending ten thousand
// through Crier, against the same requests sent bare over HTTP/2 (aim: at most 1.5).
//
// What it costs that people are counted: screens that are asked for with what was done since, as a device asks for them (it tells only once there is
// enough of it), beside the same without. Aim: at most 1.03. What is counted is counted once the answer has gone, before the next one is served.

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\Outbound\Call;
use App\Outbound\Many;
use App\Reach\Audience;
use App\Reach\Carriers\Ios;
use App\Reach\Carriers\Parcel;
use App\Reach\Carriers\Phone;
use App\Reach\Carrying;
use App\Reach\Choosing;
use App\Reach\MessageBook;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use Benchmarks\Bench;
use Benchmarks\Size;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reach\Words;
use Tests\Support\LocalServer;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$app = App::query()->with('revision')->firstOrFail();
$bench->serve(true);
$path = "/device/share/$app->share_code/view";
$screens = ['upcoming', 'spots', 'feed'];
// As the device has it, so that the two cannot drift apart.
preg_match('/^const ENOUGH = (\d+)$/m', (string) file_get_contents(__DIR__.'/../web/device/counting.ts'), $said) === 1
    || throw new LogicException('The device does not say when there is enough to tell.');
$enough = (int) $said[1];
$asks = function (bool $counts) use ($bench, $path, $screens, $enough): Closure {
    $n = 0;

    return function () use ($bench, $path, $screens, $counts, $enough, &$n): void {
        // Each of a thousand people looks at three screens, taps once on each and goes on; then comes the next one.
        $device = sprintf('%08d-2222-4333-8444-555555555555', $n++ % 1000);
        $steps = [];
        foreach ($screens as $screen) {
            array_push($steps, ['what' => 'screen', 'of' => $screen], ['what' => 'tap', 'of' => '/screens/0/lines/1'], ['what' => 'screen', 'of' => 'spots']);
            $tells = $counts && count($steps) >= $enough;
            $bench->post($path, ['screen' => $screen, 'zone' => 'UTC'] + ($tells ? ['counted' => ['device' => $device, 'steps' => $steps]] : []));
        }
    };
};
$times = Bench::medians(100, ['with' => $asks(true), 'without' => $asks(false)]);
$told = DB::connection((new DataFile($app, DataSet::Sandbox))->connection)->table('_visitors')->count();
$told === Size::rounds(100) || throw new LogicException("Of so many people $told were counted.");
printf(
    "three screens, counted / not counted         %.2f   (%.1f ms / %.1f ms; aim: at most 1.03)\n",
    $times['with'] / $times['without'],
    $times['with'],
    $times['without'],
);
$bench->end();

$script = <<<'APP'
app Reef
sign-in at Start
  as a guest
table Spots, each a Spot
  may be seen by everyone
  Name is a text
  Water is a decimal
table People, each a Person, who sign in
  may be seen by everyone
  Name is a text
  Home is one Spot
  Visits is a whole number
screen Start, first
  Text "Here"
messages
  channel News
message Warm, on News, to those where home.water > 15 and visits >= 3
  says "{me.home.name} is warm", then "Come in, {me.name}."
message All, on News, to those where visits >= 0
  says "{me.home.name} is at {me.home.water} °C", then "Come in, {me.name}."
APP;
$reef = app(RevisionBook::class)->begin(Founder::query()->firstOrFail(), Blueprint::fromScript($script));
$space = Space::sandbox($reef->refresh());
$database = DB::connection((new DataFile($reef, DataSet::Sandbox))->connection);
$many = Size::rows(1_000_000, 2000);
$count = 'with recursive n(i) as (select 1 union all select i + 1 from n where i < ';
$database->statement("insert into spots (id, name, water) {$count}500) select i, 'Spot ' || i, 8 + i % 12 from n");
$database->statement("insert into people (id, name, home, visits) {$count}$many) select i, 'Person ' || i, 1 + i % 500, i % 9 from n");
$database->statement('analyze');
$now = new DateTimeImmutable('now', new DateTimeZone('UTC'));
$chosen = function () use ($space, $now): int {
    $audience = new Audience($space, $space->blueprint()->message('warm'), $now);
    for ($count = 0, $after = 0, $more = true; $more; $after = $page['upto'], $more = $page['more']) {
        $page = $audience->people(null, $after, 200_000);
        $count += count($page['people']);
    }

    return $count;
};
$by = 'select p.id from people p join spots s on s.id = p.home where s.water > 15 and p.visits >= 3 order by p.id';
$hand = fn (): int => count($database->getPdo()->query($by)->fetchAll(PDO::FETCH_COLUMN));
if ($chosen() !== $hand()) {
    fwrite(STDERR, 'Not the same people are chosen: '.$chosen().' and '.$hand()."\n");
    exit(1);
}
$times = Bench::medians(5, ['lanai' => $chosen, 'sql' => $hand]);
printf(
    "people chosen by a formula / by SQL          %.2f   (%.0f ms / %.0f ms, of %s; aim: at most 1.3)\n",
    $times['lanai'] / $times['sql'],
    $times['lanai'],
    $times['sql'],
    number_format($many),
);

$folder = sys_get_temp_dir().'/lanai-bench-'.bin2hex(random_bytes(4));
$crier = LocalServer::start(fn (int $port): array => ['node', 'standins/crier/crier.mjs', (string) $port, $folder], ['LANAI_STANDIN_TOKEN' => 'a-key']);
$at = "127.0.0.1:$crier->port";
$ios = ['url' => "https://$at/crier/3/device", 'key' => "$folder/crier-ios.pem", 'kid' => 'PRACTICE01', 'team' => 'PRACTICE00'];
config(['lanai.crier' => $at, 'lanai.crier_certificate' => "$folder/crier.crt", 'lanai.push.sandbox.ios' => $ios]);
$people = Size::rows(10_000, 200);
$database->table('people')->where('id', '>', $people)->delete();
$box = str_repeat('a', 32);
$made = (fn (): Generator => yield from array_fill(1, $people, new Call(
    "https://$at/crier/phones",
    ['X-Practice-Box' => $box, 'Content-Type' => 'application/json'],
    '{"kind":"ios"}',
)))();
$tokens = [];
foreach ((new Many())->send($made) as $person => $told) {
    $tokens[$person] = json_decode($told->body, true)['id'];
}
foreach (array_chunk($tokens, 1000, true) as $some) {
    $database->table('_phones')->insert(array_map(fn (int $person, string $token): array => [
        'handle' => "phone-$person", 'person' => $person, 'carrier' => 'ios', 'address' => $token, 'since' => 1, 'seen' => 1,
    ], array_keys($some), $some));
}
$bare = function () use ($ios, $tokens, $people, $folder): int {
    $carrier = new Ios($ios, 'reef.example');
    $zone = new DateTimeZone('UTC');
    // The requests are there before the clock runs: nothing is timed but the sending.
    $calls = [];
    foreach ($tokens as $person => $token) {
        $id = sprintf('%08x-0000-8000-8000-%012x', random_int(0, 0x7FFFFFFF), $person);
        $words = new Words("Spot $person is at 12 °C", "Come in, Person $person.");
        $calls[] = $carrier->call(new Parcel($id, new Phone($person, 'h', $person, 'ios', $token, [], $zone), $words, '', '', time() + 600, false, false));
    }
    $multi = curl_multi_init();
    curl_multi_setopt($multi, CURLMOPT_PIPELINING, CURLPIPE_MULTIPLEX);
    curl_multi_setopt($multi, CURLMOPT_MAX_HOST_CONNECTIONS, 4);
    $handles = array_map(function (Call $call) use ($folder): CurlHandle {
        $handle = curl_init($call->url);
        curl_setopt_array($handle, [
            CURLOPT_POSTFIELDS => $call->body,
            CURLOPT_HTTPHEADER => array_map(fn (string $name, string $value): string => "$name: $value", array_keys($call->headers), $call->headers),
            CURLOPT_HTTP_VERSION => CURL_HTTP_VERSION_2TLS,
            CURLOPT_PIPEWAIT => true,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_CAINFO => "$folder/crier.crt",
        ]);

        return $handle;
    }, $calls);
    $from = hrtime(true);
    [$sent, $open] = [0, 0];
    do {
        for (; $open < 200 && $handles !== []; $open++) {
            curl_multi_add_handle($multi, array_pop($handles));
        }
        curl_multi_exec($multi, $running);
        while (($done = curl_multi_info_read($multi)) !== false) {
            $open--;
            if ($done['result'] === 16) {
                // As in Many: a connection of this curl breaks now and then.
                curl_multi_remove_handle($multi, $done['handle']);
                $handles[] = curl_copy_handle($done['handle']);

                continue;
            }
            $sent += curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) === 200 ? 1 : 0;
            curl_multi_remove_handle($multi, $done['handle']);
        }
        $running > 0 && curl_multi_select($multi, 1.0);
    } while ($open > 0 || $handles !== []);
    $sent === $people || throw new RuntimeException("Only $sent came through.");

    return hrtime(true) - $from;
};
$whole = function () use ($space, $people): int {
    $from = hrtime(true);
    $book = new MessageBook($space);
    $occasion = $book->happens('all', 0, 'all '.bin2hex(random_bytes(8)), time(), time() + 3600);
    $choosing = new Choosing($space, (int) $occasion);
    while ($choosing->some()) {
        continue;
    }
    $carrying = new Carrying($space);
    while ($carrying->some()) {
        continue;
    }
    $sent = $book->database->table('_posts')->where('occasion', $occasion)->where('state', 'sent')->count();
    $sent === $people || throw new RuntimeException("Only $sent were sent.");

    return hrtime(true) - $from;
};
$middle = function (callable $work): float {
    $all = array_map(fn (): float => $work() / 1e6, range(1, Size::rounds(3)));
    sort($all);

    return $all[intdiv(count($all), 2)];
};
$times = ['bare' => $middle($bare), 'lanai' => $middle($whole)];
printf(
    "messages chosen, written, sent / bare HTTP/2 %.2f   (%.1f s / %.1f s, %s; aim: at most 1.5)\n",
    $times['lanai'] / $times['bare'],
    $times['lanai'] / 1000,
    $times['bare'] / 1000,
    number_format($people),
);
$crier->stop();
array_map(unlink(...), glob("$folder/*") ?: []);
@rmdir($folder);
