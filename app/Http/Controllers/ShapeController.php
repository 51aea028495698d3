<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Edit;
use App\Models\App;
use App\Records\DataSet;
use App\Records\SchemaFollower;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Data\TableMap;
use Lanai\Core\Edits\Editor;
use Lanai\Core\Edits\Uses;
use Lanai\Core\Text\Pattern;

/** What an edit of the app's tables would mean before it is made. */
final class ShapeController
{
    /** The tables and their links as a picture. */
    public function map(App $app): JsonResponse
    {
        $blueprint = $app->revision->read();

        return response()->json(TableMap::of($blueprint, (new SchemaFollower($app, DataSet::Sandbox))->sizes($blueprint)));
    }

    public function uses(Request $request, App $app): JsonResponse
    {
        return response()->json(Uses::of($app->revision->read(), $request->string('at')->value()));
    }

    /** The values that an edit would change or take out of sight, and the sentences that use what it removes. */
    public function foresee(Edit $request, App $app, EditController $edits): JsonResponse
    {
        $before = $app->revision->read();
        $at = $request->string('at')->value();
        $sentences = [];
        $sets = $app->liveRevision === null ? [DataSet::Sandbox] : [DataSet::Sandbox, DataSet::Live];
        $removes = $request->string('what')->value() === 'remove';
        $after = $edits->work($request, $app)(new Editor($before))->blueprint;
        foreach ($sets as $set) {
            $follower = new SchemaFollower($app, $set);
            $said = $removes ? $this->hidden($follower, $before, $at) : $follower->foresee($after);
            foreach ($said as $each) {
                $sentences[] = ['sentence' => count($sets) > 1 ? ($set === DataSet::Live ? 'Live, once you go live' : 'Sandbox').": {$each['sentence']}" : $each['sentence'], 'loses' => $each['loses']];
            }
        }

        return response()->json(['sentences' => $sentences, 'uses' => $removes ? Uses::of($before, $at) : []]);
    }

    /** @return list<array{sentence: string, loses: bool}> */
    private function hidden(SchemaFollower $follower, Blueprint $blueprint, string $at): array
    {
        if (! Pattern::match('~^/tables/(\d+)(?:/fields/(\d+))?$~', $at, $found)) {
            return [];
        }
        $table = $blueprint->tables[(int) $found[1]] ?? null;
        $field = isset($found[2]) ? $table->fields[(int) $found[2]] ?? null : null;
        $count = $table === null ? 0 : $follower->values($table, $field);
        if ($table === null || $count === 0) {
            return [];
        }
        $what = $field === null ? "$table->name has ".($count === 1 ? '1 row' : "$count rows") : ($count === 1 ? '1 row has' : "$count rows have")." a value in $field->name";

        return [['sentence' => "$what. They stay in storage, out of sight, and come back when you undo this.", 'loses' => true]];
    }
}
