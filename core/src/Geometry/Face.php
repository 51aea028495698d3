<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** The widths of a type face's characters, from the metrics that ship with it. Units: shares of the font size. */
final class Face
{
    private static ?self $hanken = null;

    /** @var array<string, float> */
    private array $measured = [];

    /** @param  array<int, array{advances: array<int, int>, pairs: array<string, int>}>  $weights */
    private function __construct(private readonly array $weights)
    {
    }

    /** The face that the device shows all text in. */
    public static function shipped(): self
    {
        /** @var array<int, array{advances: array<int, int>, pairs: array<string, int>}> $weights */
        $weights = self::$hanken === null ? require __DIR__.'/../../fonts/hanken-grotesk.php' : [];

        return self::$hanken ??= new self($weights);
    }

    /** The width of a text on one line, as a share of the font size. */
    public function width(string $text, int $weight): float
    {
        $key = "$weight$text";
        if (isset($this->measured[$key])) {
            return $this->measured[$key];
        }
        if (count($this->measured) > 20000) {
            $this->measured = [];
        }
        ['advances' => $advances, 'pairs' => $pairs] = $this->weights[$weight] ?? $this->weights[400];
        $width = 0;
        $before = '';
        foreach (mb_str_split($text) as $character) {
            $code = mb_ord($character);
            $width += $advances[$code] ?? self::guess($code);
            if ($before !== '') {
                $width += $pairs[$before.$character] ?? 0;
            }
            $before = $character;
        }

        return $this->measured[$key] = $width / 1000;
    }

    /** For what the face does not have: nothing for marks, a full em where the script is wide, else what letters have on average. */
    private static function guess(int $code): int
    {
        $type = \IntlChar::charType($code);
        if (
            in_array(
                $type,
                [
                    \IntlChar::CHAR_CATEGORY_NON_SPACING_MARK,
                    \IntlChar::CHAR_CATEGORY_ENCLOSING_MARK,
                    \IntlChar::CHAR_CATEGORY_FORMAT_CHAR,
                    \IntlChar::CHAR_CATEGORY_CONTROL_CHAR,
                ],
                true,
            )
        ) {
            return 0;
        }
        $wide = \IntlChar::getIntPropertyValue($code, \IntlChar::PROPERTY_EAST_ASIAN_WIDTH);

        return in_array($wide, [3, 5], true) ? 1000 : 560;
    }
}
