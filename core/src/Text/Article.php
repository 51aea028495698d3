<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

/** “a” or “an”. Letters stand for sounds, with the usual exceptions: a user, a one-off, a European, an hour. */
final class Article
{
    private const VOWEL = '/^([ai]|e(?!u)|o(?!n(e|ce)\b)|u(?!n(i|e\b)|se|su|ti|r[aie]|k|b[io]|f)|hour|hono|heir|honest)/i';

    public static function of(string $name): string
    {
        return Pattern::match(self::VOWEL, $name) ? 'an' : 'a';
    }

    /** A name with its article: “an Order”. */
    public static function with(string $name): string
    {
        return self::of($name)." $name";
    }
}
