<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Standins\Stores\Quay;
use Standins\Stores\ZipEntries;
use Symfony\Component\Process\Process;
use ZipArchive;

/**
 * Packages that a phone or a store refuses, each wrong in one way, made with the platform's own tools (aapt, zipalign, apksigner):
 * the practice store says of each what is wrong with it.
 */
final class RefusedPackagesTest extends TestCase
{
    private const FRAMEWORK = '/usr/share/android-framework-res/framework-res.apk';

    private const USES = '<uses-sdk android:minSdkVersion="24" android:targetSdkVersion="35"/>';

    private const ACTIVITY = '<activity android:name="a.b.Main" android:exported="true"><intent-filter><action '
        .'android:name="android.intent.action.MAIN"/></intent-filter></activity>';

    private static string $folder;

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/lanai-refused-'.bin2hex(random_bytes(6));
        mkdir(self::$folder);
        foreach (['mdpi', 'hdpi', 'xhdpi', 'xxhdpi', 'xxxhdpi'] as $density) {
            mkdir(self::$folder."/res/mipmap-$density", 0700, true);
            imagepng(imagecreatetruecolor(8, 8), self::$folder."/res/mipmap-$density/icon.png");
        }
        mkdir(self::$folder.'/few/mipmap-mdpi', 0700, true);
        imagepng(imagecreatetruecolor(8, 8), self::$folder.'/few/mipmap-mdpi/icon.png');
        self::run_([
            'keytool',
            '-genkeypair',
            '-keystore',
            'key.p12',
            '-storetype',
            'PKCS12',
            '-storepass',
            'secret',
            '-alias',
            'a',
            '-keyalg',
            'RSA',
            '-keysize',
            '2048',
            '-validity',
            '10000',
            '-dname',
            'CN=Test',
        ]);
    }

    public static function tearDownAfterClass(): void
    {
        (new Process(['rm', '-rf', self::$folder]))->run();
    }

    /** @return iterable<string, array{array<string, string|bool>, list<string>}> what is different, and the codes of the reasons */
    public static function packages(): iterable
    {
        yield 'as it should be' => [[], []];
        yield 'its resource table compressed' => [['stored' => false], ['resources']];
        yield 'its resource table not aligned' => [['aligned' => false], ['resources', 'signature']];
        yield 'a compressed table where an older level is targeted' => [
            ['stored' => false, 'uses' => '<uses-sdk android:minSdkVersion="24" android:targetSdkVersion="29"/>'],
            ['resources', 'target'],
        ];
        yield 'signed only in the old way' => [['sign' => '--v2-signing-enabled=false --v3-signing-enabled=false'], ['signature']];
        yield 'not signed at all' => [['sign' => ''], ['signature']];
        yield 'a filter and no word of being exported' => [['activity' => str_replace(' android:exported="true"', '', self::ACTIVITY)], ['exported']];
        yield 'a receiver that does not say it' => [
            ['activity' => self::ACTIVITY.'<receiver android:name="a.b.Got"><intent-filter><action android:name="x.y"/></intent-filter></receiver>'],
            ['exported'],
        ];
        yield 'without a filter nothing need be said' => [['activity' => self::ACTIVITY.'<service android:name="a.b.Own"/>'], []];
        yield 'it needs more than it targets' => [['uses' => '<uses-sdk android:minSdkVersion="36" android:targetSdkVersion="35"/>'], ['target']];
        yield 'it can be debugged' => [['application' => 'android:debuggable="true"'], ['debuggable']];
        yield 'icons for some screens only' => [['res' => 'few'], ['icon']];
        yield 'a name twice, so that not even the tools read it' => [['twice' => true], ['package', 'zip']];
        yield 'a name that leads out' => [['name' => '../out.txt'], ['zip']];
        yield 'a name that leads out the other way' => [['name' => '..\\out.txt'], ['zip']];
    }

    /**
     * @param  array<string, string|bool>  $with
     * @param  list<string>  $codes
     */
    #[DataProvider('packages')]
    public function test_what_is_wrong_is_named(array $with, array $codes): void
    {
        $with += [
            'stored' => true,
            'aligned' => true,
            'sign' => '--v2-signing-enabled=true',
            'uses' => self::USES,
            'activity' => self::ACTIVITY,
            'application' => '',
            'res' => 'res',
            'twice' => false,
            'name' => '',
        ];
        $inspection = (new Quay(self::$folder))->inspect($this->package($with));
        $found = array_values(array_unique(array_column($inspection->reasons, 'code')));
        sort($codes);
        sort($found);

        // Where the file itself is out of shape, the tools do not find its signature good either.
        self::assertSame(
            $codes,
            array_values(array_diff($found, $with['twice'] || $with['name'] !== '' ? ['signature'] : [])),
            implode("\n", array_column($inspection->reasons, 'sentence')),
        );
        self::assertSame(in_array('package', $codes, true) ? '' : 'com.example.refused', $inspection->package);
    }

    public function test_calls_without_encryption_are_told(): void
    {
        $with = [
            'stored' => true,
            'aligned' => true,
            'sign' => '--v2-signing-enabled=true',
            'uses' => self::USES,
            'activity' => self::ACTIVITY,
            'res' => 'res',
            'twice' => false,
            'name' => '',
        ];

        self::assertTrue((new Quay(self::$folder))->inspect($this->package(['application' => 'android:usesCleartextTraffic="true"'] + $with))->cleartext);
        self::assertFalse((new Quay(self::$folder))->inspect($this->package(['application' => 'android:usesCleartextTraffic="false"'] + $with))->cleartext);
        $declares = ['data' => [['type' => 'Device or other IDs']], 'contents' => [], 'deletion' => true];
        $reasons = fn (array $listing): array => array_column(
            \Standins\Review::reasons(
                new \Standins\Inspection(cleartext: true),
                $listing + ['title' => 'A', 'summary' => 'A', 'description' => 'A', 'declares' => $declares],
                [],
                null,
            ),
            'code',
        );
        self::assertSame([['cleartext'], []], [$reasons([]), $reasons(['cleartext' => 'For practice.'])]);
    }

    public function test_entries_are_read_as_they_stand(): void
    {
        file_put_contents(self::$folder.'/no.zip', 'no zip');
        file_put_contents(
            self::$folder.'/cut.zip',
            substr(
                (string) file_get_contents(
                    $this->package([
                        'stored' => true,
                        'aligned' => true,
                        'sign' => '',
                        'uses' => self::USES,
                        'activity' => '',
                        'application' => '',
                        'res' => 'res',
                        'twice' => false,
                        'name' => '',
                    ]),
                ),
                0,
                900,
            ),
        );

        self::assertSame([[], []], [ZipEntries::of(self::$folder.'/no.zip')->all, ZipEntries::of(self::$folder.'/cut.zip')->all]);
    }

    /** @param  array<string, string|bool>  $with */
    private function package(array $with): string
    {
        $file = self::$folder.'/'.bin2hex(random_bytes(4)).'.apk';
        file_put_contents(
            self::$folder.'/AndroidManifest.xml',
            '<?xml version="1.0" encoding="utf-8"?><manifest xmlns:android="http://schemas.android.com/apk/res/android" '
                .'package="com.example.refused" android:versionCode="1" android:versionName="1.0.0">'.
                "{$with['uses']}<application android:label=\"Refused\" "
                    ."android:icon=\"@mipmap/icon\" {$with['application']}>{$with['activity']}</application></manifest>",
        );
        self::run_([
            'aapt',
            'package',
            '-f',
            '-M',
            'AndroidManifest.xml',
            '-S',
            (string) $with['res'],
            '-I',
            self::FRAMEWORK,
            '-F',
            'made.apk',
            ...$with['stored'] ? ['-0', 'arsc'] : [],
        ]);
        $zip = new ZipArchive();
        $zip->open(self::$folder.'/made.apk');
        $zip->setCompressionName('resources.arsc', $with['stored'] ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE);
        if ($with['name'] !== '') {
            $zip->addFromString('ab/out.txt', 'x');
        }
        if ($with['twice']) {
            $zip->addFromString('assets/a.txt', 'x');
            $zip->addFromString('assets/b.txt', 'y');
        }
        $zip->close();
        self::run_(['zipalign', '-f', '4', 'made.apk', basename($file)]);
        if ($with['sign'] !== '') {
            self::run_([
                'apksigner',
                'sign',
                '--ks',
                'key.p12',
                '--ks-pass',
                'pass:secret',
                '--min-sdk-version',
                '23',
                ...explode(' ', (string) $with['sign']),
                basename($file),
            ]);
        }
        $bytes = (string) file_get_contents($file);
        if ($with['name'] !== '') {
            $bytes = str_replace('ab/out.txt', (string) $with['name'], $bytes);
        }
        if ($with['twice']) {
            $bytes = str_replace('assets/b.txt', 'assets/a.txt', $bytes);
        }
        file_put_contents($file, $bytes);
        if (! $with['aligned']) {
            // Something before it that shifts it, and with that the signature is gone.
            for ($shift = 1; $shift <= 4; $shift++) {
                $this->shifted($file, $shift);
                if ((ZipEntries::of("$file.moved")->named('resources.arsc')['at'] ?? 0) % 4 !== 0) {
                    break;
                }
            }
            rename("$file.moved", $file);
        }

        return $file;
    }

    /** The same entries behind one whose name has so many letters. */
    private function shifted(string $file, int $letters): void
    {
        $from = new ZipArchive();
        $from->open($file);
        $to = new ZipArchive();
        $to->open("$file.moved", ZipArchive::CREATE | ZipArchive::OVERWRITE);
        $to->addFromString(str_repeat('a', $letters), 'x');
        for ($i = 0; $i < $from->numFiles; $i++) {
            $name = (string) $from->getNameIndex($i);
            if (! str_starts_with($name, 'META-INF/')) {
                $to->addFromString($name, (string) $from->getFromIndex($i));
                $to->setCompressionName($name, $name === 'resources.arsc' ? ZipArchive::CM_STORE : ZipArchive::CM_DEFAULT);
            }
        }
        $to->close();
    }

    /** @param  list<string>  $command */
    private static function run_(array $command): void
    {
        $process = new Process($command, self::$folder, ['JAVA_TOOL_OPTIONS' => '-XX:TieredStopAtLevel=1 -XX:+UseSerialGC'], timeout: 120);
        $process->run();
        self::assertTrue($process->isSuccessful(), implode(' ', $command)."\n".$process->getOutput().$process->getErrorOutput());
    }
}
