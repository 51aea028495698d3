<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Blueprint\Fits\TableFit;
use Lanai\Core\Effects\AskFor;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Formula\Type;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;
use Lanai\Core\Text\Pattern;

/** Effects under a name, which taps can do with values of their own. */
final readonly class Routine implements HasSentence
{
    private const EVERY = ['minute' => 'minute', 'quarter' => 'quarter of an hour', 'hour' => 'hour', 'day' => 'day', 'monday' => 'Monday', 'month' => 'first of the month'];

    /**
     * @param  list<Taken>  $taking
     * @param  string  $row  what one row of a table is called: it is done by itself when such a row changes; '' for no row
     * @param  'added'|'changed'|'removed'|''  $when  what happens with the row
     * @param  'minute'|'quarter'|'hour'|'day'|'monday'|'month'|''  $every  it is done by itself at a time
     * @param  string  $at  the time of the day, such as "07:30"
     * @param  string  $zone  an IANA time zone; '' for UTC
     * @param  bool  $hook  it is done when a webhook comes in
     * @param  list<Effect>  $does
     */
    public function __construct(public string $name, #[ListOf(Taken::class)] public array $taking = [], public string $row = '', public string $when = '', public string $every = '', public string $at = '', public string $zone = '', public bool $hook = false, #[ListOf(Effect::class)] public array $does = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('routine', new Blank('name', NameFit::of('the name of the routine')))
            ->clauses(
                Clause::joined('taking', 'what it is given', new Series('taking', 'and', Taken::class)),
                Clause::of('when one', 'by itself, when a row changes', new Blank('row', TableFit::singular()), new Blank('when', ChoiceFit::of('is added, is changed or is removed', ['added' => 'is added', 'changed' => 'is changed', 'removed' => 'is removed']))),
                Clause::of('every', 'by itself, at a time', new Blank('every', ChoiceFit::of('minute, hour, day and so on', self::EVERY))),
                Clause::of('at the time', 'at which time of the day', new Blank('at', TextFit::plain())),
                Clause::of('in the time of', 'in which time zone', new Blank('zone', TextFit::plain())),
                Clause::flag('hook', 'when a webhook comes in'),
            )
            ->below(new Children('does', Effects::family(), 'what it does'))
            ->within(['does'], fn (array $data, Scope $scope): Scope => $scope->with(Taken::types($data['taking'] ?? []) + self::ofRow($data, $scope) + AskFor::in($data, $scope->blueprint))->asking(Asked::in($data)));
    }

    /** What it is done for, by its name in formulas; a row that is removed is not there any more. */
    public function rowName(): string
    {
        return $this->row === '' || $this->when === 'removed' ? '' : Names::inFormula($this->row);
    }

    /** The times at which it is done, as cron writes them; '' for none. */
    public function cron(): string
    {
        [$hour, $minute] = Pattern::match('/^([01]?\d|2[0-3]):([0-5]\d)$/', $this->at, $found) ? [(int) $found[1], (int) $found[2]] : [0, 0];

        return match ($this->every) {
            'minute' => '* * * * *',
            'quarter' => '*/15 * * * *',
            'hour' => "$minute * * * *",
            'day' => "$minute $hour * * *",
            'monday' => "$minute $hour * * 1",
            'month' => "$minute $hour 1 * *",
            default => '',
        };
    }

    /** What it waits for, in words; '' where only taps begin it. */
    public function waitsFor(): string
    {
        $time = $this->at === '' || in_array($this->every, ['minute', 'quarter', 'hour'], true) ? '' : " at $this->at";
        $waits = array_filter([
            $this->row === '' ? '' : "when one $this->row is ".($this->when === '' ? 'changed' : $this->when),
            $this->every === '' ? '' : 'every '.self::EVERY[$this->every].$time.($this->zone === '' ? ' (UTC)' : " in the time of $this->zone"),
            $this->hook ? 'when a webhook comes in' : '',
        ]);

        return implode(', and ', $waits);
    }

    /** True where it is done by the app itself, and by nobody's tap. */
    public function byItself(): bool
    {
        return $this->row !== '' || $this->every !== '' || $this->hook;
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, Type>
     */
    private static function ofRow(array $data, Scope $scope): array
    {
        $table = ($data['when'] ?? '') === 'removed' ? null : $scope->blueprint->tableOfOne(is_string($data['row'] ?? null) ? $data['row'] : '');

        return $table === null ? [] : [Names::inFormula($table->singular) => Type::row($table->singular)];
    }
}
