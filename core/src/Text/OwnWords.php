<?php

declare(strict_types=1);

namespace Lanai\Core\Text;

use MessageFormatter;
use NumberFormatter;

/**
 * What Lanai itself says to the people who use an app: on buttons of its lines, where something is missing, where something is refused. All of it
 * is listed in core/words/en.php, as messages of ICU MessageFormat; words/de.php and the like say it in other languages.
 */
final class OwnWords
{
    /** Where what a founder says of these words stands, among the texts of a language. */
    public const ON = 'Lanai';

    /** Shorter ones are too general to be known by what is around their values. */
    private const TELLING = 8;

    /** @var array<string, array<string, string>> by tag */
    private static array $read = [];

    /** @var array<string, 'server'|'device'>|null */
    private static ?array $listed = null;

    /** @var array<string, string>|null pattern of a sentence with values => the sentence */
    private static ?array $patterns = null;

    /** @param  array<string, string>  $said */
    private function __construct(public readonly string $tongue, private readonly array $said)
    {
    }

    /**
     * @param  string  $locale  a tag, or an ICU locale such as de_AT
     * @param  array<string, string>  $shown  what the founder says of them, as Blueprint::worded takes it
     */
    public static function in(string $locale, array $shown = []): self
    {
        $tag = explode('_', $locale)[0];
        $said = self::known($tag);
        foreach ($shown as $key => $says) {
            if (str_starts_with($key, self::ON."\n")) {
                $said[substr($key, strlen(self::ON) + 1)] = $says;
            }
        }

        return new self($tag, $said);
    }

    /** @return array<string, 'server'|'device'> all of them, as they are in English, and who says them */
    public static function all(): array
    {
        if (self::$listed === null) {
            /** @var array<string, 'server'|'device'> $listed */
            $listed = require __DIR__.'/../../words/en.php';
            self::$listed = $listed;
        }

        return self::$listed;
    }

    /** @return array<string, string> what Lanai brings along in a language, by the English; none where it does not speak it */
    public static function known(string $tag): array
    {
        if (! isset(self::$read[$tag])) {
            $file = __DIR__."/../../words/$tag.php";
            /** @var array<string, string> $words */
            $words = $tag !== 'en' && isset(Tongues::NAMES[$tag]) && is_file($file) ? require $file : [];
            self::$read[$tag] = $words;
        }

        return self::$read[$tag];
    }

    /** @param  string  $sentence  one of all() */
    public function say(string $sentence, string|int|float ...$values): string
    {
        $message = $this->said[$sentence] ?? $sentence;
        if ($values === [] && ! str_contains($message, '{') && ! str_contains($message, "'")) {
            return $message;
        }
        if ($message === $sentence && str_contains($message, ' a {')) {
            $message = self::withArticles($message, array_values($values));
        }
        if (! str_contains($message, 'plural')) {
            $values = array_map(fn (string|int|float $value): string => is_string($value) ? $value : (string) $this->numbers()->format($value), $values);
        }
        $said = MessageFormatter::formatMessage($this->tongue, $message, array_values($values));

        return $said === false ? (string) MessageFormatter::formatMessage('en', $sentence, array_values($values)) : $said;
    }

    /**
     * English says “an” before some names.
     *
     * @param  list<string|int|float>  $values
     */
    private static function withArticles(string $english, array $values): string
    {
        foreach ($values as $i => $value) {
            if (is_string($value)) {
                $english = str_replace(" a {{$i}}", ' '.Article::of($value)." {{$i}}", $english);
            }
        }

        return $english;
    }

    private function numbers(): NumberFormatter
    {
        return new NumberFormatter($this->tongue, NumberFormatter::DECIMAL);
    }

    /** @return array<string, string> what the device says: English => as it is said here, where that is something else */
    public function ofDevice(): array
    {
        $own = fn (string $says, string $english): bool => $says !== $english && (self::all()[$english] ?? '') === 'device';

        return array_filter($this->said, $own, ARRAY_FILTER_USE_BOTH);
    }

    /**
     * A sentence that was said in English, as it is said here; one that is not known stays.
     *
     * @param  callable(string): string  $name  what a name in it is shown as
     */
    public function again(string $english, callable $name): string
    {
        if ($english === '' || $this->said === []) {
            return $english;
        }
        if (isset($this->said[$english])) {
            return $this->say($english);
        }
        foreach (self::patterns() as $pattern => $sentence) {
            if (isset($this->said[$sentence]) && Pattern::match($pattern, $english, $found)) {
                return $this->say($sentence, ...array_map($name, array_values(array_filter(array_slice($found, 1), is_string(...)))));
            }
        }

        return $english;
    }

    /** @return array<string, string> */
    private static function patterns(): array
    {
        if (self::$patterns !== null) {
            return self::$patterns;
        }
        self::$patterns = [];
        foreach (array_keys(self::all()) as $sentence) {
            if (Pattern::match('/\{\d\}/', $sentence) && ! str_contains($sentence, 'plural')) {
                $pieces = Pattern::split('/\{\d\}/', $sentence);
                if (mb_strlen(implode('', $pieces)) >= self::TELLING) {
                    $quoted = implode('(.+?)', array_map(fn (string $piece): string => preg_quote($piece, '~'), $pieces));
                    $quoted = str_replace(' a (.+?)', ' an? (.+?)', $quoted);
                    self::$patterns["~^$quoted$~us"] = $sentence;
                }
            }
        }

        return self::$patterns;
    }
}
