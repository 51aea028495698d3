<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Records\DataSet;
use App\Space;
use App\Stores\Posing;
use DateTimeImmutable;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Release\PictureSize;
use Lanai\Core\Text\Tongues;
use Symfony\Component\Process\Process;

/** Pictures of the running app for its pages in the stores: each in every size that they ask for, and in every language. */
final readonly class PicturesRecipe implements Recipe
{
    /** The list of what is in the zip. */
    public const LIST = 'pictures.json';

    /** As phones say what they are, so that the app looks as it does on them. */
    private const AGENTS = [
        'quay' => 'Mozilla/5.0 (Linux; Android 14) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/130.0 Mobile Safari/537.36',
        'pier' => 'Mozilla/5.0 (iPhone; CPU iPhone OS 17_0 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.0 Mobile/15E148 Safari/604.1',
    ];

    public function __construct(private Camera $camera)
    {
    }

    public function name(): string
    {
        return 'Store pictures';
    }

    public function short(): string
    {
        return 'the store pictures';
    }

    public function note(): string
    {
        return 'a zip of PNG files, in a folder for each language';
    }

    public function group(): string
    {
        return 'pictures';
    }

    public function ending(): string
    {
        return 'pictures.zip';
    }

    public function permissions(Blueprint $blueprint): array
    {
        return [];
    }

    public function opensLive(): bool
    {
        return false;
    }

    public function make(Job $job, string $file): void
    {
        $revision = $job->revision ?? $job->app->revision;
        $space = new Space($job->app, DataSet::Sandbox, $revision);
        $posing = new Posing($space);
        $now = now()->toDateTimeImmutable();
        $job->step(2, 'Choosing who and what is shown');
        $posed = $posing->all($now);
        $refused = array_values(array_filter(array_column($posed, 'problem')));
        if ($refused !== [] || $posed === []) {
            throw new PackagingFailed(implode(' ', $refused === [] ? ['There is no screen yet that a picture could show.'] : $refused));
        }
        $tongues = self::tongues($job->blueprint);
        array_map(self::written(...), $tongues);
        [$pages, $list] = $this->listed($posing, $job->blueprint, $job->folder, $now, $posed);
        foreach ($tongues as $tongue) {
            mkdir("$job->folder/$tongue", 0700, true);
        }
        $job->step(10, 'Taking '.count($list).' pictures');
        $this->camera->take($pages, $job);
        $job->step(96, 'Zipping them');
        $zip = new ZipFile($file);
        $zip->add(self::LIST, json_encode(
            ['revision' => $revision->number, 'at' => $now->getTimestamp(), 'tongues' => $tongues, 'pictures' => $list],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE,
        ));
        foreach ($list as $one) {
            $zip->put("{$one['tongue']}/{$one['name']}.png", "$job->folder/{$one['tongue']}/{$one['name']}.png");
        }
        $zip->close();
    }

    /**
     * What is to be taken, and what will be known of it.
     *
     * @param  list<array{screen: string, args: list<int|string>, person: int|null, problem: string}>|null  $posed  null for what is said of the app
     * @return array{list<array<string, mixed>>, list<array{tongue: string, name: string, size: string, n: int, pose: list<mixed>, digest: string}>}
     */
    public function listed(Posing $posing, Blueprint $blueprint, string $folder, DateTimeImmutable $now, ?array $posed = null): array
    {
        $posed ??= $posing->all($now);
        $tongues = self::tongues($blueprint);
        [$pages, $list] = [[], []];
        foreach ($tongues as $tongue) {
            $spoken = $tongue === $tongues[0] ? '' : $tongue;
            foreach ($posed as $n => $one) {
                $caption = $posing->caption($n, $spoken);
                $digest = $posing->digest($one['screen'], $one['args'], $one['person'], $spoken, $caption, $now);
                $key = $posing->sitting($one['screen'], $one['args'], $one['person'], $spoken, $caption)->key();
                foreach (self::AGENTS as $store => $agent) {
                    $pictures = [];
                    foreach (PictureSize::cases() as $size) {
                        if ($size->store() !== $store || ($size->isBanner() && $n > 0)) {
                            continue;
                        }
                        $name = $size->isBanner() ? $size->value : "$size->value-".($n + 1);
                        [$width, $height] = $size->pixels();
                        $pictures[] = [
                            'size' => $size->value,
                            'file' => "$folder/$tongue/$name.png",
                            'width' => intdiv($width, $size->scale()),
                            'height' => intdiv($height, $size->scale()),
                            'scale' => $size->scale(),
                        ];
                        $pose = [$one['screen'], $one['args'], $one['person'], $spoken];
                        $list[] = ['tongue' => $tongue, 'name' => $name, 'size' => $size->value, 'n' => $n, 'pose' => $pose, 'digest' => $digest];
                    }
                    $pages[] = ['path' => "/taken/$key/for/$store", 'agent' => $agent, 'locale' => $tongue, 'pictures' => $pictures];
                }
            }
        }

        return [$pages, $list];
    }

    /** @return non-empty-list<string> the tags of the languages that people get, the app's own first */
    public static function tongues(Blueprint $blueprint): array
    {
        $others = array_column(array_filter($blueprint->languages, fn (Language $one): bool => ! $one->hidden), 'tongue');

        return [$blueprint->theme->tongue(), ...$others];
    }

    /** @throws PackagingFailed where no font on this computer has the letters of a language: boxes would be seen in their place */
    private static function written(string $tongue): void
    {
        $script = strtolower(explode('-', $tongue)[0]);
        $fonts = new Process(['fc-list', ":lang=$script", 'family']);
        if ($fonts->run() === 0 && trim($fonts->getOutput()) === '') {
            throw new PackagingFailed(
                'No font on this computer has the letters of '.(Tongues::NAMES[$tongue] ?? $tongue).', so the pictures would show empty boxes. Install one; '
                    .'for most languages: apt-get install fonts-noto',
            );
        }
    }
}
