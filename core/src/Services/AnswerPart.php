<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\FieldTypes\LinksType;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Table;

/** A part of an answer that the app uses: where it is found, and what it is. */
final readonly class AnswerPart implements HasSentence
{
    /**
     * @param  string  $at  a JMESPath from the thing that is given; '' for a key of the same name
     * @param  string  $each  for a list: what one of it is called
     * @param  list<AnswerPart>  $parts  for a list: the parts of each
     */
    public function __construct(
        public string $name,
        public FieldType $type,
        public string $at = '',
        public string $each = '',
        #[ListOf(AnswerPart::class)] public array $parts = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Blank('name', NameFit::of('the name of the part')), new InlineNode('type', FieldTypes::answered()))
            ->clauses(
                Clause::of('each a', 'what one of them is called', new Blank('each', NameFit::of('what one of them is called'))),
                Clause::of('at', 'where it is found, as a JMESPath', new Blank('at', TextFit::plain())),
            )
            ->below(new Children('parts', Family::only('a part such as “Celsius is a decimal”', self::class), 'a part'));
    }

    public function way(): string
    {
        return $this->at !== '' ? $this->at : '"'.addcslashes($this->name, '"\\').'"';
    }

    /** Whether it is a list of things with parts of their own. */
    public function isList(): bool
    {
        return $this->type instanceof LinksType;
    }

    /** The table that a list reads as; its name is that of the links. */
    public function listName(): string
    {
        return $this->type instanceof LinksType ? $this->type->table : '';
    }

    /**
     * @param  list<self>  $parts
     * @return list<Table> that of these parts first
     */
    public static function tables(string $name, string $one, array $parts): array
    {
        $inner = [];
        foreach ($parts as $part) {
            if ($part->isList() && $part->listName() !== '') {
                array_push($inner, ...self::tables($part->listName(), $part->each === '' ? $part->listName() : $part->each, $part->parts));
            }
        }

        return [new Table($name, $one === '' ? $name : $one, fields: array_map(fn (self $p): Field => new Field($p->name, $p->type), $parts)), ...$inner];
    }
}
