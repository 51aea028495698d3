<?php

declare(strict_types=1);

namespace Standins;

use ZipArchive;

/**
 * The pictures of an app's page, as a store looks at them: their kind, their sizes, how many there are, and whether anything is on them. Sizes and numbers are
 * the common limits of stores, from memory.
 */
final readonly class Pictures
{
    /** store => kind => [width, height, fewest, most] of each language */
    private const WANTED = [
        'quay' => [
            'quay-phone' => [1080, 2160, 2, 8],
            'quay-foldable' => [1768, 2208, 2, 8],
            'quay-small-tablet' => [1200, 1920, 2, 8],
            'quay-tablet' => [1600, 2560, 2, 8],
            'quay-feature' => [1024, 500, 1, 1],
        ],
        'pier' => ['pier-phone' => [1290, 2796, 2, 10], 'pier-tablet' => [2048, 2732, 2, 10]],
    ];

    private const LARGEST = 8 * 1024 * 1024;

    private const MOST = 400;

    /** @param  array<string, array<string, string>>  $all  language => name => bytes */
    private function __construct(private array $all)
    {
    }

    public static function in(string $file): self
    {
        $zip = new ZipArchive();
        $all = [];
        if (is_file($file) && $zip->open($file, ZipArchive::RDONLY) === true) {
            for ($i = 0; $i < min(self::MOST, $zip->numFiles); $i++) {
                if (preg_match('~^([A-Za-z0-9-]{2,35})/([a-z-]{1,30}?)(?:-\d{1,2})?\.png$~D', (string) $zip->getNameIndex($i), $found)) {
                    $all[$found[1]][substr((string) $zip->getNameIndex($i), strlen($found[1]) + 1, -4)] = (string) $zip->getFromIndex($i, self::LARGEST + 1);
                }
            }
        }

        return new self($all);
    }

    public function one(string $tongue, string $name): string
    {
        return $this->all[$tongue][$name] ?? '';
    }

    /**
     * Those of one kind, in the language that is nearest.
     *
     * @return array<string, string> name => its address below that of the app
     */
    public function shown(string $tongue, string $kind): array
    {
        $tongue = isset($this->all[$tongue]) ? $tongue : (string) array_key_first($this->all);
        $names = array_filter(array_keys($this->all[$tongue] ?? []), fn (string $name): bool => str_starts_with($name, $kind));
        sort($names, SORT_NATURAL);

        return array_combine($names, array_map(fn (string $name): string => "pictures/$tongue/$name.png", $names));
    }

    /** @return list<array{code: string, sentence: string}> */
    public function reasons(string $store): array
    {
        $reasons = [];
        foreach ($this->all as $tongue => $pictures) {
            $of = array_fill_keys(array_keys(self::WANTED[$store] ?? []), 0);
            $same = [];
            foreach ($pictures as $name => $bytes) {
                $kind = (string) preg_replace('/-\d+$/', '', $name);
                if (! isset($of[$kind])) {
                    $reasons[] = self::reason("The picture “{$tongue}/{$name}” is of no kind that this store shows.");

                    continue;
                }
                $of[$kind]++;
                $wrong = self::wrong($bytes, self::WANTED[$store][$kind]);
                $twin = array_search(md5($bytes), $same, true);
                $same[$name] = md5($bytes);
                if ($wrong !== '' || $twin !== false) {
                    $reasons[] = self::reason("The picture “{$tongue}/{$name}” ".($wrong !== '' ? $wrong : "is the same as “{$twin}”."));
                }
            }
            foreach ($of as $kind => $count) {
                [, , $fewest, $most] = self::WANTED[$store][$kind];
                if ($count < $fewest || $count > $most) {
                    $reasons[] = self::reason("In {$tongue} there are $count pictures of the kind “{$kind}”; between $fewest and $most are wanted.");
                }
            }
        }

        return array_slice($reasons, 0, 20);
    }

    /**
     * The head of a PNG says its size and whether it can be seen through (ISO/IEC 15948, 11.2.2); what is on it shows by its pixels.
     *
     * @param  array{int, int, int, int}  $wanted
     */
    private static function wrong(string $bytes, array $wanted): string
    {
        $isPng = str_starts_with($bytes, "\x89PNG\r\n\x1a\n") && strlen($bytes) > 33;
        $head = $isPng ? unpack('Nwidth/Nheight/Cdepth/Ccolour', substr($bytes, 16, 10)) : false;
        if ($head === false || strlen($bytes) > self::LARGEST) {
            return $head === false ? 'is no PNG.' : 'is larger than 8 MB.';
        }
        if ([$head['width'], $head['height']] !== [$wanted[0], $wanted[1]]) {
            return "has {$head['width']} by {$head['height']} pixels; $wanted[0] by $wanted[1] are wanted.";
        }
        if (in_array($head['colour'], [4, 6], true)) {
            return 'can be seen through.';
        }

        return self::isEmpty($bytes) ? 'shows nothing.' : '';
    }

    /** Whether its middle has one colour alone. */
    private static function isEmpty(string $bytes): bool
    {
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            return true;
        }
        [$width, $height, $colours] = [imagesx($image), imagesy($image), []];
        for ($i = 0; $i < 1600; $i++) {
            // A grid of 40 by 40 points over the middle half.
            $x = intdiv($width, 4) + intdiv((int) ($i % 40) * intdiv($width, 2), 40);
            $y = intdiv($height, 4) + intdiv(intdiv($i, 40) * intdiv($height, 2), 40);
            $colours[(int) imagecolorat($image, $x, $y)] = true;
        }

        return count($colours) < 3;
    }

    /** @return array{code: string, sentence: string} */
    private static function reason(string $sentence): array
    {
        return ['code' => 'pictures', 'sentence' => $sentence];
    }
}
