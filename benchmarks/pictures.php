<?php

declare(strict_types=1);

// The whole set of store pictures of the demo: five screens in six sizes and a banner, in three languages. Aim: under 60 s.

use App\Models\App;
use App\Packaging\Packager;
use App\Packaging\Target;
use Benchmarks\Bench;
use Tests\Support\LocalServer;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$folder = sys_get_temp_dir().'/lanai-pictures-'.bin2hex(random_bytes(5));
mkdir($folder, 0700);
$standins = LocalServer::standins($folder);
putenv("LANAI_STANDINS=127.0.0.1:$standins->port");
$_ENV['LANAI_STANDINS'] = $_SERVER['LANAI_STANDINS'] = "127.0.0.1:$standins->port";
$bench = new Bench();
try {
    $app = App::query()->firstOrFail();
    $from = microtime(true);
    Packager::make($app, $app->revision->read(), Target::Pictures, "$bench->folder/pictures.zip", fn () => null, fn (): bool => false);
    $seconds = microtime(true) - $from;
    $zip = new ZipArchive();
    $zip->open("$bench->folder/pictures.zip", ZipArchive::RDONLY);
    $count = $zip->numFiles - 1;
    printf("%-43s%.0f s  (%d pictures, %.2f s each; aim: under 60 s)\n", 'store pictures in three languages', $seconds, $count, $seconds / $count);
} finally {
    $standins->stop();
    $bench->end();
    shell_exec('rm -rf '.escapeshellarg($folder));
}
