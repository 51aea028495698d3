<?php

declare(strict_types=1);

namespace App\People;

use Lanai\Core\Access\Rules;
use Lanai\Core\Edits\Edits;
use Lanai\Core\Edits\Kinds\Allow;
use Lanai\Core\Model\Access\Everyone;
use Lanai\Core\Model\Access\Having;
use Lanai\Core\Model\Access\InRole;
use Lanai\Core\Model\Access\Meeting;
use Lanai\Core\Model\Access\Nobody;
use Lanai\Core\Model\Access\Permission;
use Lanai\Core\Model\Access\PersonIn;
use Lanai\Core\Model\Access\SignedIn;
use Lanai\Core\Model\Access\Themselves;
use Lanai\Core\Model\Access\Unless;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;

/** The permissions of an app as a table: what may be done, with which rows, by whom. */
final class AccessTable
{
    /** @return list<array<string, mixed>> */
    public static function of(Blueprint $blueprint): array
    {
        $rules = new Rules($blueprint);
        $tables = [];
        foreach ($blueprint->tables as $i => $table) {
            $cells = [];
            foreach (Verb::cases() as $verb) {
                $said = $rules->isSaid($verb, $table);
                $unsaid = $said ? [] : array_map(fn (Who $w): array => ['at' => '', 'words' => $w->inWords(), 'fields' => ''], $rules->unsaid($verb, $table));
                $cells[] = ['verb' => $verb->value, 'said' => $said, 'breadth' => self::breadth($rules->of($verb, $table)),
                    'whos' => [...self::sentences($rules, $table, $i, $verb), ...$unsaid], 'offers' => self::offers($blueprint, $table, "/tables/$i", $verb)];
            }
            $tables[] = ['at' => "/tables/$i", 'name' => $table->name, 'stored' => $table->storedAs(), 'cells' => $cells];
        }

        return $tables;
    }

    /** @return list<array{label: string, edit: array<string, mixed>}> who else may be allowed it */
    private static function offers(Blueprint $blueprint, Table $table, string $at, Verb $verb): array
    {
        $people = mb_strtolower($blueprint->peopleTable()->singular ?? '');
        $whos = [['everyone', '', new Everyone], ['signedIn', '', new SignedIn]];
        if ($table->people) {
            $whos[] = ['themselves', '', new Themselves];
        }
        foreach ($table->fields as $field) {
            if ($people !== '' && in_array($people, [mb_strtolower($field->linksTo()), mb_strtolower($field->linksToMany())], true)) {
                $whos[] = ['personIn', $field->name, new PersonIn($field->name)];
            }
        }
        foreach ($blueprint->roles as $role) {
            $whos[] = ['role', $role->name, new InRole($role->name)];
        }
        foreach ($blueprint->entitlements() as $entitlement) {
            $whos[] = ['having', $entitlement, new Having($entitlement)];
        }
        $whos[] = ['if', '', new Meeting('…')];
        $whos[] = ['unless', '', new Unless('…')];
        $whos[] = ['nobody', '', new Nobody];
        $there = array_map(fn (Permission $p): string => $p->isAbout($verb) ? mb_strtolower($p->who->inWords()) : '', $table->access);
        $offers = [];
        foreach ($whos as [$kind, $of, $who]) {
            if (! in_array(mb_strtolower($who->inWords()), $there, true)) {
                $offers[] = ['label' => $who->inWords(), 'edit' => Edits::written(new Allow($at, $verb->value, $kind, $of))];
            }
        }

        return $offers;
    }

    /** @return list<array{at: string, words: string, fields: string}> */
    private static function sentences(Rules $rules, Table $table, int $i, Verb $verb): array
    {
        $found = [];
        foreach ($table->access as $j => $permission) {
            if ($permission->verb === $verb->value) {
                $found[] = ['at' => "/tables/$i/access/$j", 'words' => $rules->word($permission->who, $table), 'fields' => implode(', ', $permission->fields)];
            }
        }

        return $found;
    }

    /**
     * @param  list<Who>  $whos
     * @return float from 0, nobody, to 1, everyone
     */
    private static function breadth(array $whos): float
    {
        return max(array_map(fn (Who $w): float => match (true) {
            $w instanceof Everyone => 1.0,
            $w instanceof SignedIn => .75,
            $w instanceof Nobody => 0.0,
            $w instanceof Meeting => .4,
            default => .25,
        }, $whos));
    }
}
