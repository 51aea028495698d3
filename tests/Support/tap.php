<?php

declare(strict_types=1);

// Taps "Count me in" on the first swim of an app's sandbox: tap.php FOLDER APP NAME. Prints "done" or "refused".

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Contracts\Console\Kernel;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Runtime\Player;
use Lanai\Core\Runtime\Trail;
use Lanai\Core\Runtime\Visit;

require __DIR__.'/../../vendor/autoload.php';
[, $folder, $id, $name] = $argv;
$laravel = require __DIR__.'/../../bootstrap/app.php';
$laravel->make(Kernel::class)->bootstrap();
config(['lanai.apps' => $folder]);
$app = new App;
$app->id = (int) $id;
$blueprint = Blueprint::fromData(json_decode((string) file_get_contents("$folder/blueprint.json"), true));
$visit = new Visit(new Moment(new DateTimeImmutable, new DateTimeZone('UTC')), 'swim', [1], null, ['name' => $name]);
$outcome = (new Player($blueprint, new EloquentRecordStore($app, DataSet::Sandbox, $blueprint)))->tap($visit, '/screens/1/lines/6', null, '', Trail::none());
echo $outcome->refused === '' && $outcome->errors === [] ? 'done' : 'refused';
