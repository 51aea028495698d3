<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Written;

use Lanai\Core\Text\Pattern;

/**
 * Looks at the cells of one column, one after the other. Cells that differ only in their digits count
 * as one, so that a column of any length is kept in little.
 */
final class Column
{
    /** Shapes that are kept; a column with more of them is one of texts. */
    private const MOST = 250;

    /** A cell longer than this is a text. */
    private const LONGEST = 48;

    /** @var array<string, int> shape => how many cells have it */
    private array $shapes = [];

    private int $firstNumber = 0;

    private int $secondNumber = 0;

    private bool $texts = false;

    private bool $gaps = false;

    public function see(string $cell): void
    {
        if ($cell === '') {
            $this->gaps = true;

            return;
        }
        if ($this->texts) {
            return;
        }
        if (strlen($cell) > self::LONGEST) {
            $this->texts = true;

            return;
        }
        $shape = strtr($cell, '123456789', '000000000');
        if (isset($this->shapes[$shape])) {
            $this->shapes[$shape]++;
        } elseif (count($this->shapes) >= self::MOST) {
            $this->texts = true;
        } else {
            $this->shapes[$shape] = 1;
        }
        if (($cell[1] ?? '') !== '' && ctype_digit($cell[0]) && ($pair = strpbrk($cell, '/.-') === false ? null : Dates::pair($cell)) !== null) {
            $this->firstNumber = max($this->firstNumber, $pair[0]);
            $this->secondNumber = max($this->secondNumber, $pair[1]);
        }
    }

    public function facts(): ColumnFacts
    {
        $shapes = $this->texts ? [] : array_map(strval(...), array_keys($this->shapes));

        return new ColumnFacts(
            comma: $this->comma(),
            groups: Pattern::anyOf('/^-?0{1,3}(\.000)+$/', $shapes),
            signs: Pattern::anyOf('/[.,]/', $shapes),
            first: $this->firstNumber,
            second: $this->secondNumber,
            marks: $this->gaps && $shapes !== [] && array_diff(array_map(mb_strtolower(...), $shapes), YesNoWords::MARKS) === [],
        );
    }

    /** Whether its numbers have a comma before the decimals (true), a point (false), or it cannot be told (null). */
    private function comma(): ?bool
    {
        $signs = ['point' => 0, 'comma' => 0];
        foreach ($this->texts ? [] : $this->shapes as $shape => $count) {
            $amount = Marks::apart((string) $shape)[0];
            $point = Numerals::fits($amount, false);
            if ($point !== Numerals::fits($amount, true)) {
                $signs[$point ? 'point' : 'comma'] += $count;
            }
        }

        return $signs['point'] === $signs['comma'] ? null : $signs['comma'] > $signs['point'];
    }
}
