<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Fits\FieldFit;

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
        return Sentence::of(
            'may be',
            new Blank('verb', ChoiceFit::of('seen, added, changed or removed', Verb::choices())),
            'by',
            new InlineNode('who', Families::of(Who::class)),
        )->clauses(Clause::of('as to', 'only as to some fields', new Series('fields', 'and', new FieldFit())));
    }

    public function isAbout(Verb $verb, ?Field $field = null): bool
    {
        if ($this->verb !== $verb->value) {
            return false;
        }

        return $field === null ? $this->fields === [] : in_array(mb_strtolower($field->name), array_map(mb_strtolower(...), $this->fields), true);
    }
}
