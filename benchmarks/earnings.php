<?php

declare(strict_types=1);

// What an entitlement costs on a screen, a month of the books over a million lines, and a rehearsal of ten thousand customers.
// Aims: 1.1 for the screen beside the same that asks nothing, 1.3 for the month beside the statement one would write by hand, with the index
// one would give it, 2 for the rehearsal beside a bare loop that makes the same customers up and folds them, without books; and under 3 s.

use App\Earnings\PurchaseBook;
use App\Earnings\Report;
use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Space;
use Benchmarks\Bench;
use Benchmarks\Size;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Assumptions;
use Lanai\Core\Earnings\Chosen;
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Period;
use Lanai\Core\Earnings\Rehearsal;
use Lanai\Core\Earnings\Subscription;
use Lanai\Core\Earnings\Terms;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$app = App::query()->with('revision')->firstOrFail();
$space = Space::sandbox($app);
$database = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
$pdo = $database->getPdo();

// Two thousand people have something; the screen of one of them asks for it, and its list is for those who have it.
$pdo->exec(
    "begin; with recursive n(i) as (select 1 union all select i + 1 from n where i < 2000) insert into people (name) select 'P' || i from n; "
        ."insert into _purchases (till, token, person, product) select 'card', 'bench ' || id, id, 'membership' from people; "
        .'insert into _holdings (person, product, begins, ends, purchase) '
        ."select person, product, '2026-01-01T00:00:00Z', '2030-01-01T00:00:00Z', id from _purchases where token like 'bench %'; commit; analyze",
);
$screen = fn (string $asked): string => <<<SCRIPT

screen Bench
  Heading "Good morning, {me.name}"
  Text "Your places", if $asked
  List of Swims where starts > now() and $asked, by Starts upward, as cards
    shows title as title
    shows spot.name as note
  List of Bookings where person == me, by Booked downward
    shows swim.title as title
  Badge "Member", if $asked
SCRIPT;
$shows = function (string $asked) use ($app, $space, $screen): Closure {
    $blueprint = Blueprint::fromScript(str_replace("\nscreen Mine,", $screen($asked)."\n\nscreen Mine,", $space->blueprint()->script()));
    $player = new Player($blueprint, new EloquentRecordStore($app, DataSet::Sandbox, $blueprint));
    $visit = new Visit(new Moment(new DateTimeImmutable(), new DateTimeZone('UTC')), 'bench', [], 1);

    return function () use ($player, $visit): array {
        $view = $player->show($visit, Trail::none());
        count($view['nodes']) === 5 || throw new LogicException('Something is not shown.');

        return $view;
    };
};
[$with, $without] = [$shows('me.member'), $shows('me.name != null')];
json_encode($with()) === json_encode($without()) || throw new LogicException('The two screens do not show the same.');
$times = Bench::medians(60, ['with' => $with, 'without' => $without]);
printf(
    "screen with an entitlement / without   %.2f   (%.2f ms / %.2f ms; aim: at most 1.1)\n",
    $times['with'] / $times['without'],
    $times['with'],
    $times['without'],
);

$lines = Size::rows(1_000_000);
$pdo->exec(
    'begin; with recursive n(i) as (select 1 union all select i + 1 from n where i < '.intdiv($lines, 2).') '
        .'insert into _ledger (purchase, entry, at, why, account, amount, currency) '
        ."select (select min(id) from _purchases), 'e' || i, strftime('%Y-%m-%dT%H:%M:%SZ', 1767225600 + (i * 7919) % 63072000, 'unixepoch'), "
        ."'earned', 'received in advance', i % 97 + 1, 'EUR' from n union all "
        ."select (select min(id) from _purchases), 'e' || i, strftime('%Y-%m-%dT%H:%M:%SZ', 1767225600 + (i * 7919) % 63072000, 'unixepoch'), "
        ."'earned', 'earned', -(i % 97) - 1, 'EUR' from n; commit; analyze",
);
$ours = fn (): array => (new Report($space))->accounts(Period::of('2026-11'));
$statement = $pdo->prepare(
    'select account, currency, sum(max(amount, 0)), sum(max(-amount, 0)) from _ledger where at >= ? and at < ? '
        .'group by account, currency order by currency, account',
);
$hand = function () use ($statement): array {
    $statement->execute(['2026-11-01', '2026-12-01']);

    return $statement->fetchAll(PDO::FETCH_NUM);
};
array_column($ours(), 'account') === array_column($hand(), 0) || throw new LogicException('The two months are not the same.');
$times = Bench::medians(15, ['lanai' => $ours, 'sql' => $hand]);
printf(
    "month of %s lines / hand-written SQL   %.2f   (%.1f ms / %.1f ms; aim: at most 1.3)\n",
    number_format($lines),
    $times['lanai'] / $times['sql'],
    $times['lanai'],
    $times['sql'],
);
count((new PurchaseBook($space))->check()) > 0 || throw new LogicException('Made-up lines are not found.');

$customers = Size::rows(10_000);
$plans = [new Chosen(new Cycle('month'), 399, 1.0)];
$of = new Assumptions($customers / 24, 1.0, $plans, [0.08], new Terms('store', '15'), fails: 0.03, recovers: 0.6, refunds: 0.02);
$rehearsed = fn () => Rehearsal::of($of, 24, 1);
$bare = function () use ($customers): int {
    mt_srand(1);
    $zone = new DateTimeZone('UTC');
    $month = new Cycle('month');
    $end = new DateTimeImmutable('2029-01-01T00:00:00Z');
    $have = 0;
    for ($i = 0; $i < $customers; $i++) {
        $first = new DateTimeImmutable('@'.(1798761600 + mt_rand(0, 63071999)));
        $events = [];
        for ($n = 0; ($at = $month->begins($n, $first, $zone)) < $end; $n++) {
            if ($n > 0 && mt_rand() / mt_getrandmax() < 0.08) {
                $events[] = new Event("$n/left", Happened::Left, $at->modify('-1 second'));
                break;
            }
            $events[] = new Event("$n", $n === 0 ? Happened::Bought : Happened::Paid, $at, $month->begins($n + 1, $first, $zone));
        }
        $have += count(Subscription::history($end, $events));
    }

    return $have;
};
$times = Bench::medians(3, ['lanai' => $rehearsed, 'bare' => $bare]);
printf(
    "rehearsal of %s customers / the bare loop   %.2f   (%.2f s / %.2f s; aim: at most 2, and under 3 s)\n",
    number_format($customers),
    $times['lanai'] / $times['bare'],
    $times['lanai'] / 1000,
    $times['bare'] / 1000,
);
