<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;

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

    public function always(Somebody $asks): ?bool
    {
        return ! $asks->isSignedIn() ? false : null;
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
