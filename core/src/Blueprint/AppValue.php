<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Nested;
use Lanai\Core\Script\Sentence;

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
        return Sentence::of('value', new Blank('name', NameFit::of('the name of the value')), new Nested('type', FieldTypes::asked()))
            ->clauses(
                Clause::of('kept for each', 'kept for each person, device or visit', new Blank('kept', ChoiceFit::of('person, device or visit', self::KEPT))),
                Clause::of('at first', 'at first', new Blank('begins', FormulaFit::giving(Kind::Any))),
            );
    }

    public function key(): string
    {
        return 'app.'.Names::inFormula($this->name);
    }
}
