<?php

declare(strict_types=1);

// An Android package built by Lanai against the bare tool chain on the same laid-out folder. Aim: at most 1.3.
// The bare chain is one run each of the tools that a package cannot do without, with nothing laid out, checked or kept between.

use App\Models\App;
use App\Packaging\AndroidProject;
use App\Packaging\Job;
use App\Packaging\Packager;
use App\Packaging\ServerAddress;
use App\Packaging\Target;
use Benchmarks\Bench;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Bench.php';

$bench = new Bench();
$app = App::query()->firstOrFail();
$blueprint = $app->revision->read();
$quiet = [fn () => null, fn (): bool => false];
Packager::make($app, $blueprint, Target::Apk, "$bench->folder/first.apk", ...$quiet);

$bare = "$bench->folder/bare";
mkdir("$bare/framework", 0700, true);
AndroidProject::lay(new Job($app, $blueprint, ServerAddress::of($app), $bare, ...$quiet));
copy(config('lanai.android_framework'), "$bare/framework/1.apk");
file_put_contents("$bare/key.p12", base64_decode($app->signingKey()->firstOrFail()->store));
$password = $app->signingKey()->firstOrFail()->password;
$run = fn (string ...$command) => (new Process(
    $command,
    $bare,
    ['KEY' => $password, 'JAVA_TOOL_OPTIONS' => '-XX:TieredStopAtLevel=1 -XX:+UseSerialGC'],
    null,
    120,
))->mustRun();

$times = Bench::medians(5, [
    'lanai' => fn () => Packager::make($app, $blueprint, Target::Apk, "$bench->folder/next.apk", ...$quiet),
    'bare' => function () use ($run, $bare): void {
        (new Illuminate\Filesystem\Filesystem())->deleteDirectory("$bare/project/build");
        $run('apktool', 'b', 'project', '-p', 'framework', '--use-aapt2', '-o', 'unsigned.apk');
        $run('zipalign', '-f', '-p', '4', 'unsigned.apk', 'aligned.apk');
        $run(
            'apksigner',
            'sign',
            '--ks',
            'key.p12',
            '--ks-type',
            'PKCS12',
            '--ks-key-alias',
            'app',
            '--ks-pass',
            'env:KEY',
            '--key-pass',
            'env:KEY',
            '--min-sdk-version',
            '24',
            '--out',
            'signed.apk',
            'aligned.apk',
        );
    },
]);
$bench->end();
printf(
    "Android package / bare tool chain          %.2f   (%.0f ms / %.0f ms; aim: at most 1.3)\n",
    $times['lanai'] / $times['bare'],
    $times['lanai'],
    $times['bare'],
);
