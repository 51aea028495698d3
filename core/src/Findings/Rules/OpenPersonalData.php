<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Access\Rules;
use Lanai\Core\Access\Verb;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Data\FieldTypes\EmailType;
use Lanai\Core\Data\FieldTypes\PhoneType;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ListLine;

/** Rows that everyone may see although they hold how to reach somebody, or are shown as each person's own. */
final class OpenPersonalData implements Rule
{
    public function holds(): string
    {
        return 'Rows with personal data are not open to everyone.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        $rules = new Rules($blueprint);
        $person = mb_strtolower($blueprint->peopleTable()->singular ?? '');
        $own = self::shownAsOwn($reading);
        foreach ($blueprint->signIn === null ? [] : $blueprint->tables as $i => $table) {
            if ($table->people || ! $rules->isOpen(Verb::See, $table)) {
                continue;
            }
            $contacts = array_filter($table->fields, fn (Field $f): bool => ($f->type instanceof EmailType || $f->type instanceof PhoneType) && $rules->ofField(Verb::See, $table, $f) === null);
            $links = array_values(array_filter($table->fields, fn (Field $f): bool => mb_strtolower($f->linksTo()) === $person && $person !== ''));
            $mine = ! $rules->isSaid(Verb::See, $table) && isset($own[mb_strtolower($table->name)]);
            if ($contacts === [] && ! $mine) {
                continue;
            }
            $why = $contacts !== [] ? implode(' and ', array_map(fn (Field $f): string => $f->name, $contacts)).' of each '.$table->singular.' can be read by everyone' : "A list shows each person their own $table->name, but everyone may see all of them";
            $mend = $links === [] || $rules->isSaid(Verb::See, $table) ? null : new Mend("Seen by the person in {$links[0]->name}", [$table->access === []
                ? ['op' => 'add', 'path' => "/tables/$i/access", 'value' => [self::permission($links[0])]] : ['op' => 'add', 'path' => "/tables/$i/access/-", 'value' => self::permission($links[0])]]);
            yield Finding::warning(self::class, "/tables/$i/access", "$why.", $mend);
        }
    }

    /** @return array<string, mixed> */
    private static function permission(Field $link): array
    {
        return ['verb' => Verb::See->value, 'who' => ['kind' => 'personIn', 'field' => $link->name]];
    }

    /** @return array<string, true> tables of which a list shows each person only their own */
    private static function shownAsOwn(Reading $reading): array
    {
        $own = [];
        foreach ($reading->walk->nodesOf(ListLine::class) as $list) {
            if (preg_match('/\b\w+\s*==\s*me\b(?!\.)/', $list->text('where'))) {
                $own[mb_strtolower($list->text('table'))] = true;
            }
        }

        return $own;
    }
}
