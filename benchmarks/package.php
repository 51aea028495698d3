<?php

declare(strict_types=1);

// Each kind of package built by Lanai against its bare tools on a folder that is laid out already. Aim: at most 1.2 each.
// The bare chain is what one would write by hand: one run each of the tools that a package cannot do without, those side by side that can be, icons painted
// with the library from one drawing, nothing else laid out, checked or kept between.

use App\Models\App;
use App\Packaging\AndroidProject;
use App\Packaging\DeviceFiles;
use App\Packaging\Iphone\Project;
use App\Packaging\Job;
use App\Packaging\Packager;
use App\Packaging\ServerAddress;
use App\Packaging\Target;
use Benchmarks\Bench;
use Illuminate\Filesystem\Filesystem;
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
$job = new Job($app, $blueprint, ServerAddress::of($app), $bare, ...$quiet);
AndroidProject::lay($job);
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
$assembled = function () use ($run, $bare): void {
    (new Filesystem())->deleteDirectory("$bare/project/build");
    $run('apktool', 'b', 'project', '-p', 'framework', '--use-aapt2', '-o', 'unsigned.apk');
};

/** A letter, drawn once, in each size. */
$icons = function (int ...$sides): array {
    $drawn = imagecreatetruecolor(1024, 1024);
    imagefilledrectangle($drawn, 0, 0, 1024, 1024, (int) imagecolorallocate($drawn, 11, 110, 95));
    $font = base_path('node_modules/@fontsource-variable/literata/files/literata-latin-wght-normal.woff2');
    imagettftext($drawn, 520, 0, 260, 760, (int) imagecolorallocate($drawn, 255, 255, 255), $font, 'S');

    return array_map(function (int $side) use ($drawn): string {
        ob_start();
        imagepng(imagescale($drawn, $side, $side) ?: $drawn);

        return (string) ob_get_clean();
    }, $sides);
};
$zipped = function (string $to, array $files, array $pictures): void {
    $zip = new ZipArchive();
    $zip->open($to, ZipArchive::CREATE | ZipArchive::OVERWRITE);
    foreach ($files as $path => $file) {
        $zip->addFile($file, $path);
    }
    foreach ($pictures as $i => $png) {
        $zip->addFromString("icons/$i.png", $png);
    }
    $zip->close();
};
$laid = function (string $in, array $contents) use ($job, $bare): array {
    $files = [];
    foreach ($contents as $path => $text) {
        $job->write("$in/$path", $text);
        $files[$path] = "$bare/$in/$path";
    }

    return $files;
};
$page = $laid('web', DeviceFiles::of($app, $blueprint, ServerAddress::of($app)));
$iphone = new Project($job);
$written = array_filter($iphone->files(), fn (string $path): bool => ! str_ends_with($path, '.png'), ARRAY_FILTER_USE_KEY);
$xcode = $laid('iphone', $written);
$sdk = base_path('packaging/ios/sdk');
$part = $iphone->parts()[0];
$clang = "clang-14 -target arm64-apple-ios15.0 -nostdinc -fobjc-arc -fblocks -Os -c -I$sdk/headers";
$frameworks = implode(' ', array_map(fn (string $name): string => "-framework $name", $part->frameworks));
$linked = "ld64.lld-14 -arch arm64 -platform_version ios 15.0 15.0 -dead_strip -no_adhoc_codesign -syslibroot $sdk -lSystem -lobjc $frameworks -o App *.o";

$chains = [
    'Android package' => [Target::Apk, function () use ($run, $assembled): void {
        $assembled();
        $run('zipalign', '-f', '-p', '4', 'unsigned.apk', 'aligned.apk');
        $sign = '--ks key.p12 --ks-type PKCS12 --ks-key-alias app --ks-pass env:KEY --key-pass env:KEY --min-sdk-version 24 --out signed.apk';
        $run('apksigner', 'sign', ...[...explode(' ', $sign), 'aligned.apk']);
    }],
    'Android store bundle' => [Target::Aab, function () use ($run, $assembled, $zipped, $bare): void {
        $assembled();
        $run('aapt2', 'compile', '--dir', 'project/res', '-o', 'res.zip');
        $link = '--proto-format -o linked.zip -I framework/1.apk --manifest project/AndroidManifest.xml --min-sdk-version 24 --target-sdk-version 36';
        $run('aapt2', 'link', ...[...explode(' ', $link), '--auto-add-overlay', 'res.zip']);
        (new Filesystem())->deleteDirectory("$bare/base");
        foreach (['linked.zip', 'unsigned.apk'] as $made) {
            $zip = new ZipArchive();
            $zip->open("$bare/$made");
            $zip->extractTo("$bare/base");
        }
        $files = [];
        foreach ((new Filesystem())->allFiles("$bare/base") as $file) {
            $files["base/{$file->getRelativePathname()}"] = $file->getPathname();
        }
        $zipped("$bare/bundle.zip", $files, []);
        $sign = '-keystore key.p12 -storetype PKCS12 -storepass:env KEY -keypass:env KEY -sigalg SHA256withRSA -digestalg SHA-256 bundle.zip app';
        $run('jarsigner', ...explode(' ', $sign));
    }],
    'Web app' => [Target::Web, fn () => $zipped("$bare/web.zip", $page, $icons(192, 512, 192, 512))],
    'iPhone project' => [Target::Ios, fn () => $zipped(
        "$bare/iphone.zip",
        $xcode,
        $icons(40, 60, 58, 87, 80, 120, 180, 20, 29, 152, 167, 1024, 96, 192, 288),
    )],
    'iPhone package' => [Target::Ipa, function () use ($clang, $linked, $bare, $zipped, $icons, $page): void {
        (new Process(['sh', '-c', "rm -f *.o; ls *.m | xargs -P 4 -n 1 $clang && $linked"], "$bare/iphone/App", null, null, 120))->mustRun();
        $zipped("$bare/iphone.ipa", $page + ['App' => "$bare/iphone/App/App"], $icons(120, 180, 152));
    }],
];
$lines = [];
foreach ($chains as $name => [$target, $chain]) {
    $times = Bench::medians(5, [
        'lanai' => fn () => Packager::make($app, $blueprint, $target, "$bench->folder/next", ...$quiet),
        'bare' => $chain,
    ]);
    $lines[] = sprintf(
        "%-43s%.2f   (%.0f ms / %.0f ms; aim: at most 1.2)\n",
        "$name / bare tools",
        $times['lanai'] / $times['bare'],
        $times['lanai'],
        $times['bare'],
    );
}
$bench->end();
echo implode('', $lines);
