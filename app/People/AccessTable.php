<?php

declare(strict_types=1);

namespace App\People;

use Lanai\Core\Access\Everyone;
use Lanai\Core\Access\Meeting;
use Lanai\Core\Access\Nobody;
use Lanai\Core\Access\Rules;
use Lanai\Core\Access\SignedIn;
use Lanai\Core\Access\Verb;
use Lanai\Core\Access\Who;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Fits\NameFit;

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
                $cells[] = ['verb' => $verb->value, 'said' => $said, 'breadth' => self::breadth($rules->of($verb, $table)),
                    'whos' => [...self::sentences($rules, $table, $i, $verb), ...($said ? [] : array_map(fn (Who $w): array => ['at' => '', 'words' => $w->inWords(), 'fields' => ''], $rules->unsaid($verb, $table)))]];
            }
            $links = [];
            $people = $blueprint->peopleTable();
            foreach ($table->fields as $field) {
                $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
                if ($people !== null && mb_strtolower($to) === mb_strtolower($people->singular)) {
                    $links[] = NameFit::written($field->name);
                }
            }
            $tables[] = ['at' => "/tables/$i", 'name' => $table->name, 'stored' => $table->storedAs(), 'people' => $table->people, 'links' => $links, 'cells' => $cells];
        }

        return $tables;
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
