<?php

declare(strict_types=1);

// An app of a Lanai of its own with many people, each with a phone at Crier, to whom a message is sent; or how that stands, as JSON:
// posted.php begin PEOPLE|state. Which Lanai and which Crier is said by the environment.

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\Outbound\Call;
use App\Outbound\Many;
use App\Reach\Herald;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;

require __DIR__.'/../../vendor/autoload.php';
$laravel = require __DIR__.'/../../bootstrap/app.php';
$laravel->make(Kernel::class)->bootstrap();
$boxed = ['X-Practice-Box' => str_repeat('a', 32), 'Content-Type' => 'application/json'];
$url = 'https://'.config('lanai.crier').'/crier/phones';
if ($argv[1] === 'begin') {
    $script = "app A\nsign-in at S\n  as a guest\ntable People, each a Person, who sign in\n  Name is a text\nscreen S, first\n  Text \"x\"\n"
        ."message Hello, to those where true\n  says \"Hello, {me.name}\"\n";
    $founder = Founder::query()->create(['name' => 'Ada', 'email' => 'ada@founders.example', 'password' => 'long enough to be']);
    $app = app(RevisionBook::class)->begin($founder, Blueprint::fromScript($script));
    $rows = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
    $many = (int) $argv[2];
    $rows->statement("insert into people (id, name) with recursive n(i) as (select 1 union all select i + 1 from n where i < $many) select i, 'P' || i from n");
    $calls = (function () use ($many, $url, $boxed): Generator {
        for ($person = 1; $person <= $many; $person++) {
            yield $person => new Call($url, $boxed, '{"kind":"ios"}');
        }
    })();
    $phones = [];
    foreach ((new Many())->send($calls) as $person => $told) {
        $id = json_decode($told->body, true)['id'] ?? throw new RuntimeException('Crier made no phone.');
        $phones[] = ['handle' => "h$person", 'person' => $person, 'carrier' => 'ios', 'address' => $id, 'since' => 1, 'seen' => 1];
    }
    foreach (array_chunk($phones, 1000) as $some) {
        $rows->table('_phones')->insert($some);
    }
    $space = Space::sandbox($app->refresh());
    (new Herald($space))->now($space->blueprint()->message('hello'));
}
$app = App::query()->with('revision')->firstOrFail();
$rows = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
$shown = [];
if ($argv[1] === 'shown') {
    foreach ((new Many())->send([new Call($url, $boxed, '', 'GET')]) as $told) {
        $shown = json_decode($told->body, true)['counts'] ?? [];
    }
}
echo json_encode([
    'posts' => $rows->table('_posts')->groupBy('state')->selectRaw('state, count(*) as n')->pluck('n', 'state'),
    'chosen' => $rows->table('_occasions')->where('chosen', true)->count(),
    'jobs' => DB::table('jobs')->count(),
    'shown' => $shown,
]);
