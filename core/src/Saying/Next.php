<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Access\Rules;
use Lanai\Core\Model\Access\SignedIn;
use Lanai\Core\Model\Access\Unless;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;

/** What would come next for an app: what apps of its kind usually have and it does not, each said as one says a change, with what it brings. */
final readonly class Next
{
    private const MOST = 5;

    /** From so many on one looks for one of them. */
    private const MANY = 3;

    private function __construct(private Known $app)
    {
    }

    /** @return list<array{says: string, brings: string}> the most telling first; each is understood by Sayer */
    public static function of(Blueprint $blueprint): array
    {
        $next = new self(new Known($blueprint));
        $sayer = new Sayer();
        $steps = [];
        foreach ($next->steps() as $says => $brings) {
            $understood = count($steps) < self::MOST ? $sayer->hear($blueprint, $says)[0]['understood'] : null;
            if ($understood !== null && $understood->proposals !== []) {
                $steps[] = ['says' => $says, 'brings' => $brings];
            }
        }

        return $steps;
    }

    /** @return iterable<string, string> what is said => what it brings */
    private function steps(): iterable
    {
        $blueprint = $this->app->blueprint;
        if ($blueprint->signIn === null && $blueprint->tables !== []) {
            yield 'let people sign in' => 'Then what somebody adds is theirs, and others can be told apart.';
        }
        foreach ($this->own() as $table) {
            $many = mb_strtolower($table->name);
            $types = array_map(Known::typeOf(...), $table->fields);
            $lists = array_filter($this->app->lines(), fn (Line $line): bool => $line->kind() === 'list' && $line->text('table') === $table->name);
            $layouts = array_map(fn (Line $line): string => $line->text('layout'), $lists);
            // What belongs to something else, or to somebody, has no page of its own.
            $main = array_values(array_filter($lists, fn (Line $line): bool => $line->text('owner') === '' && ! str_contains($line->text('where'), 'me')));
            if ($main === []) {
                continue;
            }
            $isMine = array_filter($lists, fn (Line $line): bool => str_contains($line->text('where'), '== me')) !== [];
            if (in_array('addedBy', $types, true) && ! $isMine && $blueprint->signIn !== null) {
                yield "add a page of my $many" => "Everybody finds their own $many again, in one place.";
            }
            if (in_array('place', $types, true) && ! in_array('map', $layouts, true)) {
                yield "add a map of $many" => "People see where $many are, and what is near.";
            }
            if (in_array('moment', $types, true) && ! in_array('calendar', $layouts, true)) {
                yield "add a calendar of $many" => "People look for $many by the day.";
            }
            $isFound = array_filter($lists, fn (Line $line): bool => ($line->spot->data['searchable'] ?? false) === true) !== [];
            if (count($table->fields) >= self::MANY && ! $isFound) {
                yield "add a search box to the list of $many on {$main[0]->screen}" => "One of many $many is found in a moment.";
            }
            if (in_array($table->singular, ['Booking', 'Reservation', 'Order', 'Request', 'Loan'], true) && $blueprint->routines === []) {
                $whom = $this->whom($table);
                if ($whom !== '') {
                    yield 'when somebody adds a '.mb_strtolower($table->singular).", write to the $whom" => 'Whom it concerns hears of it without looking.';
                }
            }
        }
        $isWritten = array_filter($this->own(), fn (Table $table): bool => array_filter(
            (new Rules($blueprint))->of(Verb::Add, $table),
            fn ($who): bool => $who instanceof SignedIn,
        ) !== []) !== [];
        if ($blueprint->signIn !== null && $isWritten && $blueprint->walk()->nodesOf(Unless::class) === []) {
            yield 'let people block each other' => 'Stores insist on it where people write things that others read.';
        }
        if (! $blueprint->theme->dark) {
            yield 'dark mode' => 'It is easy on the eyes at night, as phones are set.';
        }
        if ($blueprint->screens !== [] && $this->app->screen('About us') === null) {
            yield 'add a page about us' => 'People see who is behind it; stores like to see it, too.';
        }
    }

    /** @return list<Table> those in which the app keeps something */
    private function own(): array
    {
        return array_values(array_filter(
            $this->app->blueprint->tables,
            fn (Table $table): bool => ! $table->people && ! $this->app->blueprint->isServiceTable($table),
        ));
    }

    /** Somebody to whom a row leads, or what it leads to. */
    private function whom(Table $table): string
    {
        $people = $this->app->blueprint->peopleTable()->singular ?? '';
        foreach ($table->fields as $field) {
            $next = $this->app->blueprint->tableOfOne($field->linksTo());
            foreach ($next === null || $next->people ? [] : $next->fields as $far) {
                if ($people !== '' && ($far->linksTo() === $people || Known::typeOf($far) === 'addedBy')) {
                    return mb_strtolower($far->name);
                }
            }
        }

        return '';
    }
}
