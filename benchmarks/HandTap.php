<?php

declare(strict_types=1);

namespace Benchmarks;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;

/**
 * A tap that takes the last jar, notes who took it and when, as a careful developer would write it by hand: validated, once however
 * often it arrives, all in one transaction that takes the write lock at once, over the same file with the same settings. It is the
 * best opponent: prepared statements, no models, one query for each thing that must be known.
 */
final class HandTap
{
    public function __invoke(Request $request): JsonResponse
    {
        $given = $request->validate([
            'jar' => ['required', 'integer', 'min:1'],
            'tap' => ['required', 'string', 'max:64'],
            'note' => ['nullable', 'string', 'max:100'],
            'revision' => ['required', 'integer'],
        ]);
        $app = \App\Models\App::query()->with('liveRevision:id,number')->where('slug', 'jars')->firstOrFail();
        Config::set(
            'database.connections.hand',
            ['database' => Config::string('lanai.apps')."/$app->id/live.sqlite"] + Config::array('database.connections.app_template'),
        );
        $database = DB::connection('hand');
        $outcome = $database->transaction(function () use ($database, $given): array {
            $kept = $database->table('_taps')->where('tap', $given['tap'])->value('answer');
            if (is_string($kept)) {
                return json_decode($kept, true);
            }
            $now = now('UTC')->format('Y-m-d\TH:i:s\Z');
            if ($database->update('update jars set "left" = "left" - 1, last = ? where id = ? and "left" > 0', [$now, $given['jar']]) === 0) {
                return [
                    'done' => false,
                    'refused' => $database->table('jars')->where('id', $given['jar'])->exists() ? 'Just taken' : 'This is no longer there.',
                ];
            }
            $database->table('helpings')->insert(['jar' => $given['jar'], 'note' => $given['note'] ?? null, 'at' => $now]);
            $outcome = ['done' => true, 'say' => ['Taken'], 'go' => null, 'back' => true, 'refused' => ''];
            $database->table('_taps')->insert(['tap' => $given['tap'], 'answer' => json_encode($outcome, JSON_THROW_ON_ERROR)]);

            return $outcome;
        });

        return response()->json(['outcome' => $outcome, 'revision' => $app->liveRevision?->number]);
    }
}
