<?php

declare(strict_types=1);

// Brings a file into the live jars of an app, as the worker of imports does: import-many.php APP FILE ROWS

use App\Models\App;
use App\Records\DataSet;
use App\Records\Imports\Importer;
use Illuminate\Contracts\Console\Kernel;
use Lanai\Core\Exchange\CsvSheet;
use Lanai\Core\Exchange\Mapping;

require __DIR__.'/../vendor/autoload.php';
(require __DIR__.'/../bootstrap/app.php')->make(Kernel::class)->bootstrap();
$app = App::query()->with('revision')->findOrFail($argv[1]);
$blueprint = $app->revision->read();
$report = (new Importer($app, DataSet::Live, $blueprint, $blueprint->tables[0], new Mapping(['name', 'left', 'code'])))->run(
    CsvSheet::of(fn () => fopen($argv[2], 'rb')),
    false,
    [],
    fn (int $done): null => null,
);
exit($report->added === (int) $argv[3] ? 0 : 1);
