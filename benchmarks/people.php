<?php

declare(strict_types=1);

// What signing in, the check of a session and a permission cost, each beside Laravel's own guard or a condition written by hand.
// Aims: 1.2 for signing in (both hash the password alike), 3 for a session (it is looked up and its account too, which may be blocked), 1.3
// for a list under a permission.
// The guards are the framework's own, as one would take them; the condition is a join in one query with an index for it.

use App\Models\App;
use App\People\AccountDesk;
use App\People\People;
use App\People\Sessions;
use App\Records\DataFile;
use App\Records\DataSet;
use Benchmarks\Bench;
use Benchmarks\Size;
use Illuminate\Auth\GenericUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Lanai\Core\Access\GuardedStore;
use Lanai\Core\Access\Rights;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Visit;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$app = App::query()->with('revision')->firstOrFail();
$blueprint = $app->revision->read();
$people = new People($app, DataSet::Sandbox, $blueprint);
$desk = new AccountDesk($people);
$moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'));
$password = (string) config('lanai.demo_people_password');

// Laravel's own: a user provider over the same table, with the same hash, behind a session guard and behind a token guard.
Config::set('hashing.driver', 'argon2id');
DB::connection($people->connection)->statement('create table plain_users (id integer primary key, email text unique, password text, api_token text unique)');
$plain = fn () => DB::connection($people->connection)->table('plain_users');
$token = Sessions::token();
foreach (range(1, Size::rows(2000)) as $n) {
    $plain()->insert(['email' => "person$n@lanai.example", 'password' => '', 'api_token' => hash('sha256', "token $n")]);
}
$plain()
    ->where('id', 1)
    ->update(['email' => 'ines@okafor.example', 'password' => Hash::driver('argon2id')->make($password), 'api_token' => hash('sha256', $token)]);
Config::set('auth.providers.plain', ['driver' => 'database', 'table' => 'plain_users', 'connection' => $people->connection]);
Config::set('auth.guards.plain_session', ['driver' => 'session', 'provider' => 'plain']);
Config::set('auth.guards.plain_token', ['driver' => 'token', 'provider' => 'plain', 'hash' => true]);
Config::set('session.driver', 'array');
$bench->laravel->instance('request', Request::create('/'));
$bench->laravel['request']->setLaravelSession($bench->laravel['session.store']);

$visit = new Visit($moment, address: '198.51.100.1');
$ours = function () use ($desk, $visit, $people): void {
    $entered = $people
        ->store()
        ->together(fn () => $desk->enter($desk->provePassword($visit, 'ines@okafor.example', (string) config('lanai.demo_people_password')), $visit));
    $entered->token ?? throw new LogicException('Nobody got in.');
};
$theirs = function () use ($password): void {
    Auth::guard('plain_session')->attempt(['email' => 'ines@okafor.example', 'password' => $password]) || throw new LogicException('Nobody got in.');
};
$times = Bench::medians(25, ['lanai' => $ours, 'laravel' => $theirs]);
printf(
    "signing in / Laravel's session guard   %.2f   (%.1f ms / %.1f ms; aim: at most 1.2)\n",
    $times['lanai'] / $times['laravel'],
    $times['lanai'],
    $times['laravel'],
);

$account = $people->accounts()->where('email', 'ines@okafor.example')->firstOrFail();
$sessions = new Sessions($people);
$held = $sessions->open($account, 'password', 'a bench');
$sessions->find($held);
foreach (range(1, Size::rows(2000)) as $n) {
    $people
        ->sessions()
        ->create([
            'account' => $account->id,
            'token' => hash('sha256', "session $n"),
            'way' => 'password',
            'rotated_at' => now(),
            'expires_at' => now()->addDay(),
        ]);
}
$check = fn () => $sessions->find($held) ?? throw new LogicException('No session.');
$asked = function () use ($token): void {
    $request = Request::create('/', server: ['HTTP_AUTHORIZATION' => "Bearer $token"]);
    $guard = Auth::createTokenDriver('plain_token', config('auth.guards.plain_token'))->setRequest($request);
    $guard->user() instanceof GenericUser || throw new LogicException('No user.');
};
$times = Bench::medians(400, ['lanai' => $check, 'laravel' => $asked]);
printf(
    "session check / Laravel's token guard  %.2f   (%.3f ms / %.3f ms; aim: at most 3)\n",
    $times['lanai'] / $times['laravel'],
    $times['lanai'],
    $times['laravel'],
);

$pdo = DB::connection((new DataFile($app, DataSet::Sandbox))->connection)->getPdo();
$pdo->exec(
    "begin; with recursive p(i) as (select 1 union all select i + 1 from p where i < 1000) insert into people (name) select 'P' || i from p; with "
        .'recursive n(i) as (select 1 union all select i + 1 from n where i < '.Size::rows(100_000).') insert into bookings '
            .'(swim, person, name, status, booked) '
            ."select i % 11 + 1, i % 997 + 5, 'B' || i, 'confirmed', strftime('%Y-%m-%dT%H:%M:%SZ', 1767225600 + i, 'unixepoch') from n; commit; analyze",
);
$bookings = $blueprint->table('Bookings');
$me = $people->store()->byIds($blueprint->peopleTable(), [2])[2];
$guarded = new GuardedStore($people->store(), new Rights($blueprint, $people->store(), $moment, $me));
$list = fn () => $guarded->rows(new Query($bookings, null, [Sort::by($bookings->field('Booked'), false)], 50));
$hand = function () use ($pdo): array {
    $query = $pdo->prepare(
        'select b.* from bookings b where b.person = ? or exists (select 1 from swims s where s.id = b.swim and s.host = ?) order by b.booked desc, '
            .'b.id limit 50',
    );
    $query->execute([2, 2]);

    return $query->fetchAll(PDO::FETCH_ASSOC);
};
if (array_map(fn ($r): int => $r->id, $list()) !== array_map(fn (array $r): int => (int) $r['id'], $hand())) {
    fwrite(STDERR, "The list under a permission is not the list written by hand.\n");
    $bench->end();
    exit(1);
}
$times = Bench::medians(21, ['lanai' => $list, 'hand' => $hand]);
printf(
    "list of %s rows under a permission / the condition in hand-written SQL  %.2f   (%.1f ms / %.1f ms; aim: at most 1.3)\n",
    number_format(Size::rows(100_000)),
    $times['lanai'] / $times['hand'],
    $times['lanai'],
    $times['hand'],
);
$bench->end();
