<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Access\Rules;
use Lanai\Core\Access\Verb;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

/** In an app with sign-in: rows that everyone may add, change or remove because nothing is said of it. */
final class PermissionUnsaid implements Rule
{
    public function holds(): string
    {
        return 'Every table says who may add, change and remove its rows.';
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
            $unsaid = array_values(array_filter($table->people ? [] : [Verb::Add, Verb::Change, Verb::Remove], fn (Verb $v): bool => ! $rules->isSaid($v, $table)));
            if ($unsaid === []) {
                continue;
            }
            $verbs = implode(' and ', array_map(fn (Verb $v): string => $v->does(), $unsaid));
            yield Finding::warning(self::class, "/tables/$i/access", "Everyone may $verbs $table->name, even without signing in: nothing is said of it.", self::mend($blueprint, $table, $i, $unsaid));
        }
    }

    /** @param  list<Verb>  $unsaid */
    private static function mend(Blueprint $blueprint, Table $table, int $i, array $unsaid): Mend
    {
        $person = mb_strtolower($blueprint->peopleTable()->singular ?? '');
        $links = array_values(array_filter($table->fields, fn (Field $f): bool => mb_strtolower($f->linksTo()) === $person));
        $own = ['kind' => 'personIn', 'field' => $links[0]->name ?? ''];
        $said = array_map(fn (Verb $v): array => ['verb' => $v->value, 'who' => $links === [] || $v === Verb::Add ? ['kind' => 'signedIn'] : $own], $unsaid);
        $operations = $table->access === [] ? [['op' => 'add', 'path' => "/tables/$i/access", 'value' => $said]]
            : array_map(fn (array $one): array => ['op' => 'add', 'path' => "/tables/$i/access/-", 'value' => $one], $said);

        return new Mend($links === [] ? 'Only signed-in people' : "Add: signed-in people; else only the person in {$links[0]->name}", $operations);
    }
}
