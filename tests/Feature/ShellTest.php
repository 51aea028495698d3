<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Packaging\Packager;
use App\Packaging\Target;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use ZipArchive;

/** The shell's dex, taken out of a built package, made into a jar by enjarify and run on the JVM against stub android classes. */
final class ShellTest extends TestCase
{
    public function test_the_shell_opens_the_apps_own_files_under_one_https_origin(): void
    {
        $lines = $this->drive('http://lanai.example', ['https://app.lanai.invalid/index.html', 'https://app.lanai.invalid/missing.js', 'https://elsewhere.example/page']);

        self::assertSame('true', $lines['script']);
        self::assertSame('true', $lines['storage']);
        self::assertSame('false', $lines['files']);
        self::assertSame('https://app.lanai.invalid/index.html', $lines['loaded']);
        self::assertMatchesRegularExpression('~^text/html [1-9]\d+$~', $lines['answer https://app.lanai.invalid/index.html']);
        self::assertSame('text/javascript 0', $lines['answer https://app.lanai.invalid/missing.js']);
        self::assertSame('none', $lines['answer https://elsewhere.example/page']);
        self::assertSame('no', $lines['outside https://app.lanai.invalid/index.html']);
        self::assertSame('android.intent.action.VIEW https://elsewhere.example/page', $lines['outside https://elsewhere.example/page']);
        self::assertSame('1', $lines['back']);
        self::assertSame('0', $lines['mixed'], 'An http server needs MIXED_CONTENT_ALWAYS_ALLOW.');
    }

    public function test_with_an_https_server_nothing_insecure_is_let_in(): void
    {
        self::assertSame('1', $this->drive('https://lanai.example', [])['mixed']);
    }

    /**
     * @param  list<string>  $urls
     * @return array<string, string>
     */
    private function drive(string $server, array $urls): array
    {
        config(['app.url' => $server]);
        $app = $this->demo();
        $work = $this->folder().'/shell';
        Packager::make($app, $app->revision->read(), Target::Apk, $this->folder().'/app.apk', fn () => null, fn (): bool => false);
        $zip = new ZipArchive;
        $zip->open($this->folder().'/app.apk');
        $zip->extractTo($work);
        $stubs = array_map(fn ($file): string => $file->getRealPath(), iterator_to_array(Finder::create()->files()->in(base_path('tests/shell'))->name('*.java'), false));
        $this->run_(['enjarify', '-f', '-o', "$work/shell.jar", "$work/classes.dex"]);
        $this->run_(['javac', '-d', "$work/classes", ...$stubs]);
        $output = $this->run_(['java', '-XX:TieredStopAtLevel=1', "-Dassets=$work/assets", '-cp', "$work/classes:$work/shell.jar", 'Drive', ...$urls]);
        $lines = [];
        foreach (explode("\n", trim($output)) as $line) {
            [$what, $value] = explode(': ', $line, 2);
            $lines[$what] = $value;
        }

        return $lines;
    }

    /** @param  list<string>  $command */
    private function run_(array $command): string
    {
        // Debian's own Python comes first: enjarify is installed for that one.
        $process = new Process($command, null, ['PATH' => '/usr/bin:/bin:'.getenv('PATH')], null, 120);
        $process->run();
        self::assertTrue($process->isSuccessful(), $process->getOutput().$process->getErrorOutput());

        return $process->getOutput();
    }
}
