<?php

declare(strict_types=1);

// What processes share that tap the same button at the same time, each with a connection of its own.

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\ImmediatePdo;
use Illuminate\Contracts\Console\Kernel;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;

require __DIR__.'/../../vendor/autoload.php';

/**
 * Taps once for each visit, one right after the other, in the sandbox of an app; prints how many were in and how many were refused.
 *
 * @param  iterable<string, Visit>  $visits  by the keys of their taps
 */
function tapAll(string $folder, int $id, string $at, iterable $visits): void
{
    $laravel = require __DIR__.'/../../bootstrap/app.php';
    $laravel->make(Kernel::class)->bootstrap();
    config(['lanai.apps' => $folder]);
    $app = new App;
    $app->id = $id;
    $blueprint = Blueprint::fromData(json_decode((string) file_get_contents("$folder/blueprint.json"), true));
    $player = new Player($blueprint, new EloquentRecordStore($app, DataSet::Sandbox, $blueprint), rehearsal: true);
    $in = $refused = 0;
    foreach ($visits as $key => $visit) {
        // Whoever has waited too long is told to come again, and does so.
        for ($again = 0; ; $again++) {
            try {
                $outcome = $player->tap($visit, $at, null, $key, Trail::none());
                break;
            } catch (PDOException $trouble) {
                $again < 5 && ImmediatePdo::isLocked($trouble) || throw $trouble;
            }
        }
        $outcome->refused === '' && $outcome->errors === [] ? $in++ : $refused++;
    }
    echo json_encode(['in' => $in, 'refused' => $refused]);
}
