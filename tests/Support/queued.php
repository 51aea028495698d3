<?php

declare(strict_types=1);

// Puts work on the queues of a Lanai of its own, or tells how it stands, as JSON: queued.php begin|live SCRIPT|import|routine|build|state. Which
// Lanai is said by the environment.

use App\Apps\RevisionBook;
use App\Jobs\BuildPackage;
use App\Jobs\RunImport;
use App\Jobs\RunRoutine;
use App\Models\App;
use App\Models\Build;
use App\Models\Founder;
use App\Models\Import;
use App\Models\RoutineRun;
use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Blueprint;

require __DIR__.'/../../vendor/autoload.php';
$laravel = require __DIR__.'/../../bootstrap/app.php';
$laravel->make(Kernel::class)->bootstrap();
if ($argv[1] === 'begin' || $argv[1] === 'live') {
    $founder = Founder::query()->create(['name' => 'Ada', 'email' => 'ada@founders.example', 'password' => 'long enough to be']);
    $script =
        "app A\ntable Spots, each a Spot\n  Name is a text\n  Water is a decimal\nscreen S, first\n  Text \"Hello\"\nroutine Greet\n  add a Spot\n"
            ."    set Name = \"Hello\"\n";
    $begun = app(RevisionBook::class)->begin($founder, Blueprint::fromScript($argv[2] ?? $script));
    $argv[1] === 'live' && app(RevisionBook::class)->goLive($begun);
    $argv[1] === 'live' && exit();
}
$app = App::query()->with('revision')->firstOrFail();
$rows = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
if ($argv[1] === 'import') {
    file_put_contents(
        $app->folder('imports').'/rows.csv',
        "Name,Water\n".implode('', array_map(fn (int $i): string => "Queued $i,".$i % 30 .".5\n", range(1, 6000))),
    );
    $import = $app
        ->imports()
        ->create([
            'dataset' => 'sandbox',
            'stored' => 'spots',
            'kind' => 'csv',
            'file' => 'rows.csv',
            'name' => 'rows.csv',
            'state' => 'queued',
            'total' => 6000,
            'plan' => ['to' => ['name', 'water'], 'key' => '', 'onlyRight' => false, 'skip' => []],
        ]);
    RunImport::dispatch($import->id);
} elseif ($argv[1] === 'routine') {
    foreach (range(1, 20) as $i) {
        RunRoutine::begin($app, DataSet::Sandbox, 'Greet', 'a test', [], ['Greet']);
    }
} elseif ($argv[1] === 'build') {
    $build = $app->builds()->create(['revision_id' => $app->revision->id, 'target' => 'web', 'version' => '1.0.0', 'number' => 1, 'here' => true]);
    BuildPackage::dispatch($build->id);
}
echo json_encode([
    'import' => Import::query()->latest('id')->value('state'),
    'build' => Build::query()->latest('id')->value('state'),
    'log' => Build::query()->latest('id')->value('log'),
    'routines' => RoutineRun::query()->selectRaw('state, count(*) as n')->groupBy('state')->pluck('n', 'state'),
    'jobs' => DB::table('jobs')->count(),
    'spots' => $rows->scalar("select count(*) from spots where name like 'Queued %'"),
    'greetings' => $rows->scalar("select count(*) from spots where name = 'Hello'"),
    'left' => $rows->scalar("select count(*) from sqlite_master where name like '\\_in%' escape '\\' or name like '\\_was%' escape '\\'"),
    'whole' => $rows->scalar('pragma integrity_check'),
    'folders' => count(glob($app->folder().'/work-*') ?: []) + count(glob($app->folder('imports').'/*') ?: []),
]);
