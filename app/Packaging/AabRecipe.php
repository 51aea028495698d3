<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Apps\WholeFile;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Pattern;
use ZipArchive;

/** A store bundle: the same app in the form from which a store makes packages for each device. */
final readonly class AabRecipe implements Recipe
{
    public function __construct(private ApkRecipe $apk, private SigningKeys $keys)
    {
    }

    public function name(): string
    {
        return 'Android store bundle';
    }

    public function short(): string
    {
        return 'AAB';
    }

    public function note(): string
    {
        return 'AAB, signed';
    }

    public function group(): string
    {
        return 'Android packages';
    }

    public function ending(): string
    {
        return 'aab';
    }

    public function permissions(Blueprint $blueprint): array
    {
        return Ability::permissionsOf($blueprint);
    }

    public function opensLive(): bool
    {
        return true;
    }

    public function make(Job $job, string $file): void
    {
        $this->apk->assemble($job);
        $release = $job->blueprint->release;
        $job->step(50, 'Compiling resources for the bundle');
        $job->run(['aapt2', 'compile', '--dir', 'project/res', '-o', 'res.zip']);
        $job->run([
            'aapt2',
            'link',
            '--proto-format',
            '-o',
            'linked.zip',
            '-I',
            'framework/1.apk',
            '--manifest',
            'project/AndroidManifest.xml',
            '--min-sdk-version',
            '24',
            '--target-sdk-version',
            '36',
            '--version-code',
            (string) $release->build,
            '--version-name',
            $release->version,
            '--auto-add-overlay',
            'res.zip',
        ]);
        $job->step(70, 'Putting the bundle together');
        $this->bundle($job);
        $job->step(85, 'Signing');
        $key = $this->keys->of($job);
        $job->run(
            [
                'jarsigner',
                '-keystore',
                $key->file,
                '-storetype',
                'PKCS12',
                '-storepass:env',
                'LANAI_KEY',
                '-keypass:env',
                'LANAI_KEY',
                '-sigalg',
                'SHA256withRSA',
                '-digestalg',
                'SHA-256',
                'bundle.zip',
                SigningKeys::ALIAS,
            ],
            ['LANAI_KEY' => $key->password],
        );
        unlink($key->file);
        WholeFile::copy("$job->folder/bundle.zip", $file);
    }

    private function bundle(Job $job): void
    {
        $linked = new ZipArchive();
        $unsigned = new ZipArchive();
        $bundle = new ZipArchive();
        if (
            $linked->open("$job->folder/linked.zip") !== true ||
            $unsigned->open("$job->folder/unsigned.apk") !== true ||
            $bundle->open("$job->folder/bundle.zip", ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true
        ) {
            throw new PackagingFailed('The bundle cannot be put together.');
        }
        // BundleConfig { bundletool = 1 { version = 2 } } in protocol buffers' wire format.
        $version = '1.15.6';
        $tool = "\x12".chr(strlen($version)).$version;
        $bundle->addFromString('BundleConfig.pb', "\x0A".chr(strlen($tool)).$tool);
        for ($i = 0; $i < $linked->numFiles; $i++) {
            $name = (string) $linked->getNameIndex($i);
            $bundle->addFromString($name === 'AndroidManifest.xml' ? 'base/manifest/AndroidManifest.xml' : "base/$name", (string) $linked->getFromIndex($i));
        }
        for ($i = 0; $i < $unsigned->numFiles; $i++) {
            $name = (string) $unsigned->getNameIndex($i);
            if (Pattern::match('/^classes\d*\.dex$/', $name)) {
                $bundle->addFromString("base/dex/$name", (string) $unsigned->getFromIndex($i));
            } elseif (str_starts_with($name, 'assets/')) {
                $bundle->addFromString("base/$name", (string) $unsigned->getFromIndex($i));
            }
        }
        $bundle->close();
    }
}
