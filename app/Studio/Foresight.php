<?php

declare(strict_types=1);

namespace App\Studio;

use App\Models\App;
use App\Records\DataSet;
use App\Records\SchemaFollower;
use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\Remove;
use Lanai\Core\Edits\Uses;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Pattern;

/** What an edit of the app's tables would mean for the values there are and for the sentences that use what it removes. */
final class Foresight
{
    /**
     * @return array{title: string, sentences: list<array{sentence: string, loses: bool}>, uses: list<array<string, string>>}|null null where nothing
     *   need be asked
     */
    public static function of(App $app, Edit $edit): ?array
    {
        $removed =
            $edit instanceof Remove
                ? array_values(array_filter($edit->places, fn (string $at): bool => Pattern::match('~^/tables/\d+(/fields/\d+)?$~', $at)))
                : [];
        if ($removed !== []) {
            return self::removing($app, $removed);
        }

        return $edit instanceof Fill && Pattern::match('~^/tables/\d+/fields/\d+/type$~', $edit->at) ? self::converting($app, $edit) : null;
    }

    /**
     * @param  list<string>  $places
     * @return array{title: string, sentences: list<array{sentence: string, loses: bool}>, uses: list<array<string, string>>}|null
     */
    private static function removing(App $app, array $places): ?array
    {
        $blueprint = $app->revision->read();
        $sentences = $uses = [];
        foreach ($places as $at) {
            array_push($uses, ...Uses::of($blueprint, $at));
            array_push($sentences, ...self::inSets($app, fn (SchemaFollower $follower): array => self::hidden($follower, $blueprint, $at)));
        }

        return $sentences === [] && $uses === [] ? null : ['title' => 'Remove it?', 'sentences' => $sentences, 'uses' => $uses];
    }

    /** @return array{title: string, sentences: list<array{sentence: string, loses: bool}>, uses: list<array<string, string>>}|null */
    private static function converting(App $app, Fill $edit): ?array
    {
        $after = $edit->on($app->revision->read())->blueprint;
        $sentences = self::inSets($app, fn (SchemaFollower $follower): array => $follower->foresee($after));

        return $sentences === [] ? null : ['title' => 'Change the type?', 'sentences' => $sentences, 'uses' => []];
    }

    /**
     * @param  callable(SchemaFollower): list<array{sentence: string, loses: bool}>  $look
     * @return list<array{sentence: string, loses: bool}>
     */
    private static function inSets(App $app, callable $look): array
    {
        $sets = $app->liveRevision === null ? [DataSet::Sandbox] : [DataSet::Sandbox, DataSet::Live];
        $sentences = [];
        foreach ($sets as $set) {
            $where = match (true) {
                count($sets) === 1 => '',
                $set === DataSet::Live => 'Live, once you go live: ',
                default => 'Sandbox: ',
            };
            foreach ($look(new SchemaFollower($app, $set)) as $each) {
                $sentences[] = ['sentence' => $where.$each['sentence'], 'loses' => $each['loses']];
            }
        }

        return $sentences;
    }

    /** @return list<array{sentence: string, loses: bool}> */
    private static function hidden(SchemaFollower $follower, Blueprint $blueprint, string $at): array
    {
        Pattern::match('~^/tables/(\d+)(?:/fields/(\d+))?$~', $at, $found);
        $table = $blueprint->tables[(int) ($found[1] ?? -1)] ?? null;
        $field = isset($found[2]) ? $table->fields[(int) $found[2]] ?? null : null;
        $count = $table === null ? 0 : $follower->values($table, $field);
        if ($table === null || $count === 0) {
            return [];
        }
        $what =
            $field === null
                ? "$table->name has ".($count === 1 ? '1 row' : "$count rows")
                : ($count === 1 ? '1 row has' : "$count rows have")." a value in $field->name";

        return [['sentence' => "$what. They stay in storage, out of sight, and come back when you undo this.", 'loses' => true]];
    }
}
