<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Play\Scene;
use Lanai\Core\Text\Names;

/** Rows of the app that a model goes by: those that the person who asks may see. */
final readonly class KnownRows implements HasSentence
{
    /**
     * @param  list<string>  $fields  names of fields; none for all that are stored
     * @param  int|null  $most  rows
     */
    public function __construct(public string $table, public string $where = '', public array $fields = [], public ?int $most = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('knowing', new Blank('table', TableFit::plural()))
            ->clauses(
                Clause::joined('where', 'only those where', new Blank('where', FormulaFit::giving(Kind::YesNo))),
                Clause::of('as to', 'only some fields', new Series('fields', 'and', new FieldFit())),
                Clause::of('at most', 'at most so many', new Blank('most', NumberFit::whole(1, 200))),
            )
            ->within(
                ['where', 'fields'],
                fn (array $data, Scope $scope): Scope => $scope->inRow(Blueprint::in($scope)->table(is_string($data['table'] ?? null) ? $data['table'] : '')),
            );
    }

    /** @return array<string, list<array<string, string>>> */
    public function rows(Scene $scene): array
    {
        $table = $scene->blueprint->table($this->table);
        if ($table === null) {
            return [];
        }
        $fields = array_filter(
            $table->fields,
            fn (Field $f): bool => $this->fields === []
                ? $f->hasColumn()
                : in_array(mb_strtolower($f->name), array_map(mb_strtolower(...), $this->fields), true),
        );
        $rows = [];
        $names = array_map(fn (Field $f): string => Names::inFormula($f->name), array_values($fields));
        foreach ($scene->rows($table, $this->where, [], $this->most ?? 30, $names) as $row) {
            $told = [];
            foreach ($fields as $field) {
                $told[$field->name] = $scene->show($scene->inRow($row)->value(Names::inFormula($field->name), 'knowing', $row->id));
            }
            $rows[] = array_filter($told, fn (string $v): bool => $v !== '');
        }

        return [$table->name => $rows];
    }
}
