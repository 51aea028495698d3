<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Build;
use App\Models\Submission;
use App\Packaging\OwnAddress;
use App\Packaging\PackageNeeds;
use App\Packaging\ServerAddress;
use App\Packaging\Target;
use App\People\Reviewer;
use App\Reach\Versions;
use App\Stores\Groups;
use App\Stores\Voices;
use DateTimeImmutable;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Release\InSteps;

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
        $now = now()->toDateTimeImmutable();

        return [
            'troubles' => Troubles::of($app),
            'reported' => Reports::of($app),
            'health' => Versions::of($app, $now),
            'slow' => Versions::slow($app, $now),
            'package' => PackageNeeds::of($app),
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
                    fn (Submission $s): array => $s->only(['id', 'store', 'state', 'reasons', 'page', 'share', 'answer', 'track', 'created_at']) + [
                        'releaseAt' => $s->release_at?->toIso8601String(),
                        'build' => $s->build->only(['id', 'target', 'version', 'number']),
                    ],
                ),
            'targets' => Target::shown(),
            'stores' => $stores,
            'testers' => Groups::of($app),
            'live' => [
                'revision' => $app->liveRevision?->number,
                'before' => $app->beforeLive?->number,
                'address' => "$server/a/$app->slug",
                'coming' => self::coming($app, $now),
                'alone' => $app->liveRevision === null ? '' : InSteps::refusal($app->liveRevision->read(), $app->revision->read()),
            ],
            'server' => ['address' => $server, 'own' => $app->address !== '', 'refusal' => ServerAddress::refusal($app)],
            'ownHost' => OwnAddress::state($app),
            'key' => $app->signingKey?->fingerprint,
            'voices' => (new Voices($app))->state(),
            'reviewer' => $reviewer === null ? null : ['email' => $reviewer->email, 'password' => $reviewer->password],
            'asksToSignIn' => $signIn !== null && $signIn->way(AsGuest::class) === null,
        ];
    }

    /** @return array<string, mixed>|null what goes live in steps; null for nothing */
    private static function coming(App $app, DateTimeImmutable $now): ?array
    {
        $how = Versions::coming($app, $now);

        return $how === null ? null : ['revision' => $app->comingRevision?->number, 'share' => $app->coming_share] + $how;
    }
}
