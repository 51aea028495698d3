<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use DateTimeImmutable;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Scene;
use Lanai\Core\Reach\CalendarEntry;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;

/** Puts something into the person's own calendar, which reminds them if they like. */
final readonly class AddToCalendar implements Effect
{
    /** A year, in seconds. */
    private const LONGEST = 31_622_400;

    /**
     * @param  string  $from  a formula that gives a date and time, or a date
     * @param  string  $for  a formula that gives a duration; '' for a moment, or that whole day
     * @param  string  $reminding  a formula that gives a duration; '' for no reminder
     */
    public function __construct(
        public string $title,
        public string $from = '',
        public string $for = '',
        public string $at = '',
        public string $about = '',
        public string $reminding = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('add to the calendar', new Blank('title', new TextFit()))->clauses(
            Clause::of('from', 'when it begins', new Blank('from', FormulaFit::giving(Kind::Any))),
            Clause::of('for', 'how long it takes', new Blank('for', FormulaFit::giving(Kind::Duration))),
            Clause::of('at', 'where it is', new Blank('at', new TextFit())),
            Clause::of('about', 'what else is to be known', new Blank('about', new TextFit())),
            Clause::of('reminding', 'how long before one is reminded', new Blank('reminding', FormulaFit::giving(Kind::Duration)), new Words('before')),
        );
    }

    public function run(Doing $doing): void
    {
        $scene = $doing->scene;
        // The same thing put in again takes its own place.
        $entry = $this->entry($scene, [$scene->blueprint->name, $scene->at, $scene->visit->args ?? [], $scene->row?->table->name, $scene->row?->id]);
        $doing->outcome->onDevice('calendar', CalendarEntry::file([$entry], $scene->blueprint->name, $scene->moment->now));
        $scene->trail->step('calendar', $entry->title, $scene->at);
    }

    /**
     * What stands in the calendar, for the row that is at hand.
     *
     * @param  list<mixed>  $about  what makes it the same thing when it is put in again
     *
     * @throws Refused where it has no time
     */
    public function entry(Scene $scene, array $about): CalendarEntry
    {
        $from = $this->from === '' ? null : $scene->value($this->from, 'from');
        $begins = match (true) {
            $from instanceof DateTimeImmutable => $from,
            $from instanceof Day => $from->iso,
            default => throw new Refused('It has no time yet, so it cannot be put into a calendar.'),
        };
        $title = trim($scene->text($this->title, 'title'));

        return new CalendarEntry(
            substr(hash('sha256', json_encode($about, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)), 0, 32).'@lanai',
            $title === '' ? $scene->blueprint->name : $title,
            $begins,
            $this->seconds($scene, $this->for, 'for') ?? 0,
            $scene->text($this->at, 'at'),
            $scene->text($this->about, 'about'),
            $this->seconds($scene, $this->reminding, 'reminding'),
        );
    }

    private function seconds(Scene $scene, string $formula, string $key): ?int
    {
        $value = $formula === '' ? null : $scene->value($formula, $key);
        if ($value === null) {
            return null;
        }
        $seconds = $value instanceof Duration ? $value->seconds : -1;

        return $seconds >= 0 && $seconds <= self::LONGEST ? $seconds : throw new Refused('How long it takes is no length of time that a calendar knows.');
    }
}
