<?php

declare(strict_types=1);

namespace App\Adverts;

use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use getID3;
use Illuminate\Http\Client\ConnectionException;

/** Films of advertisers: fetched once, looked at, and kept for two days beside Lanai, from where devices play them. */
final class Films
{
    private const KEPT = 2 * 86400;

    /** Bytes. */
    private const LARGEST = 6_000_000;

    private const SHARPEST = 1920;

    /** So many seconds it may be longer than its document says. */
    private const LONGER = 2.0;

    /** How getID3 calls the format => how the file ends. */
    private const FORMATS = ['mp4' => 'mp4', 'quicktime' => 'mp4', 'webm' => 'webm', 'matroska' => 'webm'];

    /**
     * @param  float  $seconds  how long its document says it is
     * @return array{string, string}|null its file and its media type; null where it is no film that may be shown
     */
    public static function at(string $address, float $seconds): ?array
    {
        $name = self::folder().'/'.hash('sha256', $address);
        foreach (['mp4', 'webm'] as $ending) {
            if (is_file("$name.$ending")) {
                return ["$name.$ending", "video/$ending"];
            }
        }
        try {
            $answer = Guard::follow('GET', $address);
        } catch (ConnectionException|AddressRefused) {
            return null;
        }
        $bytes = $answer->successful() ? $answer->body() : '';
        if ($bytes === '' || strlen($bytes) > self::LARGEST) {
            return null;
        }
        $here = "$name.".bin2hex(random_bytes(4));
        file_put_contents($here, $bytes);
        $ending = self::ending($here, $seconds);
        if ($ending === null) {
            unlink($here);

            return null;
        }
        // Whoever asks meanwhile gets the whole file or none.
        rename($here, "$name.$ending");

        return ["$name.$ending", "video/$ending"];
    }

    public static function tidy(int $now): void
    {
        foreach (glob(self::folder().'/*') ?: [] as $file) {
            if ((int) @filemtime($file) < $now - self::KEPT) {
                @unlink($file);
            }
        }
    }

    private static function ending(string $file, float $seconds): ?string
    {
        $read = (new getID3())->analyze($file);
        $format = is_string($read['fileformat'] ?? null) ? $read['fileformat'] : '';
        $video = is_array($read['video'] ?? null) ? $read['video'] : [];
        $length = is_numeric($read['playtime_seconds'] ?? null) ? (float) $read['playtime_seconds'] : INF;
        $sides = [(int) ($video['resolution_x'] ?? 0), (int) ($video['resolution_y'] ?? 0)];

        $isWhole = ! isset($read['error']) && $length <= $seconds + self::LONGER && min($sides) > 0 && max($sides) <= self::SHARPEST;

        return $isWhole ? self::FORMATS[$format] ?? null : null;
    }

    private static function folder(): string
    {
        $folder = storage_path('framework/films');
        is_dir($folder) || mkdir($folder, 0700, true);

        return $folder;
    }
}
