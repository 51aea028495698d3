<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\Fits\ScreenFit;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Table;
use Lanai\Core\Reach\Cadence;
use Lanai\Core\Text\Names;

/** A message to people: to whom, when, what it says, and what a tap on it opens. */
final readonly class Message implements HasSentence
{
    /** Hours for which it is worth something where nothing else is said. */
    private const WORTH = 24;

    /**
     * @param  string  $channel  the name of the one it comes on; '' for none: it cannot be turned off by itself
     * @param  string  $row  what one row of a table is called, about which it is; '' for none
     * @param  'added'|'changed'|''  $when  it is sent when that happens to such a row
     * @param  string  $one  the same for a row that has a time at which it is sent; '' for none
     * @param  string  $moment  a formula that gives this time
     * @param  string  $if  a formula, about the row where there is one: it is sent only where it holds; of a row that is changed, where it holds
     *   now and did not before
     * @param  'hour'|'day'|'monday'|'month'|''  $every
     * @param  string  $at  the time of the day, such as "18:00"
     * @param  bool  $there  that time where each person is
     * @param  string  $zone  an IANA time zone; '' for UTC
     * @param  string  $to  a formula that gives a person or people; '' for all
     * @param  string  $those  a formula about each person: who gets it
     * @param  int|null  $seldom  hours in which one person gets it once at most
     * @param  int|null  $worth  hours after which it is worth nothing any more
     * @param  bool  $replaces  it takes the place of the one before it on the phone
     * @param  bool  $silent  it makes no sound
     * @param  bool  $urgent  it comes also in quiet hours, and however many there were
     * @param  bool  $letter  it goes also by post
     * @param  bool  $inbox  it lies also in the inbox of the app
     * @param  string  $hoped  what is hoped that people tap then
     * @param  string  $hopedOn  on which screen
     * @param  list<Wording>  $says
     * @param  list<Opens>  $opens  the screen that a tap opens, at most one; none for where the app begins
     */
    public function __construct(
        public string $name,
        public string $channel = '',
        public string $row = '',
        public string $when = '',
        public string $one = '',
        public string $moment = '',
        public string $if = '',
        public string $every = '',
        public string $at = '',
        public bool $there = false,
        public string $zone = '',
        public string $to = '',
        public string $those = '',
        public ?int $seldom = null,
        public ?int $worth = null,
        public bool $replaces = false,
        public bool $silent = false,
        public bool $urgent = false,
        public bool $letter = false,
        public bool $inbox = false,
        public string $hoped = '',
        public string $hopedOn = '',
        #[ListOf(Wording::class)] public array $says = [],
        #[ListOf(Opens::class)] public array $opens = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('message', new Blank('name', NameFit::of('the name of the message')))
            ->clauses(
                Clause::of('on', 'on which channel', new Blank('channel', NamedFit::of(
                    'channel',
                    fn (Blueprint $b): array => array_column($b->messages->channels ?? [], 'name'),
                ))),
                Clause::of(
                    'when one',
                    'when a row is added or changed',
                    new Blank('row', TableFit::singular()),
                    new Blank('when', ChoiceFit::of('is added or is changed', ['added' => 'is added', 'changed' => 'is changed'])),
                ),
                Clause::of('for each', 'for each row, at a time of its own', new Blank('one', TableFit::singular())),
                Clause::of('every', 'again and again', new Blank('every', ChoiceFit::of('hour, day and so on', Cadence::EVERY))),
                Clause::of('at the time', 'at which time of the day', new Blank('at', TextFit::plain())),
                Clause::of('as soon as it is', 'at which time for each row', new Blank('moment', FormulaFit::giving(Kind::Moment))),
                Clause::flag('there', 'where they are'),
                Clause::of('in the time of', 'in which time zone', new Blank('zone', TextFit::plain())),
                Clause::of('if', 'only where', new Blank('if', FormulaFit::giving(Kind::YesNo))),
                Clause::of('to those where', 'to which people', new Blank('those', FormulaFit::giving(Kind::YesNo))),
                Clause::of('to', 'to whom', new Blank('to', FormulaFit::giving(Kind::Any))),
                Clause::of('at most once in', 'how seldom to one person', new Blank('seldom', NumberFit::whole(1, 8760)), new Words('hours', 'hour')),
                Clause::of('good for', 'how long it is worth something', new Blank('worth', NumberFit::whole(1, 672)), new Words('hours', 'hour')),
                Clause::of(
                    'hoping for',
                    'what is hoped for',
                    new Blank('hoped', TextFit::plain()),
                    new Words('on'),
                    new Blank('hopedOn', new ScreenFit()),
                ),
                Clause::flag('replaces', 'in place of the one before'),
                Clause::flag('silent', 'without a sound'),
                Clause::flag('urgent', 'even in quiet hours'),
                Clause::flag('letter', 'also as a letter'),
                Clause::flag('inbox', 'also in the inbox'),
            )
            ->below(
                new Children('says', Family::only('“says”', Wording::class), 'what it says'),
                new Children('opens', Family::only('“opens”', Opens::class), 'what a tap opens'),
            )
            ->within(['to', 'says', 'opens'], self::about(...))
            ->within(['moment', 'if'], fn (array $data, Scope $scope): Scope => self::inRow($data, $scope))
            ->within(['those'], fn (array $data, Scope $scope): Scope => self::about($data, $scope)->inRow(Blueprint::in($scope)->peopleTable()));
    }

    /** By which it is kept who got it. */
    public function key(): string
    {
        return Names::inStorage($this->name);
    }

    /** What one row is called that it is about; '' for none. */
    public function aboutOne(): string
    {
        return $this->row !== '' ? $this->row : $this->one;
    }

    /** The name of that row in formulas; '' for none. */
    public function rowName(): string
    {
        return Names::inFormula($this->aboutOne());
    }

    /** Its times, as cron writes them; '' for none. */
    public function cron(): string
    {
        return Cadence::cron($this->every, $this->at);
    }

    /** Seconds for which it is worth something. */
    public function worthFor(): int
    {
        return ($this->worth ?? self::WORTH) * 3600;
    }

    /** True where nothing but the founder sends it. */
    public function isByHand(): bool
    {
        return $this->aboutOne() === '' && $this->every === '';
    }

    /**
     * What is known by name.
     *
     * @param  array<string, mixed>  $data
     */
    private static function about(array $data, Scope $scope): Scope
    {
        $table = self::tableIn($data, $scope);

        return $table === null ? $scope : $scope->with([Names::inFormula($table->singular) => Type::row($table->singular)]);
    }

    /**
     * Before it is for anybody: the row that it is about.
     *
     * @param  array<string, mixed>  $data
     */
    private static function inRow(array $data, Scope $scope): Scope
    {
        $table = self::tableIn($data, $scope);

        return $table === null ? $scope : $scope->inRow($table);
    }

    /** @param  array<string, mixed>  $data */
    private static function tableIn(array $data, Scope $scope): ?Table
    {
        foreach (['row', 'one'] as $key) {
            $table = is_string($data[$key] ?? null) && $data[$key] !== '' ? Blueprint::in($scope)->tableOfOne($data[$key]) : null;
            if ($table !== null) {
                return $table;
            }
        }

        return null;
    }
}
