<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Build;
use App\Models\Submission;

/** What the Release station shows besides the app itself. */
final class ReleaseState
{
    /** @return array<string, mixed> */
    public static function of(App $app): array
    {
        $stores = [];
        foreach (config('lanai.stores') as $key => $store) {
            $stores[] = ['key' => $key, 'name' => $store['name'], 'takes' => $store['takes']];
        }
        $server = rtrim(config('app.url'), '/');

        return [
            'builds' => $app->builds()->orderByDesc('id')->limit(12)->get()->map(fn (Build $b): array => $b->only(['id', 'target', 'version', 'number', 'state', 'progress', 'log', 'file', 'size', 'created_at'])),
            'submissions' => $app->submissions()->with('build')->orderByDesc('id')->limit(12)->get()->map(fn (Submission $s): array => $s->only(['id', 'store', 'state', 'reasons', 'page', 'created_at'])
                + ['build' => $s->build->only(['id', 'target', 'version', 'number'])]),
            'stores' => $stores,
            'live' => ['revision' => $app->liveRevision?->number, 'address' => "$server/a/$app->slug", 'insecure' => str_starts_with($server, 'http://')],
            'key' => $app->signingKey?->fingerprint,
        ];
    }
}
