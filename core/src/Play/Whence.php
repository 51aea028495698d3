<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Wording\InWords;
use Lanai\Core\Wording\Trace;

/** Where a value on the screen comes from: the formula, each of its steps, and the stored cells at the end. */
final readonly class Whence
{
    /**
     * @param  list<array{words: string, value: string}>  $steps  from the inside out
     * @param  list<array{table: string, id: int, field: string, value: string}>  $cells
     */
    private function __construct(public string $formula, public string $words, public string $value, public array $steps, public array $cells)
    {
    }

    /** @throws FormulaMistake */
    public static function of(string $formula, Scope $scope, Scene $scene): self
    {
        $evaluation = $scene->evaluation();
        $parsed = Formula::of($formula);
        $value = $scene->show($evaluation->of($parsed));
        $cells = [];
        foreach ($evaluation->reads as $read) {
            $table = $scene->blueprint->table($read['table']);
            $row = $table === null ? null : $scene->reader->row($table->singular, $read['id']);
            $field = $table?->field($read['field']) ?? $table?->fieldInFormula($read['field']);
            $cells["{$read['table']}/{$read['id']}/{$read['field']}"] = $read + [
                'value' => $row === null || $field === null ? '' : $field->type->write($row->value($field)),
            ];
        }

        return new self($formula, InWords::of($parsed, $scope), $value, Trace::of($parsed, $scope, $scene->evaluation()), array_values($cells));
    }

    /**
     * @return array{formula: string, words: string, value: string, steps: list<array{words: string, value: string}>,
     *   cells: list<array{table: string, id: int, field: string, value: string}>}
     */
    public function data(): array
    {
        return ['formula' => $this->formula, 'words' => $this->words, 'value' => $this->value, 'steps' => $this->steps, 'cells' => $this->cells];
    }
}
