<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Blueprint\Fits\FieldFit;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Sentence;

/** The person, or one of the people, that a field of the row links to. */
final readonly class PersonIn implements Who
{
    public function __construct(public string $field = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('the person in', new Blank('field', new FieldFit));
    }

    public function always(Rights $rights): ?bool
    {
        return $rights->me === null ? false : null;
    }

    public function formula(Table $table): string
    {
        $field = $table->field($this->field);
        $name = Names::inFormula($this->field);

        return match (true) {
            $field === null => 'false',
            $field->linksToMany() !== '' => "any($name, this == me)",
            default => "$name == me",
        };
    }

    public function inWords(): string
    {
        return "the person in $this->field";
    }

    public function one(): string
    {
        return "the person in $this->field";
    }
}
