<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Text\Pattern;

/** What a founder says, freed of what is only polite, and held against ways of saying things. */
final class Utterance
{
    /** In letters; and in words, so that trying all ways of saying something stays quick. */
    public const LONGEST = 400;

    private const WORDS = 70;

    /** A way of saying things: words, “(one|of|these)”, “[what may be left out]” and “{what is looked for}”. */
    private const PART = '~\[[^\]]*\]|\([^)]*\)|\{\w+\}|\S+~';

    private const POLITE = 'please|kindly|can you|could you|would you|can we|could we|will you|i would like you to|i want you to|i would like to|'.
        'i\'d like to|i want to|'.
        'i want|i need|we need to|we need|you should|let\'s|let us|now|then|and|also|just|ok|okay|hey|hi|hello|so|next';

    /** @var array<string, string> */
    private static array $ways = [];

    public readonly string $text;

    public function __construct(string $said)
    {
        $text = strtr($said, ['“' => '"', '”' => '"', '„' => '"', '«' => '"', '»' => '"', '’' => "'", '‘' => "'"]);
        $text = trim(Pattern::replace('/[\s\x{00A0}]+/u', ' ', mb_substr($text, 0, self::LONGEST)));
        $text = implode(' ', array_slice(explode(' ', $text), 0, self::WORDS));
        $text = Pattern::replace('~^(?:(?:'.self::POLITE.')\b[,:]?\s+)+~iu', '', $text);
        $text = Pattern::replace('~[\s,]+(?:please|thanks|thank you)\s*[.!]*$~iu', '', $text);
        $this->text = trim(Pattern::replace('~\s*[.!;,]+$~u', '', $text));
    }

    /**
     * What stands where something is looked for, by the first way of saying it that fits.
     *
     * @return array<string, string>|null null where none does
     */
    public function fits(string ...$ways): ?array
    {
        foreach ($ways as $way) {
            if (Pattern::match(self::$ways[$way] ??= self::compiled($way), "$this->text ", $found)) {
                return self::named($found);
            }
        }

        return null;
    }

    /**
     * What stands where something is looked for, in every way in which the words can be parted: “make the fee of swims a text” can be parted at any word.
     *
     * @return list<array<string, string>>
     */
    public function each(string ...$ways): array
    {
        $all = [];
        foreach ($ways as $way) {
            for ($least = 1; $least < self::WORDS; $least++) {
                $pattern = self::$ways["$least $way"] ??= self::compiled($way, $least);
                if (! Pattern::match($pattern, "$this->text ", $found)) {
                    break;
                }
                $parted = self::named($found);
                $all[implode('|', $parted)] = $parted;
            }
        }

        return array_values($all);
    }

    /**
     * @param  array<mixed>|null  $found
     * @return array<string, string>
     */
    private static function named(?array $found): array
    {
        $named = [];
        foreach ($found ?? [] as $name => $words) {
            $named = is_string($name) && is_string($words) ? $named + [$name => trim($words)] : $named;
        }

        return $named;
    }

    /** @param  int  $least  so many words stand at least where the first thing is looked for */
    private static function compiled(string $way, int $least = 1): string
    {
        Pattern::matchAll(self::PART, $way, $parts);
        $compiled = '';
        foreach ($parts[0] as $part) {
            $words = strtr(trim($part, '[]()'), [' ' => '\s+']);
            $first = $part[0] === '{' && ! str_contains($compiled, '(?<');
            $compiled .= match ($part[0]) {
                '{' => '(?<'.trim($part, '{}').'>\S+'.($first ? '(?:\s+\S+){'.($least - 1).',}?' : '(?:\s+\S+)*?').')\s+',
                '[' => "(?:(?:$words)\\s+)?",
                '(' => "(?:$words)\\s+",
                default => preg_quote($part, '~').'\s+',
            };
        }

        return "~^$compiled\$~iu";
    }

    /** @return list<string> what was said in one breath, each by itself: the first words of each say that something is to be done */
    public function parts(): array
    {
        $verbs = 'make|show|add|sort|order|hide|rename|call|remove|delete|only|let|put|move|take|change|when|use|give|turn|set|write|tell|translate|'.
            'allow|display|'.
            'everyone|everybody|anyone|nobody|group|list|filter|limit|create|replace|drop|insert|include|notify';
        $apart = Pattern::split(
            '~(?:\s*[;\n]\s*|\.\s+|,?\s+and then\s+|,\s+then\s+|,?\s+and\s+(?=(?:'.$verbs.')\b)|,\s+(?=(?:'.$verbs.')\b))(?=(?:[^"]*"[^"]*")*[^"]*$)~iu',
            $this->text,
        );

        return array_values(array_filter(array_map(trim(...), $apart), fn (string $one): bool => $one !== ''));
    }

    /** The text between quotes, without them; a text without quotes as it is. */
    public static function bare(string $text): string
    {
        return Pattern::match('~^"(.*)"$~us', trim($text), $found) ? $found[1] : trim($text);
    }

    public static function isQuoted(string $text): bool
    {
        return Pattern::match('~^".*"$~us', trim($text));
    }
}
