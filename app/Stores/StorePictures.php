<?php

declare(strict_types=1);

namespace App\Stores;

use App\Models\App;
use App\Models\Build;
use App\Packaging\Camera;
use App\Packaging\PicturesRecipe;
use App\Packaging\Target;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use GdImage;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Release\PictureChoice;
use Lanai\Core\Release\PictureSize;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Tongues;
use ZipArchive;

/** The pictures that were taken of an app for its pages in the stores: which there are, what has changed, and which are out of date. */
final readonly class StorePictures
{
    /** Seconds for which it is believed which of them are out of date, as long as neither the app nor its rows change. */
    private const BELIEVED = 3600;

    public function __construct(private App $app)
    {
    }

    /** @return array<string, mixed> as PicturesState in docs/studio.schema.json */
    public function state(): array
    {
        $running = $this->builds()->whereIn('state', ['queued', 'running', 'failed'])->first();
        $last = $this->last();
        if ($last !== null && $running !== null && $running->state === 'failed' && $running->id < $last->id) {
            $running = null;
        }

        return [
            'refusal' => Camera::refusal(),
            'proposed' => array_column(PictureChoice::proposed($this->app->revision->read()), 'screen'),
            'running' => $running === null ? null : ['id' => $running->id, 'state' => $running->state, 'progress' => $running->progress,
                'log' => self::lastLine($running->log)],
            'taken' => $last === null ? null : $this->taken($last),
        ];
    }

    private static function lastLine(string $log): string
    {
        $lines = explode("\n", trim($log));

        return trim(Pattern::replace('/^\s*[\d.]+ s  /', '', (string) end($lines)));
    }

    /** Before another set is taken: of those that there are only the newest is still needed, to tell what has changed. */
    public function forgetOld(): void
    {
        foreach ($this->builds()->where('state', 'done')->where('id', '<', $this->last()->id ?? 0)->get() as $build) {
            is_file($build->path()) && unlink($build->path());
            $build->delete();
        }
    }

    public function last(): ?Build
    {
        return $this->builds()->where('state', 'done')->first();
    }

    /**
     * The bytes of one of them.
     *
     * @param  int  $width  in pixels, where it is wanted smaller; 0 for as it is
     */
    public function bytes(Build $build, string $tongue, string $name, int $width = 0): ?string
    {
        $bytes = self::opened($build)?->getFromName("$tongue/$name.png");
        if ($bytes === null || $bytes === false || $width === 0) {
            return $bytes === false ? null : $bytes;
        }
        $image = imagecreatefromstring($bytes);
        $small = $image instanceof GdImage ? imagescale($image, min($width, imagesx($image)), -1, IMG_BICUBIC) : false;
        if ($small === false) {
            return null;
        }
        ob_start();
        imagepng($small, null, 6);

        return (string) ob_get_clean();
    }

    /** The newest ones as a store gets them: a zip of those sizes that it asks for; '' where none were taken. */
    public function zipFor(string $store): string
    {
        $last = $this->last();
        $from = $last === null ? null : self::opened($last);
        if ($last === null || $from === null) {
            return '';
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'pictures');
        $zip = new ZipArchive();
        $zip->open($file, ZipArchive::OVERWRITE);
        foreach (self::listed($last)['pictures'] ?? [] as $one) {
            $path = "{$one['tongue']}/{$one['name']}.png";
            if (PictureSize::tryFrom((string) $one['size'])?->store() === $store) {
                $zip->addFromString($path, (string) $from->getFromName($path));
                $zip->setCompressionName($path, ZipArchive::CM_STORE);
            }
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    /**
     * What speaks against them, as a store would see it.
     *
     * @return list<string>
     */
    public function against(): array
    {
        $last = $this->last();
        if ($last === null) {
            return ['There are no pictures for its page in the store yet.'];
        }
        $taken = $this->taken($last)['pictures'];
        $stale = count(array_filter($taken, fn (array $one): bool => $one['stale']));
        $each = count(array_unique(array_column($taken, 'n')));
        $missing = array_map(
            fn (string $tongue): string => Tongues::NAMES[$tongue] ?? $tongue,
            array_diff(PicturesRecipe::tongues($this->app->revision->read()), array_column($taken, 'tongue')),
        );

        return array_values(array_filter([
            $stale === 0 ? '' : "$stale of ".count($taken).' pictures do not show the app as it is now. Take them again.',
            $each >= PictureSize::FEWEST ? '' : 'Stores want two pictures at least, of two screens.',
            $each <= PictureSize::MOST ? '' : 'Stores take '.PictureSize::MOST." pictures at most of each kind, and there are $each.",
            $missing === [] ? '' : 'There are no pictures yet in '.implode(' and ', $missing).'.',
        ]));
    }

    /** @return array<string, mixed> */
    private function taken(Build $build): array
    {
        $listed = self::listed($build);
        $before = $this->builds()->where('state', 'done')->where('id', '<', $build->id)->first();
        $was = $before === null ? [] : self::checksums($before);
        $is = self::checksums($build);
        $stale = array_flip($this->stale($build, $listed));
        $pictures = [];
        foreach ($listed['pictures'] ?? [] as $one) {
            $size = PictureSize::tryFrom((string) $one['size']);
            $path = "{$one['tongue']}/{$one['name']}.png";
            if ($size !== null && isset($is[$path])) {
                $pictures[] = [
                    'tongue' => $one['tongue'],
                    'name' => $one['name'],
                    'size' => $size->value,
                    'n' => $one['n'],
                    'width' => $size->pixels()[0],
                    'height' => $size->pixels()[1],
                    'stale' => isset($stale["{$one['tongue']} {$one['n']}"]),
                    'before' => isset($was[$path]) && $was[$path] !== $is[$path] ? $before->id : null,
                ];
            }
        }

        return [
            'id' => $build->id,
            'revision' => $listed['revision'] ?? 0,
            'at' => gmdate('c', (int) ($listed['at'] ?? 0)),
            'bytes' => $build->size,
            'tongues' => array_map(fn (string $tongue): array => ['tongue' => $tongue, 'name' => Tongues::NAMES[$tongue] ?? $tongue], $listed['tongues'] ?? []),
            'sizes' => array_map(fn (PictureSize $size): array => [
                'key' => $size->value,
                'name' => $size->name(),
                'store' => (string) config("lanai.stores.{$size->store()}.name"),
                'banner' => $size->isBanner(),
            ], PictureSize::cases()),
            'pictures' => $pictures,
        ];
    }

    /**
     * What they show was looked at anew, at the moment at which they were taken.
     *
     * @param  array<string, mixed>  $listed
     * @return list<string> language and number of those that are out of date
     */
    private function stale(Build $build, array $listed): array
    {
        $version = (new DataFile($this->app, DataSet::Sandbox))->version();

        return Cache::remember("pictures:$build->id:{$this->app->revision->id}:$version", self::BELIEVED, function () use ($listed): array {
            $posing = new Posing(Space::sandbox($this->app));
            $at = new DateTimeImmutable('@'.(int) ($listed['at'] ?? 0));
            $wanted = count(PictureChoice::of($this->app->revision->read()));
            $looked = [];
            foreach ($listed['pictures'] ?? [] as $one) {
                $key = "{$one['tongue']} {$one['n']}";
                [$screen, $args, $person, $spoken] = $one['pose'];
                $now = fn (): string => $posing->digest($screen, $args, $person, $spoken, $posing->caption($one['n'], $spoken), $at);
                $looked[$key] ??= $one['n'] >= $wanted || rescue($now, '', false) !== $one['digest'];
            }

            return array_keys(array_filter($looked));
        });
    }

    /** @return array<string, mixed> */
    private static function listed(Build $build): array
    {
        $listed = json_decode((string) self::opened($build)?->getFromName(PicturesRecipe::LIST), true);

        return is_array($listed) ? $listed : [];
    }

    /** @return array<string, int> path => CRC-32, as the zip has it */
    private static function checksums(Build $build): array
    {
        $zip = self::opened($build);
        $sums = [];
        for ($i = 0; $i < ($zip->numFiles ?? 0); $i++) {
            $stat = $zip?->statIndex($i);
            if (is_array($stat)) {
                $sums[(string) $stat['name']] = (int) $stat['crc'];
            }
        }

        return $sums;
    }

    private static function opened(Build $build): ?ZipArchive
    {
        $zip = new ZipArchive();

        return $build->file !== '' && is_file($build->path()) && $zip->open($build->path(), ZipArchive::RDONLY) === true ? $zip : null;
    }

    /** @return Builder<Build> */
    private function builds(): Builder
    {
        return Build::query()->with('app')->where(['app_id' => $this->app->id, 'target' => Target::Pictures->value])->orderByDesc('id');
    }
}
