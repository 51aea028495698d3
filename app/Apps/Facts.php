<?php

declare(strict_types=1);

namespace App\Apps;

use App\Compact;
use App\Earnings\Shelves;
use App\Models\App;
use App\Models\IdentityProvider;
use App\Models\ServiceSecret;
use App\People\ProviderDesk;
use App\Records\DataSet;
use App\Records\SchemaFollower;
use App\Services\Ledger;
use App\Stores\DeclaredSince;
use App\Stores\Voices;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\KeptSecrets;
use Lanai\Core\Findings\Memo;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;

/** What is known of an app beside its sentences, and what is found with it: the same for all who ask, the studio, the packager and the commands. */
final class Facts
{
    public static function reading(App $app, ?Blueprint $blueprint = null): Reading
    {
        $blueprint ??= $app->revision->read();

        return Reading::of(
            $blueprint,
            $app->lastApprovedBuild(),
            self::sizes($app, $blueprint),
            (new ProviderDesk($app, $blueprint))->returns(),
            $blueprint->services === [] ? [] : Ledger::broken($app),
            self::secrets($app),
            $blueprint->products === [] ? [] : Shelves::remembered($app, $blueprint),
            $blueprint->products === [] ? [] : Shelves::unheard($app, $blueprint),
            self::told($app, $blueprint),
            (new Voices($app))->fallen(),
        );
    }

    /** @return list<Finding> what was found on a screen that has not changed is remembered */
    public static function findings(App $app): array
    {
        return self::found($app)[0];
    }

    /**
     * @param  array<int, string>  $marks  screen => its fingerprint, of those that are known not to have changed
     * @return array{list<Finding>, array<int, string>} and the fingerprints of all screens
     */
    public static function found(App $app, array $marks = []): array
    {
        $kept = Cache::get("findings:$app->id");
        $memo = new Memo(is_string($kept) ? Compact::read($kept) : [], $marks);
        $findings = Findings::in(self::reading($app), $memo);
        if ($memo->grew()) {
            Cache::put("findings:$app->id", Compact::written($memo->used), 86400);
        }

        return [$findings, $memo->marks];
    }

    /** @return list<array{string, string}> the store, and how the app differs from what it was told */
    private static function told(App $app, Blueprint $blueprint): array
    {
        $told = [];
        foreach (DeclaredSince::of($app, $blueprint) as $since) {
            foreach ($since['says'] as $says) {
                $told[] = ["$since[store] was told with version $since[version] ($since[number])", $says];
            }
        }

        return $told;
    }

    private static function secrets(App $app): KeptSecrets
    {
        $kept = ServiceSecret::query()->where('app_id', $app->id)->get()->map(fn (ServiceSecret $s): string => $s->secret)
            ->concat(IdentityProvider::query()->where('app_id', $app->id)->get()->map(fn (IdentityProvider $p): string => (string) $p->secret));

        return new KeptSecrets((string) config('app.key'), array_values($kept->all()));
    }

    /** @return array<string, int> stored table => about how many rows, in the larger of the data sets */
    private static function sizes(App $app, Blueprint $blueprint): array
    {
        $counts = [];
        foreach ($app->liveRevision === null ? [DataSet::Sandbox] : DataSet::cases() as $set) {
            foreach ((new SchemaFollower($app, $set))->sizes($blueprint) as $table => $count) {
                $counts[$table] = max($count, $counts[$table] ?? 0);
            }
        }

        return $counts;
    }
}
