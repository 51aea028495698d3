<?php

declare(strict_types=1);

namespace App\Records\Imports;

use Lanai\Core\Exchange\Written\Reading;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Text\Names;

/** A column of the file and the field that it fills, looked up once for all rows. */
final readonly class FilledColumn
{
    /** The field's column in storage, and its name in formulas. */
    public string $name;

    public string $key;

    public FieldType $type;

    public bool $asked;

    /** How its cells are written; null where they are texts. */
    public ?Reading $reading;

    /** Whether an empty cell stands for a value, too. */
    public bool $fillsGaps;

    public bool $many;

    /** What one linked row is called; '' where it is no link. */
    public string $one;

    public function __construct(Field $field, ?Reading $reading)
    {
        $this->name = $field->column();
        $this->key = Names::inFormula($field->name);
        $this->type = $field->type;
        $this->asked = $field->isAsked();
        $this->many = $field->linksToMany() !== '';
        $this->one = $field->linksTo().$field->linksToMany();
        $this->reading = $this->one !== '' || $field->valueType()->kind === Kind::Text ? null : $reading;
        $this->fillsGaps = $this->reading === Reading::Marks;
    }

    /** @return list<string> what is named in a cell; several with semicolons between, where the field takes several */
    public function parts(string $cell): array
    {
        if (! $this->many) {
            $part = trim($cell);

            return $part === '' ? [] : [$part];
        }

        return array_values(array_filter(array_map(trim(...), explode(';', $cell)), fn (string $p): bool => $p !== ''));
    }
}
