<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use php_user_filter;

/** Reads a stream of another encoding as UTF-8; bytes that mean nothing become "?". PHP's own filter stops at the first of them. */
final class ToUtf8 extends php_user_filter
{
    private const NAME = 'lanai.utf8.';

    private string $left = '';

    /** @param  resource  $stream */
    public static function over($stream, string $encoding): void
    {
        if (! in_array(self::NAME.'*', stream_get_filters(), true)) {
            stream_filter_register(self::NAME.'*', self::class);
        }
        stream_filter_append($stream, self::NAME.$encoding, STREAM_FILTER_READ);
    }

    public function filter($in, $out, &$consumed, bool $closing): int
    {
        $encoding = substr($this->filtername, strlen(self::NAME));
        while ($bucket = stream_bucket_make_writeable($in)) {
            $data = is_string($bucket->data) ? $bucket->data : '';
            $consumed += strlen($data);
            $data = $this->left.$data;
            $whole = self::wholeLength($data, $encoding);
            $this->left = substr($data, $whole);
            $bucket->data = (string) mb_convert_encoding(substr($data, 0, $whole), 'UTF-8', $encoding);
            stream_bucket_append($out, $bucket);
        }

        return PSFS_PASS_ON;
    }

    /** How many of the bytes are whole characters: in UTF-16 two bytes, or two pairs of them. */
    private static function wholeLength(string $bytes, string $encoding): int
    {
        $length = strlen($bytes);
        if (! str_starts_with($encoding, 'UTF-16')) {
            return $length;
        }
        $length -= $length % 2;
        $high = $length < 2 ? 0 : ord($bytes[$encoding === 'UTF-16LE' ? $length - 1 : $length - 2]);

        return $high >= 0xD8 && $high <= 0xDB ? $length - 2 : $length;
    }
}
