<?php

declare(strict_types=1);

namespace Standins\Stores;

use Standins\Inspection;
use Standins\Inspector;
use Standins\Tool;
use ZipArchive;

/** A store for Android packages. It reads them with aapt, aapt2, apksigner and keytool. */
final readonly class Quay implements Inspector
{
    private const LEAST_TARGET = 34;

    public function __construct(private string $folder)
    {
    }

    public function takes(): string
    {
        return 'Android packages (APK or AAB)';
    }

    public function accepts(string $file): bool
    {
        return $this->holds($file, 'AndroidManifest.xml') || $this->holds($file, 'base/manifest/AndroidManifest.xml');
    }

    public function inspect(string $file): Inspection
    {
        $isBundle = $this->holds($file, 'base/manifest/AndroidManifest.xml');
        $readable = $isBundle ? $this->converted($file) : $file;
        [$code, $badging] = Tool::run(['aapt', 'dump', 'badging', $readable]);
        if ($readable !== $file) {
            unlink($readable);
        }
        if ($code !== 0 || ! preg_match("/^package: name='([^']+)' versionCode='(\d*)' versionName='([^']*)'/m", $badging, $package)) {
            return new Inspection(reasons: [['code' => 'package', 'sentence' => 'The package cannot be read.']]);
        }
        $reasons = [];
        $target = preg_match("/^targetSdkVersion:'(\d+)'/m", $badging, $found) ? (int) $found[1] : 0;
        if ($target < self::LEAST_TARGET) {
            $reasons[] = ['code' => 'target', 'sentence' => "The package targets API level $target; at least ".self::LEAST_TARGET.' is needed.'];
        }
        if (! preg_match("/^application:.* icon='[^']+'/m", $badging)) {
            $reasons[] = ['code' => 'icon', 'sentence' => 'The package has no icon.'];
        }
        $signer = $isBundle ? $this->bundleSigner($file) : $this->packageSigner($file);
        if ($signer === '') {
            $reasons[] = ['code' => 'signature', 'sentence' => 'The package is not signed, or its signature does not hold.'];
        }
        preg_match_all("/^uses-permission: name='([^']+)'/m", $badging, $permissions);

        return new Inspection($package[1], (int) $package[2], $package[3], $signer, $permissions[1], $reasons);
    }

    public function install(string $package): string
    {
        return "$package/package";
    }

    private function packageSigner(string $file): string
    {
        [$code, $output] = Tool::run(['apksigner', 'verify', '--min-sdk-version', '24', '--print-certs', $file]);

        return $code === 0 && preg_match('/SHA-256 digest: ([0-9a-f]{64})/', $output, $found) ? $found[1] : '';
    }

    private function bundleSigner(string $file): string
    {
        [$code, $output] = Tool::run(['jarsigner', '-verify', $file]);
        if ($code !== 0 || ! str_contains($output, 'jar verified')) {
            return '';
        }
        [, $printed] = Tool::run(['keytool', '-printcert', '-jarfile', $file]);

        return preg_match('/SHA256: ([0-9A-F:]{95})/', $printed, $found) ? strtolower(str_replace(':', '', $found[1])) : '';
    }

    /** A bundle's manifest and resources in the binary form that aapt reads. */
    private function converted(string $bundle): string
    {
        $stem = "$this->folder/".bin2hex(random_bytes(8));
        $from = new ZipArchive;
        $to = new ZipArchive;
        $from->open($bundle, ZipArchive::RDONLY);
        $to->open("$stem.proto.apk", ZipArchive::CREATE);
        for ($i = 0; $i < $from->numFiles; $i++) {
            $name = (string) $from->getNameIndex($i);
            if ($name === 'base/manifest/AndroidManifest.xml') {
                $to->addFromString('AndroidManifest.xml', (string) $from->getFromIndex($i));
            } elseif ($name === 'base/resources.pb' || str_starts_with($name, 'base/res/')) {
                $to->addFromString(substr($name, 5), (string) $from->getFromIndex($i));
            }
        }
        $to->close();
        Tool::run(['aapt2', 'convert', '--output-format', 'binary', '-o', "$stem.apk", "$stem.proto.apk"]);
        unlink("$stem.proto.apk");
        if (! is_file("$stem.apk")) {
            touch("$stem.apk");
        }

        return "$stem.apk";
    }

    private function holds(string $file, string $name): bool
    {
        $zip = new ZipArchive;

        return $zip->open($file, ZipArchive::RDONLY) === true && $zip->locateName($name) !== false;
    }
}
