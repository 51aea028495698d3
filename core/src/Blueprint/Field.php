<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\FieldTypes;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Nested;
use Lanai\Core\Script\Sentence;

/** One field of a table. Its column keeps its first name, so that a rename moves no data. */
final readonly class Field implements HasSentence
{
    public function __construct(public string $name, public FieldType $type, public bool $required = false, public string $stored = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Blank('name', NameFit::of('the name of the field')), 'is', new Nested('type', FieldTypes::family()))
            ->clauses(Clause::flag('required', 'required'), Clause::of('stored as', 'kept in a column called', new Blank('stored', NameFit::column())));
    }

    public function column(): string
    {
        $column = $this->stored !== '' ? $this->stored : Names::inStorage($this->name);

        return $column === 'id' ? 'id_' : $column;
    }

    public function valueType(): Type
    {
        return $this->type->type();
    }

    /** What one row of the table is called that it links to; '' where it is not a link. */
    public function linksTo(): string
    {
        return $this->type instanceof \Lanai\Core\Data\FieldTypes\LinkType ? $this->type->one : '';
    }
}
