<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\RunRoutine;
use App\Models\App;
use App\Models\RoutineRun;
use App\Models\Webhook;
use App\Records\DataSet;
use App\Space;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Model\AnyParameter;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Later;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\Refused;

/** Routines that the app does by itself: their log, doing one again, and the addresses at which webhooks come in and go out. */
final class RoutineController
{
    public function index(App $app, string $set): JsonResponse
    {
        return response()->json(self::told($app, DataSet::from($set)));
    }

    public function again(App $app, string $set, int $run): JsonResponse
    {
        $before = RoutineRun::query()
            ->where(['app_id' => $app->id, 'dataset' => $set])
            ->findOrFail($run);
        RunRoutine::begin($app, DataSet::from($set), $before->routine, $before->because, $before->given, $before->chain);

        return response()->json(self::told($app, DataSet::from($set)));
    }

    public function now(Request $request, App $app, string $set): JsonResponse
    {
        $routine = $request->string('routine')->value();
        abort_if($app->revisionOf(DataSet::from($set))?->read()->routineIndex($routine) === null, 404);
        RunRoutine::begin($app, DataSet::from($set), $routine, 'Begun by hand', [], [$routine]);

        return response()->json(self::told($app, DataSet::from($set)));
    }

    /** A webhook comes in: what its body says under the names of what the routine takes is given to it. */
    public function hook(Request $request, string $slug, string $set, string $token): JsonResponse
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->where('slug', $slug)
            ->firstOrFail();
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);
        $blueprint = $space->blueprint();
        foreach ($blueprint->routines as $routine) {
            if ($routine->hook && hash_equals(self::token($app, DataSet::from($set), $routine->name), $token)) {
                try {
                    $given = Arguments::read(
                        $routine->parameters(),
                        fn (AnyParameter $one): ?string => self::said($request, $one->key($blueprint)) ?? self::said($request, $one->called()),
                        $blueprint,
                        new Reader($space->store()),
                    );
                } catch (Refused $wrong) {
                    abort(422, $wrong->getMessage());
                }
                RunRoutine::begin($app, DataSet::from($set), $routine->name, 'A webhook came in', Later::written($given), [$routine->name]);

                return response()->json(['taken' => true], 202);
            }
        }
        abort(404);
    }

    /** What a webhook's body says under a name, as a field's own reading takes it. */
    private static function said(Request $request, string $name): ?string
    {
        $value = $request->json($name);

        return match (true) {
            $value === null => null,
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            default => (string) json_encode($value),
        };
    }

    public function addWebhook(Request $request, App $app, string $set): JsonResponse
    {
        $given = $request->validate(
            [
                'url' => ['required', 'string', 'max:500', 'regex:~^(https?://|stand-in:)~'],
                'tables' => ['sometimes', 'array', 'max:100'],
                'tables.*' => ['string', 'max:100'],
            ],
            ['url.*' => 'Please give the address to tell, such as https://example.com/hook.'],
        );
        $secret = 'whsec_'.base64_encode(random_bytes(24));
        Webhook::query()->create([
            'app_id' => $app->id,
            'dataset' => $set,
            'url' => $given['url'],
            'secret' => $secret,
            'tables' => array_values($given['tables'] ?? []),
            'state' => '',
        ]);
        $app->update(['webhooks' => Webhook::query()->where('app_id', $app->id)->count()]);

        return response()->json(['secret' => $secret] + self::told($app, DataSet::from($set)), 201);
    }

    public function removeWebhook(App $app, string $set, int $hook): JsonResponse
    {
        Webhook::query()
            ->where(['app_id' => $app->id, 'dataset' => $set])
            ->whereKey($hook)
            ->delete();
        $app->update(['webhooks' => Webhook::query()->where('app_id', $app->id)->count()]);

        return response()->json(self::told($app, DataSet::from($set)));
    }

    private static function token(App $app, DataSet $set, string $routine): string
    {
        return substr(hash_hmac('sha256', "hook/$app->id/{$set->value}/".mb_strtolower($routine), (string) config('app.key')), 0, 40);
    }

    /** @return array<string, mixed> */
    private static function told(App $app, DataSet $set): array
    {
        $blueprint = $app->revision->read();
        $routines = [];
        foreach ($blueprint->routines as $i => $routine) {
            if ($routine->byItself()) {
                $routines[] = [
                    'at' => "/routines/$i",
                    'name' => $routine->name,
                    'waits' => $routine->waitsFor(),
                    'hook' => $routine->hook ? url("/hook/$app->slug/{$set->value}/".self::token($app, $set, $routine->name)) : '',
                    'begins' => $routine->taking === [] && $routine->rowName() === '',
                ];
            }
        }

        return [
            'routines' => $routines,
            'runs' => RoutineRun::query()
                ->where(['app_id' => $app->id, 'dataset' => $set->value])
                ->orderByDesc('id')
                ->limit(40)
                ->get()
                ->map(fn (RoutineRun $r): array => $r->told())
                ->all(),
            'webhooks' => Webhook::of($app, $set)->map(fn (Webhook $w): array => $w->told())->values()->all(),
        ];
    }
}
