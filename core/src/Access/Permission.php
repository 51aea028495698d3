<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Fits\FieldFit;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Nested;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** One sentence about who may do what with the rows of a table. Several about the same add up. */
final readonly class Permission implements HasSentence
{
    /**
     * @param  'seen'|'added'|'changed'|'removed'|''  $verb
     * @param  list<string>  $fields  names of the fields that it is about; none for the rows as a whole
     */
    public function __construct(public string $verb, public Who $who, public array $fields = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('may be', new Blank('verb', ChoiceFit::of('seen, added, changed or removed', Verb::choices())), 'by', new Nested('who', WhoKinds::family()))
            ->clauses(Clause::of('as to', 'only as to some fields', new Series('fields', 'and', new FieldFit)));
    }

    public function isAbout(Verb $verb, ?Field $field = null): bool
    {
        if ($this->verb !== $verb->value) {
            return false;
        }

        return $field === null ? $this->fields === [] : in_array(mb_strtolower($field->name), array_map(mb_strtolower(...), $this->fields), true);
    }
}
