<?php

declare(strict_types=1);

// Lists and formulas on large tables, each against the same done by hand. Aims: 1.3 for the first page of a filtered, sorted
// list of 1,000,000 rows; 4 for formulas over 100,000 rows. Imports: import.php. By hand stands the best SQL that one would
// write, on the same file: with the two indexes that one would make for it, on people (name) and swims (host, starts).

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\SchemaFollower;
use Benchmarks\Bench;
use Benchmarks\Size;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Rows\CompiledFormula;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

define('MILLION', Size::rows(1_000_000, 100_000));
define('MANY', Size::rows(100_000));

$bench = new Bench();
$script =
    "app Large\ntable Spots, each a Spot\n  Name is a text\ntable People, each a Person\n  Name is a text\ntable Swims, each a Swim\n"
        ."  Title is a text\n  Places is a whole number\n  Starts is a date and time\n  Spot is one Spot\n  Host is one Person\n".
    "table Plain, each a Plain row\n  Title is a text\n  Places is a whole number\n  Water is a decimal\n  Day is a date\n  Open is yes or no\n"
        ."screen S, first\n  List of Swims where spot == screen.spot and starts > now(), by Starts upward\n"
            ."  List of Swims where host.name == \"Person 77\" and starts > now(), by Starts upward\n";
$blueprint = Blueprint::fromScript($script);
$app = new App();
$app->id = 900;
(new SchemaFollower($app, DataSet::Sandbox))->follow($blueprint);
$connection = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
$pdo = $connection->getPdo();
$pdo->exec(
    "begin; with recursive n(i) as (select 1 union all select i + 1 from n where i < 500) insert into spots (name) select 'Spot ' || i from n; "
        ."insert into people (name) select 'Person ' || id from spots;".
        'with recursive n(i) as (select 1 union all select i + 1 from n where i < '.
        MILLION.
        ") insert into swims (title, places, starts, spot, host) select 'Swim ' || i, i * 7919 % 41, strftime('%Y-%m-%dT%H:%M:%SZ', 1767225600 + i "
            ."* 104729 % 63072000, 'unixepoch'), i % 500 + 1, i * 31 % 500 + 1 from n; commit; analyze",
);

$store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
$swims = $blueprint->table('Swims');
$moment = new Moment(new DateTimeImmutable('2026-11-23T09:00:00Z'), new DateTimeZone('UTC'));
$spot = $store->byIds($blueprint->tables[0], [77])[77];
$page = function (string $where) use ($store, $swims, $blueprint, $moment, $spot): array {
    [$condition] = Conditions::of(Formula::of($where), $swims, $blueprint, new Evaluation($moment, new Reader($store), ['spot1' => $spot]));

    return $store->rows(new Query($swims, $condition, [Sort::by($swims->field('Starts'))], 50));
};
/** The best SQL that a person would write, and what a person would then do: dates as dates. */
$hand = function (string $sql, array $bindings) use ($pdo): array {
    $query = $pdo->prepare($sql);
    $query->execute($bindings);
    $rows = $query->fetchAll(PDO::FETCH_ASSOC);
    foreach ($rows as &$row) {
        $row['starts'] = new DateTimeImmutable($row['starts']);
    }

    return $rows;
};
$lists = [
    'where spot == X and starts > now()' => [
        fn () => $page('spot == spot1 and starts > now()'),
        fn () => $hand('select * from swims where spot = ? and starts > ? order by starts, id limit 50', [77, '2026-11-23T09:00:00Z']),
    ],
    'where host.name == X, over the link' => [
        fn () => $page('host.name == "Person 77" and starts > now()'),
        fn () => $hand('select * from swims where host = (select id from people where name = ?) and starts > ? order by starts, id limit 50', [
            'Person 77',
            '2026-11-23T09:00:00Z',
        ]),
    ],
];
foreach ($lists as $name => [$lanai, $byHand]) {
    if (array_map(fn (Row $r): int => $r->id, $lanai()) !== array_map(fn (array $r): int => (int) $r['id'], $byHand()) || count($lanai()) !== 50) {
        fwrite(STDERR, "$name: the two answers are not the same.\n");
        $bench->end();
        exit(1);
    }
    $times = Bench::medians(21, ['lanai' => $lanai, 'hand' => $byHand]);
    printf(
        "first page of %s rows %-36s / hand-written SQL %.2f   (%.2f ms / %.2f ms; aim: at most 1.3)\n",
        number_format(MILLION),
        $name,
        $times['lanai'] / $times['hand'],
        $times['lanai'],
        $times['hand'],
    );
}

$rows = array_map(
    fn (int $i): Row => new Row($swims, $i, [
        'title' => "Swim $i",
        'places' => $i % 41 === 0 ? null : $i % 41,
        'starts' => $moment->now,
        'spot' => 1,
        'host' => null,
    ]),
    range(1, MANY),
);
$formula = 'places * 2 + 1 > 20 and title contains "9" or places == 3';
$compiled = CompiledFormula::of(Formula::of($formula), $swims, new Evaluation($moment, new Reader($store), []));
$native = fn (Row $row): bool => ($row->values['places'] !== null &&
    $row->values['places'] * 2 + 1 > 20 &&
    $row->values['title'] !== null &&
    str_contains($row->values['title'], '9')) ||
    $row->values['places'] === 3;
$count = function (callable $holds) use ($rows): int {
    $found = 0;
    foreach ($rows as $row) {
        $found += $holds($row) === true ? 1 : 0;
    }

    return $found;
};
if ($count($compiled) !== $count($native)) {
    fwrite(STDERR, "The two formulas do not agree.\n");
    $bench->end();
    exit(1);
}
$times = Bench::medians(15, ['lanai' => fn () => $count($compiled), 'hand' => fn () => $count($native)]);
printf(
    "formula over %s rows / native closure %.2f   (%.1f ms / %.1f ms; aim: at most 4)\n",
    number_format(MANY),
    $times['lanai'] / $times['hand'],
    $times['lanai'],
    $times['hand'],
);
unset($rows);

$bench->end();
