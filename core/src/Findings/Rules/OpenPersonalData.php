<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Access\Rules;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\EmailType;
use Lanai\Core\Model\FieldTypes\PhoneType;

/** Rows that everyone may see although they hold how to reach somebody. */
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
        foreach ($blueprint->signIn === null ? [] : $blueprint->tables as $i => $table) {
            if ($table->people || ! $rules->isOpen(Verb::See, $table)) {
                continue;
            }
            $contacts = array_filter(
                $table->fields,
                fn (Field $f): bool => ($f->type instanceof EmailType || $f->type instanceof PhoneType) && $rules->ofField(Verb::See, $table, $f) === null,
            );
            $links = array_values(array_filter($table->fields, fn (Field $f): bool => mb_strtolower($f->linksTo()) === $person && $person !== ''));
            if ($contacts === []) {
                continue;
            }
            $why = implode(' and ', array_map(fn (Field $f): string => $f->name, $contacts)).' of each '.$table->singular.' can be read by everyone';
            $hidden = [
                'verb' => Verb::See->value,
                'who' => $links === [] ? ['kind' => 'nobody'] : ['kind' => 'personIn', 'field' => $links[0]->name],
                'fields' => array_map(fn (Field $f): string => $f->name, array_values($contacts)),
            ];
            $mend = Mend::addingTo(
                $links === [] ? 'Seen by nobody in the app' : "Seen by the person in {$links[0]->name} only",
                "/tables/$i/access",
                $table->access !== [],
                [$hidden],
            );
            yield Finding::warning(self::class, "/tables/$i/access", "$why.", $mend);
        }
    }
}
