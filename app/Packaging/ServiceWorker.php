<?php

declare(strict_types=1);

namespace App\Packaging;

/** The script that keeps an app's own files on the device: https://www.w3.org/TR/service-workers/ */
final class ServiceWorker
{
    /**
     * @param  string  $cache  under which name it keeps them, where several apps share an origin
     * @param  string  $stamp  changes with what the app is made of
     * @param  string  $page  where the app begins; it and the others are addresses from that of the script
     * @param  string  $built  what its files lie under
     * @param  string  $pictures  what its pictures lie under
     * @param  string  $device  where the app asks; it is told there that a message has come
     * @param  list<string>  $files  paths under $built
     */
    public static function of(string $cache, string $stamp, string $page, string $built, string $pictures, string $device, array $files): string
    {
        $literal = fn (mixed $value): string => json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);

        return strtr((string) file_get_contents(base_path('packaging/web/sw.js')), [
            '{{cache}}' => $cache,
            '{{stamp}}' => substr($stamp, 0, 12),
            '{{page}}' => $literal($page),
            '{{built}}' => $literal($built),
            '{{pictures}}' => $literal($pictures),
            '{{device}}' => $literal($device),
            '{{files}}' => $literal(array_values(array_unique([$page, ...array_map(fn (string $file): string => $built.$file, $files)]))),
        ]);
    }
}
