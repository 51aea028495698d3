<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Build;
use App\Models\Submission;
use App\Packaging\ServerAddress;
use App\Packaging\Target;
use App\People\Reviewer;
use App\Reach\Versions;
use App\Stores\Voices;
use Lanai\Core\Model\People\AsGuest;

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
        $server = ServerAddress::of($app);
        $reviewer = Reviewer::of($app);
        $signIn = $app->revision->read()->signIn;

        return [
            'troubles' => Troubles::of($app),
            'reported' => Reports::of($app),
            'health' => Versions::of($app, now()->toDateTimeImmutable()),
            'builds' => $app
                ->builds()
                ->where('target', '!=', Target::Pictures->value)
                ->orderByDesc('id')
                ->limit(12)
                ->get()
                ->map(
                    fn (Build $b): array => $b->only(['id', 'target', 'version', 'number', 'state', 'progress', 'log', 'file', 'size', 'here', 'created_at']),
                ),
            'submissions' => $app
                ->submissions()
                ->with('build')
                ->orderByDesc('id')
                ->limit(12)
                ->get()
                ->map(
                    fn (Submission $s): array => $s->only(['id', 'store', 'state', 'reasons', 'page', 'share', 'answer', 'created_at']) + [
                        'releaseAt' => $s->release_at?->toIso8601String(),
                        'build' => $s->build->only(['id', 'target', 'version', 'number']),
                    ],
                ),
            'targets' => Target::shown(),
            'stores' => $stores,
            'live' => ['revision' => $app->liveRevision?->number, 'before' => $app->beforeLive?->number, 'address' => "$server/a/$app->slug"],
            'server' => ['address' => $server, 'own' => $app->address !== '', 'refusal' => ServerAddress::refusal($app)],
            'key' => $app->signingKey?->fingerprint,
            'voices' => (new Voices($app))->state(),
            'reviewer' => $reviewer === null ? null : ['email' => $reviewer->email, 'password' => $reviewer->password],
            'asksToSignIn' => $signIn !== null && $signIn->way(AsGuest::class) === null,
        ];
    }
}
