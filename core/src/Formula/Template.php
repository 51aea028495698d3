<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Text\Pattern;

/**
 * A text with formulas in braces: "{swim.places} places left". {{ and }} stand for braces themselves. Where the words depend on a value, the
 * formula goes on as in ICU MessageFormat: "{swim.places, plural, one {# place} other {# places}} left".
 */
final class Template
{
    /** @var array<string, self> */
    private static array $made = [];

    /** @param  list<string|Formula|Choosing|TheNumber>  $parts */
    private function __construct(public readonly array $parts)
    {
    }

    /** @throws FormulaMistake with the position in the whole text */
    public static function of(string $text): self
    {
        if (isset(self::$made[$text])) {
            return self::$made[$text];
        }
        $made = new self(TemplateReader::text($text));
        if (count(self::$made) > 5000) {
            self::$made = [];
        }

        return self::$made[$text] = $made;
    }

    /**
     * The same of a message of ICU MessageFormat, in which numbers from 0 stand for formulas.
     *
     * @param  list<string>  $formulas
     *
     * @throws FormulaMistake with the position in the message
     */
    public static function ofMessage(string $message, array $formulas): self
    {
        return new self(TemplateReader::message($message, $formulas));
    }

    /** @return list<Formula> all of them, also those by which wordings are chosen and those in wordings */
    public function formulas(): array
    {
        return self::within($this->parts);
    }

    /** @return list<Choosing> */
    public function choosings(): array
    {
        return self::choosingsIn($this->parts);
    }

    /**
     * @param  callable(string): string  $change gets each formula's text
     *
     * @throws FormulaMistake where a brace is not closed
     */
    public static function changed(string $text, callable $change): string
    {
        return (new self(TemplateReader::text($text, forgiving: true)))->written($change);
    }

    /**
     * As it is written, with other formulas.
     *
     * @param  (callable(string): string)|null  $change  gets each formula's text
     * @param  (callable(Formula): string)|null  $alone  gives what stands for a formula in braces, outside of wordings and without any
     */
    public function written(?callable $change = null, ?callable $alone = null): string
    {
        $change ??= fn (string $formula): string => $formula;
        if ($alone === null) {
            return self::write($this->parts, $change, true, false);
        }

        return implode('', array_map(
            fn (string|Formula|Choosing|TheNumber $part): string => $part instanceof Formula ? $alone($part) : self::write([$part], $change, true, false),
            $this->parts,
        ));
    }

    /**
     * As a message of ICU MessageFormat, and the formulas that its numbers stand for, each once.
     *
     * @return array{string, list<string>}
     */
    public function message(): array
    {
        $formulas = [];
        $message = self::write($this->parts, function (string $formula) use (&$formulas): string {
            $formulas[$formula] ??= count($formulas);

            return (string) $formulas[$formula];
        }, false, false);

        return [$message, array_map(strval(...), array_keys($formulas))];
    }

    /**
     * @param  list<string|Formula|Choosing|TheNumber>  $parts
     * @param  callable(string): string  $change
     * @param  bool  $doubled  braces themselves are doubled, not quoted
     * @param  bool  $counts  # is a number
     */
    private static function write(array $parts, callable $change, bool $doubled, bool $counts): string
    {
        $written = '';
        foreach ($parts as $part) {
            $written .= match (true) {
                is_string($part) => $doubled ? strtr($part, ['{' => '{{', '}' => '}}']) : self::quoted($part, $counts),
                $part instanceof Formula => '{'.$change($part->text).'}',
                $part instanceof TheNumber => '#',
                default => self::choosing($part, $change),
            };
        }

        return $written;
    }

    /** @param  callable(string): string  $change */
    private static function choosing(Choosing $choosing, callable $change): string
    {
        // What comes first is counted first.
        $of = $change($choosing->of->text);
        $wordings = [];
        foreach ($choosing->wordings as $key => $parts) {
            $key = strpbrk((string) $key, " \t\n,'") === false ? $key : "\"$key\"";
            $wordings[] = "$key {".self::write($parts, $change, false, $choosing->by !== Choosing::SELECT).'}';
        }
        $offset = $choosing->offset === 0 ? '' : "offset:$choosing->offset ";

        return '{'.$of.", $choosing->by, $offset".implode(' ', $wordings).'}';
    }

    /**
     * Words as they stand in a message: an apostrophe is doubled where it would quote, and what means something is quoted.
     *
     * @param  bool  $counts  # is a number there
     */
    public static function quoted(string $words, bool $counts): string
    {
        $special = $counts ? '{}#' : '{}';

        return Pattern::replaceEach(
            "~'*[$special][$special']*|'+\\z|'+~",
            fn (array $found): string => match (true) {
                strpbrk($found[0], $special) !== false => "'".str_replace("'", "''", $found[0])."'",
                $found[0] === "'" && ! str_ends_with($words, "'") => "'",
                default => str_replace("'", "''", $found[0]),
            },
            $words,
        );
    }

    /**
     * @param  list<string|Formula|Choosing|TheNumber>  $parts
     * @return list<Formula>
     */
    private static function within(array $parts): array
    {
        $found = [];
        foreach ($parts as $part) {
            if ($part instanceof Formula) {
                $found[] = $part;
            } elseif ($part instanceof Choosing) {
                array_push($found, $part->of, ...array_merge(...array_values(array_map(self::within(...), $part->wordings))));
            }
        }

        return $found;
    }

    /**
     * @param  list<string|Formula|Choosing|TheNumber>  $parts
     * @return list<Choosing>
     */
    private static function choosingsIn(array $parts): array
    {
        $found = [];
        foreach ($parts as $part) {
            if ($part instanceof Choosing) {
                array_push($found, $part, ...array_merge(...array_values(array_map(self::choosingsIn(...), $part->wordings))));
            }
        }

        return $found;
    }
}
