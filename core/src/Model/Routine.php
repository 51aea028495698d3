<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\Services\FromServices;
use Lanai\Core\Reach\Cadence;
use Lanai\Core\Text\Names;

/** Effects under a name, which taps can do with values of their own. */
final readonly class Routine implements HasSentence
{
    private const EVERY = [
        'minute' => 'minute',
        'quarter' => 'quarter of an hour',
        'hour' => 'hour',
        'day' => 'day',
        'monday' => 'Monday',
        'month' => 'first of the month',
    ];

    /** What happens to somebody's purchase, as routines wait for it. */
    public const HAPPENS = [
        'buys' => 'buys',
        'pays' => 'pays again for',
        'fails' => 'fails to pay for',
        'leaves' => 'leaves',
        'returns' => 'comes back to',
        'refunded' => 'gets money back for',
    ];

    /**
     * @param  list<Parameter>  $taking
     * @param  string  $row  what one row of a table is called: it is done by itself when such a row changes; '' for no row
     * @param  'added'|'changed'|'removed'|''  $when  what happens with the row
     * @param  'minute'|'quarter'|'hour'|'day'|'monday'|'month'|''  $every  it is done by itself at a time
     * @param  string  $at  the time of the day, such as "07:30"
     * @param  string  $zone  an IANA time zone; '' for UTC
     * @param  bool  $hook  it is done when a webhook comes in
     * @param  string  $happens  a key of HAPPENS: it is done when that happens to somebody's purchase, in their name; '' for nothing
     * @param  string  $product  of what
     * @param  list<AnyEffect>  $does
     */
    public function __construct(
        public string $name,
        #[ListOf(Parameter::class)] public array $taking = [],
        public string $row = '',
        public string $when = '',
        public string $every = '',
        public string $at = '',
        public string $zone = '',
        public bool $hook = false,
        public string $happens = '',
        public string $product = '',
        #[ListOf(AnyEffect::class)] public array $does = [],
    ) {
    }

    /** @return list<AnyParameter> what it is given, in the order of arguments */
    public function parameters(): array
    {
        return $this->taking;
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('routine', new Blank('name', NameFit::of('the name of the routine')))
            ->clauses(
                Clause::joined('taking', 'what it is given', new Series('taking', 'and', Parameter::class)),
                Clause::of(
                    'when one',
                    'by itself, when a row changes',
                    new Blank('row', TableFit::singular()),
                    new Blank(
                        'when',
                        ChoiceFit::of('is added, is changed or is removed', ['added' => 'is added', 'changed' => 'is changed', 'removed' => 'is removed']),
                    ),
                ),
                Clause::of('every', 'by itself, at a time', new Blank('every', ChoiceFit::of('minute, hour, day and so on', self::EVERY))),
                Clause::of('at the time', 'at which time of the day', new Blank('at', TextFit::plain())),
                Clause::of('in the time of', 'in which time zone', new Blank('zone', TextFit::plain())),
                Clause::of(
                    'when somebody',
                    'by itself, when somebody buys, pays or leaves',
                    new Blank('happens', ChoiceFit::of('buys, pays again for, leaves and so on', self::HAPPENS)),
                    new Blank('product', NamedFit::product()),
                ),
                Clause::flag('hook', 'when a webhook comes in'),
            )
            ->below(new Children('does', Families::of(AnyEffect::class), 'what it does'))
            ->within(
                ['does'],
                fn (array $data, Scope $scope): Scope => $scope
                    ->with(Parameter::types($data['taking'] ?? []) + self::ofRow($data, $scope) + FromServices::in($data, Blueprint::in($scope)))
                    ->asking(InputTypes::in($data)),
            );
    }

    /** What it is done for, by its name in formulas; a row that is removed is not there any more. */
    public function rowName(): string
    {
        return $this->row === '' || $this->when === 'removed' ? '' : Names::inFormula($this->row);
    }

    /** The times at which it is done, as cron writes them; '' for none. */
    public function cron(): string
    {
        return Cadence::cron($this->every, $this->at);
    }

    /** What it waits for, in words; '' where only taps begin it. */
    public function waitsFor(): string
    {
        $time = $this->at === '' || in_array($this->every, ['minute', 'quarter', 'hour'], true) ? '' : " at $this->at";
        $waits = array_filter([
            $this->row === '' ? '' : "when one $this->row is ".($this->when === '' ? 'changed' : $this->when),
            $this->every === '' ? '' : 'every '.self::EVERY[$this->every].$time.($this->zone === '' ? ' (UTC)' : " in the time of $this->zone"),
            $this->happens === '' ? '' : 'when somebody '.self::HAPPENS[$this->happens]." $this->product",
            $this->hook ? 'when a webhook comes in' : '',
        ]);

        return implode(', and ', $waits);
    }

    /** True where it is done by the app itself, and by nobody's tap. */
    public function byItself(): bool
    {
        return $this->row !== '' || $this->every !== '' || $this->hook || $this->happens !== '';
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, Type>
     */
    private static function ofRow(array $data, Scope $scope): array
    {
        $table = ($data['when'] ?? '') === 'removed' ? null : Blueprint::in($scope)->tableOfOne(is_string($data['row'] ?? null) ? $data['row'] : '');

        return $table === null ? [] : [Names::inFormula($table->singular) => Type::row($table->singular)];
    }
}
