<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Text\Names;

/** A calendar that somebody subscribes to: their own calendar reads it again and again, with what they may see at that time. */
final readonly class Calendar implements HasSentence
{
    /**
     * @param  string  $rows  a formula that gives a list of rows
     * @param  string  $each  what each is called there
     * @param  string  $from  a formula that gives a date and time, or a date
     * @param  string  $for  a formula that gives a duration; '' for a moment, or that whole day
     * @param  string  $reminding  a formula that gives a duration; '' for no reminder
     */
    public function __construct(
        public string $name,
        public string $rows = '',
        public string $each = '',
        public string $from = '',
        public string $for = '',
        public string $at = '',
        public string $about = '',
        public string $reminding = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('calendar', new Blank('name', NameFit::seen('the name of the calendar')))
            ->clauses(
                Clause::of('of', 'what stands in it', new Blank('rows', FormulaFit::giving(Kind::Several))),
                Clause::of('each', 'what each is called', new Blank('each', new TextFit())),
                Clause::of('from', 'when it begins', new Blank('from', FormulaFit::giving(Kind::Any))),
                Clause::of('for', 'how long it takes', new Blank('for', FormulaFit::giving(Kind::Duration))),
                Clause::of('at', 'where it is', new Blank('at', new TextFit())),
                Clause::of('about', 'what else is to be known', new Blank('about', new TextFit())),
                Clause::of('reminding', 'how long before one is reminded', new Blank('reminding', FormulaFit::giving(Kind::Duration)), new Words('before')),
            )
            ->within(
                ['each', 'from', 'for', 'at', 'about', 'reminding'],
                fn (array $data, Scope $scope): Scope => $scope->inItem(Items::typeOf(is_string($data['rows'] ?? null) ? $data['rows'] : '', $scope)),
            );
    }

    /** By which its address names it. */
    public function key(): string
    {
        return Names::inStorage($this->name);
    }
}
