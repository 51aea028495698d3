<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Exchange\Written\Reading;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;

/** Which field each column of a sheet fills. */
final readonly class Mapping
{
    /** The column of a row's own number. */
    public const ID = '#';

    /**
     * @param  list<string>  $to  for each column a field's name in formulas, ID, or '' for none
     * @param  string  $key  the field, or ID, by which a row that is there already is found and changed; '' for none
     * @param  array<int, Reading>  $readings  column => how its cells are written, where that is not as Lanai writes them
     */
    public function __construct(public array $to, public string $key = '', public array $readings = [])
    {
    }

    /**
     * Columns matched to fields by their names; "Spot id" is the number of the linked row.
     *
     * @param  list<string>  $columns
     */
    public static function byName(array $columns, Table $table): self
    {
        $names = array_map(Names::inFormula(...), $columns);
        $to = [];
        foreach ($names as $name) {
            $field = $table->fieldInFormula($name);
            $byId = str_ends_with($name, 'Id') ? $table->fieldInFormula(substr($name, 0, -2)) : null;
            $linksById = fn (Field $f): bool => ($f->linksTo() !== '' || $f->linksToMany() !== '') && in_array(Names::inFormula($f->name).'Id', $names, true);
            $to[] = match (true) {
                $name === 'id' => self::ID,
                $field !== null => $field->formula() !== '' || $linksById($field) ? '' : $name,
                $byId !== null && ($byId->linksTo() !== '' || $byId->linksToMany() !== '') => Names::inFormula($byId->name),
                default => '',
            };
        }

        return new self(self::once($to), in_array(self::ID, $to, true) ? self::ID : '');
    }

    /** @return array<int, Field> column => the field it fills */
    public function fields(Table $table): array
    {
        $fields = [];
        foreach ($this->to as $i => $name) {
            $field = $name === '' || $name === self::ID ? null : $table->fieldInFormula($name);
            if ($field !== null && $field->formula() === '') {
                $fields[$i] = $field;
            }
        }

        return $fields;
    }

    public function columnOf(string $name): ?int
    {
        $i = array_search($name, $this->to, true);

        return $i === false ? null : $i;
    }

    /**
     * @param  list<string>  $to
     * @return list<string> a field is filled by one column only
     */
    private static function once(array $to): array
    {
        $seen = [];
        foreach ($to as $i => $name) {
            $to[$i] = isset($seen[$name]) ? '' : $name;
            $seen[$name] = true;
        }

        return $to;
    }
}
