<?php

declare(strict_types=1);

// Writes to an app's swims while others work on them, as taps do: write-meanwhile.php FOLDER APP SECONDS. Prints JSON: what it wrote and the longest wait.

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../../vendor/autoload.php';
[, $folder, $id, $seconds] = $argv;
$laravel = require __DIR__.'/../../bootstrap/app.php';
$laravel->make(Kernel::class)->bootstrap();
config(['lanai.apps' => $folder]);
$app = new App();
$app->id = (int) $id;
$database = DB::connection((new DataFile($app, DataSet::Sandbox))->connection);
$until = microtime(true) + (float) $seconds;
$n = $longest = 0;
file_put_contents("$folder/ready", '');
while (microtime(true) < $until) {
    $n++;
    $from = microtime(true);
    $database->transaction(function () use ($database, $n): void {
        $database->insert("insert into swims (title, places, code) values ('tapped', ?, ?)", [$n, "T-$n"]);
        $database->update("update swims set places = places + 1000 where title = 'Old 7'");
        $database->delete('delete from swims where title = ?', ['Old '.(100 + $n)]);
        // Now and then a code that the file brings, too.
        $n % 40 === 0 &&
            $database->insert("insert into swims (title, code) select 'first', ? where not exists (select 1 from swims where code = ?)", [
                'C-'. 5 * $n,
                'C-'. 5 * $n,
            ]);
        $database->insert('insert into _links_swims_friends select max(id), 2 from swims');
    });
    $longest = max($longest, microtime(true) - $from);
    usleep(3000);
}
echo json_encode(['n' => $n, 'longest' => $longest]);
