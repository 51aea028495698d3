<?php

declare(strict_types=1);

namespace App\Apps;

/** Files are written beside their place and then renamed, so that nobody ever reads half of one. */
final class WholeFile
{
    public static function put(string $path, string $bytes): void
    {
        $part = $path.'.'.bin2hex(random_bytes(6)).'.part';
        try {
            file_put_contents($part, $bytes);
            rename($part, $path);
        } finally {
            is_file($part) && unlink($part);
        }
    }

    public static function copy(string $from, string $path): void
    {
        $part = $path.'.'.bin2hex(random_bytes(6)).'.part';
        try {
            copy($from, $part);
            rename($part, $path);
        } finally {
            is_file($part) && unlink($part);
        }
    }
}
