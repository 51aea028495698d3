<?php

declare(strict_types=1);

namespace App\Records\Imports;

/** What an import did, or would do. */
final class ImportReport
{
    private const LISTED = 300;

    public int $rows = 0;

    public int $added = 0;

    public int $changed = 0;

    public int $bad = 0;

    /** @var list<array{row: int, field: string, sentence: string}> the first mistakes */
    public array $mistakes = [];

    /** @var list<array{row: int, cells: list<string>, does: string}> the first rows, where they are shown */
    public array $shown = [];

    /** @var array<string, string> field that links => the field that its rows are found by; '' for their number */
    public array $links = [];

    public function __construct(private readonly int $show = 0)
    {
    }

    /**
     * @param  array<string, string>  $errors  field => sentence
     * @param  list<string>  $cells
     */
    public function wrong(int $row, array $errors, array $cells): void
    {
        $this->bad++;
        foreach ($errors as $field => $sentence) {
            if (count($this->mistakes) < self::LISTED) {
                $this->mistakes[] = ['row' => $row, 'field' => $field, 'sentence' => $sentence];
            }
        }
        $this->right($row, $cells, 'wrong');
    }

    /** @param  list<string>  $cells */
    public function right(int $row, array $cells, string $does): void
    {
        if ($this->show > 0 && count($this->shown) < $this->show) {
            $this->shown[] = ['row' => $row, 'cells' => array_map(fn (string $c): string => mb_strimwidth($c, 0, 80, '…'), $cells), 'does' => $does];
        }
    }

    /** @return array<string, mixed> */
    public function data(): array
    {
        return [
            'rows' => $this->rows,
            'added' => $this->added,
            'changed' => $this->changed,
            'bad' => $this->bad,
            'mistakes' => $this->mistakes,
            'shown' => $this->shown,
            'links' => (object) $this->links,
        ];
    }
}
