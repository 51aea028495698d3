<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Access\Rules;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Pattern;

/** In an app with sign-in: rows of which nothing says who may see, add, change or remove them, so that nobody can. */
final class PermissionUnsaid implements Rule
{
    public function holds(): string
    {
        return 'Every table says who may see, add, change and remove its rows.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        $rules = new Rules($blueprint);
        foreach ($blueprint->signIn === null ? [] : $blueprint->tables as $i => $table) {
            $verbs = $table->people ? [Verb::See] : Verb::cases();
            $unsaid = array_values(array_filter($verbs, fn (Verb $v): bool => ! $rules->isSaid($v, $table)));
            // Who added a row may see and change it without a word.
            if ($unsaid === [] || $blueprint->isServiceTable($table) || $rules->adder($table) !== null) {
                continue;
            }
            $does = array_map(fn (Verb $v): string => $v->does(), $unsaid);
            $last = array_pop($does);
            $words = ($does === [] ? '' : implode(', ', $does).' or ').$last;
            yield Finding::blocking(
                self::class,
                "/tables/$i/access",
                $table->people
                    ? "Nothing says who may see $table->name, so each person sees only themselves."
                    : "Nothing says who may $words $table->name, so nobody can.",
                self::mend($reading, $table, $i, $unsaid),
            );
        }
    }

    /** @param  list<Verb>  $unsaid */
    private static function mend(Reading $reading, Table $table, int $i, array $unsaid): Mend
    {
        $person = mb_strtolower($reading->blueprint->peopleTable()->singular ?? '');
        $links = array_values(array_filter($table->fields, fn (Field $f): bool => mb_strtolower($f->linksTo()) === $person && $person !== ''));
        $own = ['kind' => 'personIn', 'field' => $links[0]->name ?? ''];
        $who = fn (Verb $v): array => match (true) {
            $v === Verb::Add => ['kind' => 'signedIn'],
            $v === Verb::See => $links !== [] && isset(self::shownAsOwn($reading)[mb_strtolower($table->name)]) ? $own : ['kind' => 'signedIn'],
            default => $links === [] ? ['kind' => 'nobody'] : $own,
        };
        $does = array_map(
            fn (Verb $v): string => $v->does().
                ': '.
                match ($who($v)['kind']) {
                    'signedIn' => 'signed-in people',
                    'nobody' => 'nobody',
                    default => 'the person in '.($links[0]->name ?? ''),
                },
            $unsaid,
        );

        return Mend::addingTo(
            ucfirst(implode(', ', $does)),
            "/tables/$i/access",
            $table->access !== [],
            array_map(fn (Verb $v): array => ['verb' => $v->value, 'who' => $who($v)], $unsaid),
        );
    }

    /** @return array<string, true> tables of which a list shows each person only their own */
    private static function shownAsOwn(Reading $reading): array
    {
        $own = [];
        foreach ($reading->nodesOf(ListLine::class) as $list) {
            if (Pattern::match('/\b\w+\s*==\s*me\b(?!\.)/', $list->text('where'))) {
                $own[mb_strtolower($list->text('table'))] = true;
            }
        }

        return $own;
    }
}
