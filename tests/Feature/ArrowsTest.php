<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use SplFileInfo;

/** Arrows between the rooms point one way: web -> HTTP -> app -> core; core knows nobody, the stand-ins are strangers. */
final class ArrowsTest extends TestCase
{
    public function test_core_knows_neither_the_framework_nor_the_app(): void
    {
        self::assertSame(
            [],
            $this->files('core/src', '/(Illuminate|App|Laravel|Database|Standins|Tests)\\\\|\b(config|env|app|base_path|storage_path|collect|Carbon)\(/'),
        );
    }

    public function test_core_has_no_clock_no_chance_and_touches_no_file(): void
    {
        self::assertSame(
            [],
            $this->files(
                'core/src',
                '/\\b(time|microtime|hrtime|rand|mt_rand|random_int|random_bytes|uniqid|file_get_contents|file_put_contents|fopen|curl_init|'
                    ."getenv)\\(|new (\\\\?DateTimeImmutable|\\\\?DateTime)(\\(\\)|\\('now'|;)|\\\$_(GET|POST|SERVER|ENV)/",
            ),
        );
    }

    public function test_the_result_of_every_regular_expression_is_looked_at(): void
    {
        $own = '/\bpreg_(match|match_all|replace|replace_callback|split|grep)\(/';

        self::assertSame(['core/src/Text/Pattern.php: preg_match('], [...$this->files('core/src', $own), ...$this->files('app', $own)]);
    }

    public function test_the_stand_ins_import_nothing_of_lanai_and_lanai_nothing_of_them(): void
    {
        self::assertSame([], $this->files('standins', '/(Lanai\\\\Core|App\\\\|Illuminate\\\\|vendor\/autoload)/'));
        self::assertSame([], $this->files('app', '/Standins\\\\/'));
    }

    public function test_the_device_knows_neither_the_studio_nor_its_components(): void
    {
        self::assertSame([], $this->files('web/device', '/studio\\/|vuetify|contracts\\/studio/', '/\.(ts|vue)$/'));
        self::assertSame([], $this->files('web/studio', "/from '.*device\\//", '/\.(ts|vue)$/'));
    }

    /** From the ground up; folders of stations stand above, and know one another not at all. */
    private const STUDIO = ['open', 'findings', 'prose', 'deck', 'saying', 'frame'];

    public function test_what_stations_share_knows_no_station(): void
    {
        $place = array_flip(self::STUDIO);
        $against = [];
        foreach (self::STUDIO as $room) {
            foreach ($this->imports("web/studio/$room") as [$file, $to]) {
                if (($place[$to] ?? PHP_INT_MAX) > $place[$room]) {
                    $against[] = "$file: $to";
                }
            }
        }

        self::assertSame([], $against);
    }

    public function test_stations_do_not_know_one_another(): void
    {
        $stations = array_diff(array_map(basename(...), glob(dirname(__DIR__, 2).'/web/studio/*', GLOB_ONLYDIR) ?: []), self::STUDIO);
        $against = [];
        foreach ($stations as $station) {
            foreach ($this->imports("web/studio/$station") as [$file, $to]) {
                if ($to !== $station && in_array($to, $stations, true)) {
                    $against[] = "$file: $to";
                }
            }
        }

        self::assertSame([], $against);
    }

    /** @return iterable<array{string, string}> a file of a folder of the studio, and another folder that it imports from */
    private function imports(string $folder): iterable
    {
        foreach (glob(dirname(__DIR__, 2)."/$folder/*") ?: [] as $file) {
            preg_match_all("~from '\\.\\./([a-z]+)/~", (string) file_get_contents($file), $found);
            foreach ($found[1] as $to) {
                yield [basename($file), $to];
            }
        }
    }

    public function test_data_never_becomes_markup(): void
    {
        self::assertSame([], $this->files('web', '/v-html|innerHTML|\beval\(/', '/\.(ts|vue)$/'));
    }

    /** @return list<string> the files under a folder that match */
    private function files(string $folder, string $pattern, string $names = '/\.php$/'): array
    {
        $root = dirname(__DIR__, 2);
        $bad = [];
        foreach ((new \Illuminate\Filesystem\Filesystem())->allFiles("$root/$folder") as $file) {
            /** @var SplFileInfo $file */
            if (
                preg_match($names, $file->getFilename()) &&
                ! str_contains($file->getPathname(), '/vite.config') &&
                preg_match($pattern, (string) file_get_contents($file->getPathname()), $found)
            ) {
                $bad[] = substr($file->getPathname(), strlen($root) + 1).': '.$found[0];
            }
        }

        return $bad;
    }
}
