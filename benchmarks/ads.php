<?php

declare(strict_types=1);

// What an advert costs the app's own content, and whether the exchange and the app count the same under load.
// Aims: 1.05 for a screen with a banner beside the same without, until its content is there (the advert itself is asked for afterwards, by the device);
// 200 requests a second to the exchange, each offer read, checked and booked, and no impression lost or counted twice although each is told twice.

use App\Adverts\AdvertBook;
use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\Outbound\MessageSignature;
use App\Space;
use Benchmarks\Bench;
use Benchmarks\Size;
use GuzzleHttp\Client;
use GuzzleHttp\Pool;
use GuzzleHttp\Psr7\Request;
use Lanai\Core\Adverts\Format;
use Lanai\Core\Adverts\Visitor;
use Lanai\Core\Adverts\Wanted;
use Lanai\Core\Edits\Edits;
use Psr\Http\Message\ResponseInterface;
use Standins\Bunting\Memory;
use Tests\Support\LocalServer;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$app = App::query()->with('revision')->firstOrFail();
$space = Space::sandbox($app);

// The screen of somebody who does not pay: whether they do is asked, too. The first two people of the demo are members.
$screen = <<<'SCRIPT'

screen Bench
  Heading "Good morning, {me.name}"
  List of Swims where starts > now(), by Starts upward, as cards
    shows title as title
    shows spot.name as note
  Advert Below, as a box
  List of Bookings where person == me, by Booked downward
    shows swim.title as title
SCRIPT;
$plain = str_replace(['screen Bench', "  Advert Below, as a box\n"], ['screen Plain', ''], $screen);
$text = str_replace("\nscreen Mine,", "$screen\n$plain\n\nscreen Mine,", $space->blueprint()->script());
app(RevisionBook::class)->edit($app, Founder::query()->firstOrFail(), $app->revision->number, Edits::read(['do' => 'rewrite', 'text' => $text]));
$bench->serve(true);
$shows = function (string $screen, int $nodes) use ($app, $bench): Closure {
    return function () use ($app, $bench, $screen, $nodes): string {
        $answer = $bench->post("/device/share/$app->share_code/view", ['screen' => $screen, 'person' => 3, 'zone' => 'Europe/Berlin']);
        $view = json_decode($answer, true)['view'] ?? [];
        count($view['nodes'] ?? []) === $nodes || throw new LogicException('Something is not shown, or too much.');

        return $answer;
    };
};
$times = Bench::medians(120, ['with' => $shows('bench', 4), 'without' => $shows('plain', 3)]);
printf(
    "own content beside a banner / without        %.2f   (%.1f ms / %.1f ms; aim: at most 1.05)\n",
    $times['with'] / $times['without'],
    $times['with'],
    $times['without'],
);

$folder = sys_get_temp_dir().'/lanai-bench-'.bin2hex(random_bytes(4));
mkdir($folder);
$standins = LocalServer::standins($folder, ['LANAI_STANDIN_TOKEN' => 'a-key']);
$port = $standins->port;
$client = new Client(['base_uri' => "http://127.0.0.1:$port", 'http_errors' => false]);
// Many apps ask, each of another founder, so that no advertiser's budget for the day is spent.
$boxes = array_map(fn (int $i): string => substr(hash('sha256', "founder $i"), 0, 32), range(1, 50));
$many = Size::rows(3000, 60);
$wanted = [];
for ($i = 0; $i < $many; $i++) {
    $visitor = new Visitor(bin2hex(random_bytes(8)), ['DE', 'CH', 'NO', 'FR'][$i % 4], 'en');
    $wanted[] = new Wanted(bin2hex(random_bytes(16)), 'below', Format::Strip, $visitor, 'Bench', 'practice.bench', 'pub-1', ['IAB9'], trial: true);
}
$book = new AdvertBook($space);
$notices = [];
$seen = [];
$began = time();
$from = hrtime(true);
$requests = function () use ($wanted, $boxes): Generator {
    foreach ($wanted as $i => $one) {
        $headers = ['Authorization' => 'Bearer a-key', 'Content-Type' => 'application/json', 'X-Practice-Box' => $boxes[$i % 50]];
        yield $i => new Request('POST', '/bunting/bid', $headers, json_encode($one->request(), JSON_THROW_ON_ERROR));
    }
};
$keeps = function (ResponseInterface $answer, int $i) use ($wanted, $book, &$notices, &$seen): void {
    $told = json_decode((string) $answer->getBody(), true);
    $offered = is_array($told) ? $wanted[$i]->best($told) : null;
    if ($offered !== null) {
        $viewer = $wanted[$i]->visitor;
        $seen[] = $book->show('below', $viewer, $offered, $viewer->id, 'EUR', time());
        array_push($notices, ...$offered->won, ...$offered->billed);
    }
};
(new Pool($client, $requests(), ['concurrency' => 16, 'fulfilled' => $keeps]))->promise()->wait();
$seconds = (hrtime(true) - $from) / 1e9;

// Each is told twice: to the app by its device, to the exchange by the app.
foreach ([...$seen, ...$seen] as $key) {
    $book->became($key, 'seen');
}
$signed = function () use ($notices): Generator {
    foreach ([...$notices, ...$notices] as $address) {
        yield new Request('GET', $address, MessageSignature::of(['@method' => 'GET', '@target-uri' => $address], 'a-key', 'bench', time()));
    }
};
(new Pool($client, $signed(), ['concurrency' => 16]))->promise()->wait();
$figures = $book->figures(new DateTimeImmutable('-1 day'), new DateTimeImmutable('+2 days'))[0];
$memory = new Memory($folder);
$heard = ['won' => 0, 'billed' => 0, 'seen' => 0];
foreach ($boxes as $box) {
    foreach (array_intersect_key($memory->counts($box), $heard) as $what => $count) {
        $heard[$what] += $count;
    }
}
$offered = count($seen);
// A day may have ended meanwhile.
$days = array_unique([gmdate('Y-m-d', $began), gmdate('Y-m-d')]);
$spent = 0.0;
foreach ($boxes as $box) {
    $spent += array_sum(array_map(fn (string $day): float => array_sum($memory->spent($box, $day)), $days));
}
$bench->end();

$standins->stop();
$counts = [$figures['filled'], $figures['seen'], $heard['won'], $heard['billed'], $heard['seen']];
printf(
    "adverts asked for, read and booked           %d a second   (%s of %s came; aim: at least 200)\n",
    (int) round($many / $seconds),
    number_format($offered),
    number_format($many),
);
$wrong = array_sum(array_map(fn (int $count): int => abs($count - $offered), $counts));
printf("impressions lost or counted twice            %d   (of %s, each told twice; aim: none)\n", $wrong, number_format($offered));
if ($wrong !== 0 || $offered === 0 || abs($spent - $figures['earned']) > 0.001) {
    fwrite(STDERR, 'The app and the exchange do not count the same: '.json_encode([$offered, $counts, $spent, $figures['earned']])."\n");
    exit(1);
}
