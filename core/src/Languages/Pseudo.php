<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Formula\Choosing;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\TheNumber;
use Lanai\Core\Text\OwnWords;
use Lanai\Core\Text\Pattern;

/**
 * A language that nobody speaks, made of the app's own words: with accents, longer, and one of the two from right to left. What still reads as
 * before was not put where it can be translated, and what does not fit will not fit in Finnish either. The tags are those of Unicode CLDR's
 * pseudo-locales.
 */
enum Pseudo: string
{
    case Accented = 'en-XA';
    case Mirrored = 'ar-XB';

    private const ACCENTED = [
        'a' => 'á', 'b' => 'ƀ', 'c' => 'ç', 'd' => 'ð', 'e' => 'é', 'f' => 'ƒ', 'g' => 'ĝ', 'h' => 'ĥ', 'i' => 'î', 'j' => 'ĵ', 'k' => 'ķ', 'l' => 'ļ',
        'm' => 'ɱ', 'n' => 'ñ', 'o' => 'ö', 'p' => 'þ', 'q' => 'ǫ', 'r' => 'ŕ', 's' => 'š', 't' => 'ţ', 'u' => 'û', 'v' => 'ṽ', 'w' => 'ŵ', 'x' => 'ẋ',
        'y' => 'ý', 'z' => 'ž', 'A' => 'Å', 'B' => 'Ɓ', 'C' => 'Ç', 'D' => 'Ð', 'E' => 'É', 'F' => 'Ƒ', 'G' => 'Ĝ', 'H' => 'Ĥ', 'I' => 'Î', 'J' => 'Ĵ',
        'K' => 'Ķ', 'L' => 'Ļ', 'M' => 'Ṁ', 'N' => 'Ñ', 'O' => 'Ö', 'P' => 'Þ', 'Q' => 'Ǫ', 'R' => 'Ŕ', 'S' => 'Š', 'T' => 'Ţ', 'U' => 'Û', 'V' => 'Ṽ',
        'W' => 'Ŵ', 'X' => 'Ẋ', 'Y' => 'Ý', 'Z' => 'Ž',
    ];

    /** So many letters more than before, for each letter: short texts grow most (common practice, no source). */
    private const GROWTH = [10 => 0.8, 20 => 0.6, 50 => 0.4, PHP_INT_MAX => 0.3];

    public static function isOne(string $tongue): bool
    {
        return self::tryFrom($tongue) !== null;
    }

    public static function of(string $tongue): self
    {
        return self::from($tongue);
    }

    /** @return array<string, string> Lanai's own words, as Blueprint::own finds them */
    public function own(): array
    {
        $own = [];
        foreach (array_keys(OwnWords::all()) as $sentence) {
            $own[OwnWords::ON."\n$sentence"] = $this->message($sentence);
        }

        return $own;
    }

    /** A message of ICU MessageFormat with its words changed; one that does not read as such stays. */
    public function message(string $message): string
    {
        $formulas = array_map(strval(...), range(0, 99));
        try {
            $parts = Template::ofMessage($message, $formulas)->parts;
        } catch (FormulaMistake) {
            return $message;
        }
        $said = $this->parts($parts, false);

        return $parts === [] ? '' : $said.$this->more(self::letters($parts));
    }

    /** @param  list<string|Formula|Choosing|TheNumber>  $parts */
    private function parts(array $parts, bool $counts): string
    {
        $said = '';
        foreach ($parts as $part) {
            $said .= match (true) {
                is_string($part) => Template::quoted(strtr($part, self::ACCENTED), $counts),
                $part instanceof Formula => '{'.$part->text.'}',
                $part instanceof TheNumber => '#',
                default => '{'.$part->of->text.", $part->by, ".($part->offset === 0 ? '' : "offset:$part->offset ").implode(' ', array_map(
                    fn (string $key, array $wording): string => $key.' {'.$this->parts($wording, $part->by !== Choosing::SELECT).'}',
                    array_keys($part->wordings),
                    $part->wordings,
                )).'}',
            };
        }

        return $said;
    }

    /** What makes a text of so many letters longer. */
    private function more(int $letters): string
    {
        foreach (self::GROWTH as $upTo => $growth) {
            if ($letters <= $upTo) {
                $words = str_repeat('one two three four five ', 1 + (int) ($letters / 20));

                return $letters === 0 ? '' : ' '.substr($words, 0, max(2, (int) ceil($letters * $growth) - 1));
            }
        }

        return '';
    }

    /** @param  list<string|Formula|Choosing|TheNumber>  $parts */
    private static function letters(array $parts): int
    {
        $letters = 0;
        foreach ($parts as $part) {
            $letters += match (true) {
                is_string($part) => mb_strlen(Pattern::replace('/[^\p{L}]/u', '', $part)),
                $part instanceof Choosing => self::letters($part->wordings['other'] ?? []),
                default => 0,
            };
        }

        return $letters;
    }
}
