<?php

declare(strict_types=1);

// Taps "Count me in" on the first swim of an app's sandbox: tap.php FOLDER APP NAME PEOPLE, once for each of so many people,
// one right after the other. Prints how many were in and how many were refused.

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\ImmediatePdo;
use Illuminate\Contracts\Console\Kernel;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;

require __DIR__.'/../../vendor/autoload.php';
[, $folder, $id, $name, $people] = $argv;
$laravel = require __DIR__.'/../../bootstrap/app.php';
$laravel->make(Kernel::class)->bootstrap();
config(['lanai.apps' => $folder]);
$app = new App;
$app->id = (int) $id;
$blueprint = Blueprint::fromData(json_decode((string) file_get_contents("$folder/blueprint.json"), true));
$player = new Player($blueprint, new EloquentRecordStore($app, DataSet::Sandbox, $blueprint), rehearsal: true);
$in = $refused = 0;
for ($n = 1; $n <= (int) $people; $n++) {
    $visit = new Visit(new Moment(new DateTimeImmutable, new DateTimeZone('UTC')), 'swim', [1], 1, ['name' => "$name.$n"]);
    // Whoever has waited too long is told to come again, and does so.
    for ($again = 0; ; $again++) {
        try {
            $outcome = $player->tap($visit, '/screens/1/lines/6', null, "$name.$n", Trail::none());
            break;
        } catch (PDOException $trouble) {
            $again < 5 && ImmediatePdo::isLocked($trouble) || throw $trouble;
        }
    }
    $outcome->refused === '' && $outcome->errors === [] ? $in++ : $refused++;
}
echo json_encode(['in' => $in, 'refused' => $refused]);
