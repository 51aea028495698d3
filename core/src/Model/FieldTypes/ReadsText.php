<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** Text as people count it: normalized to Unicode's NFC, its length in grapheme clusters. */
trait ReadsText
{
    /** @throws UnreadableValue */
    private static function clean(mixed $input): ?string
    {
        if (! is_scalar($input) || trim((string) $input) === '') {
            return null;
        }
        $input = (string) $input;
        if (! Pattern::match('/[^\x20-\x7E]/', $input)) {
            return $input;
        }
        $text = mb_check_encoding($input, 'UTF-8') && ! str_contains($input, "\0") ? normalizer_normalize($input) : false;

        return is_string($text) ? $text : throw new UnreadableValue('This text has characters that cannot be read.');
    }

    /** @throws UnreadableValue */
    private static function sized(string $text, ?int $least, ?int $most): string
    {
        if (($most !== null && strlen($text) > $most) || $least !== null) {
            $length = (int) grapheme_strlen($text);
            if ($most !== null && $length > $most) {
                throw new UnreadableValue("Please use at most $most characters; this has $length.");
            }
            if ($least !== null && $length < $least) {
                throw new UnreadableValue("Please use at least $least characters; this has $length.");
            }
        }

        return $text;
    }
}
