<?php

declare(strict_types=1);

// Taps a button of an app's sandbox once for each of some people, one right after the other: book.php FOLDER APP SCREEN ROW AT FROM TO,
// where FROM and TO are the first and the last of the people. Prints how many were in and how many were refused.

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
[, $folder, $id, $screen, $row, $at, $from, $to] = $argv;
$laravel = require __DIR__.'/../../bootstrap/app.php';
$laravel->make(Kernel::class)->bootstrap();
config(['lanai.apps' => $folder]);
$app = new App;
$app->id = (int) $id;
$blueprint = Blueprint::fromData(json_decode((string) file_get_contents("$folder/blueprint.json"), true));
$player = new Player($blueprint, new EloquentRecordStore($app, DataSet::Sandbox, $blueprint), rehearsal: true);
$in = $refused = 0;
for ($person = (int) $from; $person <= (int) $to; $person++) {
    $visit = new Visit(new Moment(new DateTimeImmutable, new DateTimeZone('UTC')), $screen, [(int) $row], $person);
    // Whoever has waited too long is told to come again, and does so.
    for ($again = 0; ; $again++) {
        try {
            $outcome = $player->tap($visit, $at, null, "book.$person", Trail::none());
            break;
        } catch (PDOException $trouble) {
            $again < 5 && ImmediatePdo::isLocked($trouble) || throw $trouble;
        }
    }
    $outcome->refused === '' && $outcome->errors === [] ? $in++ : $refused++;
}
echo json_encode(['in' => $in, 'refused' => $refused]);
