<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Apps\WholeFile;
use Lanai\Core\Model\Blueprint;

/** An Android package, aligned and signed with the app's own key. */
final readonly class ApkRecipe implements Recipe
{
    public function __construct(private SigningKeys $keys)
    {
    }

    public function name(): string
    {
        return 'Android package';
    }

    public function short(): string
    {
        return 'APK';
    }

    public function note(): string
    {
        return 'APK, aligned and signed';
    }

    public function group(): string
    {
        return 'Android packages';
    }

    public function ending(): string
    {
        return 'apk';
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
        $this->assemble($job);
        $job->step(65, 'Aligning');
        $job->run(['zipalign', '-f', '-p', '4', 'unsigned.apk', 'aligned.apk']);
        $job->step(75, 'Signing');
        $key = $this->keys->of($job);
        $job->run(
            [
                'apksigner',
                'sign',
                '--ks',
                $key->file,
                '--ks-type',
                'PKCS12',
                '--ks-key-alias',
                SigningKeys::ALIAS,
                '--ks-pass',
                'env:LANAI_KEY',
                '--key-pass',
                'env:LANAI_KEY',
                '--min-sdk-version',
                '24',
                '--out',
                'signed.apk',
                'aligned.apk',
            ],
            ['LANAI_KEY' => $key->password],
        );
        unlink($key->file);
        WholeFile::copy("$job->folder/signed.apk", $file);
    }

    /** The project as an unsigned package. */
    public function assemble(Job $job): void
    {
        $job->step(5, 'Laying out the Android project');
        AndroidProject::lay($job);
        $framework = config('lanai.android_framework');
        if (! is_file($framework)) {
            throw new PackagingFailed('The Android framework resources are not installed. Run ./lanai start once as an administrator.');
        }
        $job->write('framework/.keep', '');
        copy($framework, "$job->folder/framework/1.apk");
        $job->step(25, 'Assembling resources and shell');
        $job->run(['apktool', 'b', 'project', '-p', 'framework', '--use-aapt2', '-o', 'unsigned.apk']);
    }
}
