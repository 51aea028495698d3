<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Packaging\Packager;
use App\Packaging\Target;
use PHPUnit\Framework\Attributes\DataProvider;
use Standins\Stores\Pier;
use Standins\Stores\Quay;
use Tests\TestCase;
use ZipArchive;

/** The stand-in stores open what they are given: a package that is tampered with does not get through. */
final class InspectionTest extends TestCase
{
    /** @var array<string, string> target => its package: building one takes seconds */
    private static array $built = [];

    public function test_an_android_package_is_read_and_a_changed_one_is_noticed(): void
    {
        $quay = new Quay($this->folder());
        $file = $this->package(Target::Apk);
        $seen = $quay->inspect($file);

        self::assertTrue($quay->accepts($file));
        self::assertSame(
            [
                'com.saltlark.companion',
                1,
                '1.0.0',
                [
                    'android.permission.INTERNET',
                    'android.permission.ACCESS_COARSE_LOCATION',
                    'android.permission.ACCESS_FINE_LOCATION',
                    'android.permission.POST_NOTIFICATIONS',
                    'android.permission.RECEIVE_BOOT_COMPLETED',
                ],
                [],
            ],
            [$seen->package, $seen->code, $seen->version, $seen->permissions, $seen->reasons],
        );
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/', $seen->signer);

        $zip = new ZipArchive();
        $zip->open($file);
        $zip->addFromString('assets/www/index.html', 'something else');
        $zip->close();
        self::assertSame(['signature'], array_column($quay->inspect($file)->reasons, 'code'));
    }

    public function test_a_bundle_has_the_same_signer_as_the_package(): void
    {
        $app = $this->demo();
        $quay = new Quay($this->folder());
        $files = [];
        foreach ([Target::Apk, Target::Aab] as $target) {
            $files[] = $file = $this->folder()."/app.$target->value";
            Packager::make($app, $app->revision->read(), $target, $file, fn () => null, fn (): bool => false);
        }
        [$apk, $aab] = array_map($quay->inspect(...), $files);

        self::assertSame(
            [$apk->package, $apk->code, $apk->signer, $apk->permissions, []],
            [$aab->package, $aab->code, $aab->signer, $aab->permissions, $aab->reasons],
        );
        $zip = new ZipArchive();
        $zip->open($files[1]);
        $zip->addFromString('base/assets/www/index.html', 'something else');
        $zip->close();
        self::assertSame(['signature'], array_column($quay->inspect($files[1])->reasons, 'code'));
    }

    public function test_what_is_no_package_is_not_accepted(): void
    {
        file_put_contents($this->folder().'/text.apk', 'PK not really');
        $zip = new ZipArchive();
        $zip->open($this->folder().'/broken.apk', ZipArchive::CREATE);
        $zip->addFromString('AndroidManifest.xml', 'not a manifest');
        $zip->close();

        self::assertFalse((new Quay($this->folder()))->accepts($this->folder().'/text.apk'));
        self::assertFalse((new Pier())->accepts($this->folder().'/broken.apk'));
        self::assertSame(['package'], array_column((new Quay($this->folder()))->inspect($this->folder().'/broken.apk')->reasons, 'code'));
    }

    /** @return iterable<string, array{array<string, string|null>, list<string>}> files of a bundle that are changed (null: taken out), and what is said */
    public static function bundles(): iterable
    {
        yield 'as it was built' => [[], []];
        yield 'without the word of its tools' => [
            ['BundleConfig.pb' => null],
            ['BundleConfig.pb is missing or does not say with which version of the tools the bundle was made.'],
        ];
        yield 'with an empty one' => [
            ['BundleConfig.pb' => ''],
            ['BundleConfig.pb is missing or does not say with which version of the tools the bundle was made.'],
        ];
        yield 'without its resource table' => [['base/resources.pb' => null], ['The module “base” has no resources.pb.']];
        yield 'without code' => [['base/dex/classes.dex' => null], ['The module “base” has no dex/classes.dex.']];
        yield 'with a stray file' => [['notes.txt' => 'left behind'], ['“notes.txt” has no place in a bundle.']];
        yield 'with a package’s own table' => [['base/resources.arsc' => 'x'], ['“base/resources.arsc” has no place in a bundle.']];
        yield 'with a second module, in its place' => [['extra/assets/a.txt' => 'x'], []];
    }

    /**
     * The places of a bundle's files: Android App Bundle format, "The bundle format" (from memory), and bundletool's config.proto.
     *
     * @param  array<string, string|null>  $changes
     * @param  list<string>  $sentences
     */
    #[DataProvider('bundles')]
    public function test_a_bundle_is_judged_by_its_shape(array $changes, array $sentences): void
    {
        $file = $this->package(Target::Aab);
        $zip = new ZipArchive();
        $zip->open($file);
        foreach ($changes as $name => $contents) {
            $contents === null ? $zip->deleteName($name) : $zip->addFromString($name, $contents);
        }
        $zip->close();
        $reasons = array_filter((new Quay($this->folder()))->inspect($file)->reasons, fn (array $r): bool => $r['code'] === 'bundle');

        self::assertSame($sentences, array_values(array_column($reasons, 'sentence')));
    }

    /** @return iterable<string, array{array<string, string|null>, list<string>}> files that are changed (null: taken out), and the reasons */
    public static function webApps(): iterable
    {
        yield 'as it was built' => [[], []];
        yield 'without a service worker' => [['sw.js' => null], ['worker']];
        yield 'with an empty service worker' => [['sw.js' => '// later'], ['worker']];
        yield 'without its start page' => [['index.html' => null], ['start']];
        yield 'without one icon' => [['icons/any-512.png' => null], ['icon']];
        yield 'with an icon of another size' => [['icons/any-192.png' => 'icons/any-512.png'], ['icon']];
        yield 'without maskable icons' => [['icons/maskable-192.png' => null, 'icons/maskable-512.png' => null], ['icon', 'icon', 'icon']];
        yield 'with a broken manifest' => [['manifest.webmanifest' => '{'], ['manifest']];
        yield 'with an empty manifest' => [
            ['manifest.webmanifest' => '{"short_name":"x"}'],
            ['manifest', 'manifest', 'manifest', 'manifest', 'icon', 'icon'],
        ];
    }

    /**
     * @param  array<string, string|null>  $changes
     * @param  list<string>  $codes
     */
    #[DataProvider('webApps')]
    public function test_a_web_app_is_judged_by_its_manifest_icons_and_worker(array $changes, array $codes): void
    {
        $file = $this->package(Target::Web);
        $zip = new ZipArchive();
        $zip->open($file);
        foreach ($changes as $name => $content) {
            $bytes = match (true) {
                $content === null => null,
                str_starts_with($content, 'icons/') => (string) $zip->getFromName($content),
                default => $content,
            };
            $bytes === null ? $zip->deleteName($name) : $zip->addFromString($name, $bytes);
        }
        $zip->close();

        self::assertSame($codes, array_column((new Pier())->inspect($file)->reasons, 'code'));
    }

    private function package(Target $target): string
    {
        $file = $this->folder()."/app.$target->value";
        if (isset(self::$built[$target->value])) {
            file_put_contents($file, self::$built[$target->value]);

            return $file;
        }
        $app = $this->demo();
        Packager::make($app, $app->revision->read(), $target, $file, fn () => null, fn (): bool => false);
        self::$built[$target->value] = (string) file_get_contents($file);

        return $file;
    }
}
