<?php

declare(strict_types=1);

// Does one long piece of work on an app's sandbox, to be killed while at it: long-work.php FOLDER APP import|shape|remove. Prints "done".

use App\Models\App;
use App\Records\DataSet;
use App\Records\Imports\Importer;
use App\Records\RowDesk;
use App\Records\SchemaFollower;
use Illuminate\Contracts\Console\Kernel;
use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Model\Blueprint;

require __DIR__.'/../../vendor/autoload.php';
[, $folder, $id, $what] = $argv;
$laravel = require __DIR__.'/../../bootstrap/app.php';
$laravel->make(Kernel::class)->bootstrap();
config(['lanai.apps' => $folder]);
$app = new App();
$app->id = (int) $id;
$blueprint = Blueprint::fromScript((string) file_get_contents("$folder/app.script"));
$table = $blueprint->tables[1];
match ($what) {
    'import' => (new Importer($app, DataSet::Sandbox, $blueprint, $table, Mapping::byName(['Title', 'Places', 'Spot'], $table)))->run(
        CsvSheet::of(fn () => fopen("$folder/rows.csv", 'rb')),
        false,
        [],
        fn (int $done): null => null,
    ),
    'shape' => (new SchemaFollower($app, DataSet::Sandbox))->follow(
        Blueprint::fromScript(str_replace('Places is a whole number', 'Places is a text', (string) file_get_contents("$folder/app.script"))),
    ),
    default => (function () use ($app, $blueprint, $table): void {
        $desk = new RowDesk($app, DataSet::Sandbox, $blueprint, $table);
        $desk->remove(null, $desk->query('', true, '', 'places > 2'));
    })(),
};
echo 'done';
