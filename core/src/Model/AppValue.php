<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Text\Names;

/** Something that the app remembers outside of its tables: for one person, one device, or one visit. */
final readonly class AppValue implements HasSentence
{
    public const KEPT = ['person' => 'person', 'device' => 'device', 'visit' => 'visit'];

    /**
     * @param  'person'|'device'|'visit'|''  $kept
     * @param  string  $begins  a formula for as long as nothing is set
     */
    public function __construct(public string $name, public FieldType $type, public string $kept = 'device', public string $begins = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('value', new Blank('name', NameFit::of('the name of the value')), new InlineNode('type', FieldTypes::asked()))
            ->clauses(
                Clause::of('kept for each', 'kept for each person, device or visit', new Blank('kept', ChoiceFit::of('person, device or visit', self::KEPT))),
                Clause::of('at first', 'at first', new Blank('begins', FormulaFit::giving(Kind::Any))),
            );
    }

    public function key(): string
    {
        return Prefix::App->key(Names::inFormula($this->name));
    }
}
