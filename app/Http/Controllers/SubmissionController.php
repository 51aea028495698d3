<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\ReleaseState;
use App\Models\App;
use App\Models\Build;
use App\Models\Submission;
use App\People\Reviewer;
use App\Stores\Groups;
use App\Stores\StoreAccounts;
use App\Stores\StoreDesk;
use App\Stores\StoreUnreachable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use Lanai\Core\Rows\Refused;

/** Handing packages in at the stores. */
final readonly class SubmissionController
{
    public function __construct(private StoreDesk $desk)
    {
    }

    public function store(Request $request, App $app): JsonResponse
    {
        /** @var Build $build */
        $build = $app->builds()->with('revision')->where('state', 'done')->findOrFail($request->integer('build'));
        $store = $request->string('store')->value();
        $takes = config("lanai.stores.$store.takes") ?? abort(422, 'There is no such store.');
        if (! in_array($build->target, $takes, true)) {
            return response()->json(['message' => config("lanai.stores.$store.name").' does not take this kind of package.'], 422);
        }
        $build->setRelation('revision', $app->revision);
        $told = $request->validate(['track' => ['sometimes', Rule::in(StoreDesk::TRACKS)], 'group' => ['sometimes', 'nullable', 'string', 'max:60']]);
        $track = $told['track'] ?? 'everyone';
        $testers = $track === 'closed' ? Groups::addresses($app, $told['group'] ?? null) : [];
        if ($track === 'closed' && $testers === []) {
            return response()->json(['message' => 'Nobody tries it yet. Write to them first, at “Who tries it”.'], 422);
        }

        return $this->answered($app, fn () => $this->desk->submit($build, $store, $track, $testers));
    }

    /** With whose account is handed in at each store, and what is there already. */
    public function stands(App $app): JsonResponse
    {
        $stores = array_map(strval(...), array_keys((array) config('lanai.stores')));

        return response()->json(['stores' => array_map(fn (string $store): array => StoreAccounts::state($app, $store), $stores)]);
    }

    /** An account of one's own, by the token that the store has given for it. */
    public function connect(Request $request, App $app, string $store): JsonResponse
    {
        $told = $request->validate(['token' => ['required', 'string', 'max:4000']]);
        try {
            StoreAccounts::connect($app->founder_id, $store, trim($told['token']));
        } catch (StoreUnreachable $unreachable) {
            return response()->json(['message' => $unreachable->getMessage()], 422);
        }

        return $this->stands($app);
    }

    public function disconnect(App $app, string $store): JsonResponse
    {
        StoreAccounts::leave($app->founder_id, $store);

        return $this->stands($app);
    }

    /** An account with which reviewers get in: another password each time. */
    public function reviewer(App $app): JsonResponse
    {
        try {
            Reviewer::make($app);
        } catch (Refused $refused) {
            return response()->json(['message' => $refused->getMessage()], 422);
        }

        return response()->json(ReleaseState::of($app->refresh()));
    }

    public function noReviewer(App $app): JsonResponse
    {
        Reviewer::end($app);

        return response()->json(ReleaseState::of($app->refresh()));
    }

    /** To everyone, or to a share of people first, which only ever grows. */
    public function release(Request $request, App $app, int $submission): JsonResponse
    {
        $share = $request->validate(['share' => ['sometimes', 'integer', 'between:1,100']])['share'] ?? 100;
        /** @var Submission $found */
        $found = $app->submissions()->where('track', 'everyone')->whereIn('state', ['approved', 'rolling out', 'halted'])->findOrFail($submission);

        return $this->answered($app, fn () => $this->desk->release($found, (int) $share));
    }

    /** By itself at a moment, once it is approved; or by hand again. */
    public function date(Request $request, App $app, int $submission): JsonResponse
    {
        $at = $request->validate(['at' => ['nullable', 'date', 'after:now', 'before:+1 year']], [
            'at.*' => 'It can be released by itself at a moment that is still to come, within a year.',
        ])['at'] ?? null;
        /** @var Submission $found */
        $found = $app->submissions()->where('track', 'everyone')->whereIn('state', [...StoreDesk::OPEN, 'approved'])->findOrFail($submission);
        $found->update(['release_at' => $at === null ? null : Carbon::parse((string) $at)->utc()]);

        return response()->json(ReleaseState::of($app));
    }

    public function halt(App $app, int $submission): JsonResponse
    {
        /** @var Submission $found */
        $found = $app->submissions()->whereIn('state', ['rolling out', 'released', 'in testing'])->findOrFail($submission);

        return $this->answered($app, fn () => $this->desk->stop($found, 'halt'));
    }

    public function withdraw(App $app, int $submission): JsonResponse
    {
        /** @var Submission $found */
        $found = $app->submissions()->whereNotIn('state', ['turned down', 'withdrawn'])->findOrFail($submission);

        return $this->answered($app, fn () => $this->desk->stop($found, 'withdraw'));
    }

    public function appeal(Request $request, App $app, int $submission): JsonResponse
    {
        $words = $request->validate(['words' => ['required', 'string', 'min:20', 'max:2000']], [
            'words.*' => 'Please say in 20 to 2,000 characters why it should be looked at again.',
        ])['words'];
        /** @var Submission $found */
        $found = $app->submissions()->where('state', 'turned down')->findOrFail($submission);

        return $this->answered($app, fn () => $this->desk->appeal($found, $words));
    }

    /** @param  callable(): mixed  $call */
    private function answered(App $app, callable $call): JsonResponse
    {
        try {
            $call();
        } catch (StoreUnreachable $unreachable) {
            return response()->json(['message' => $unreachable->getMessage()], 502);
        }

        return response()->json(ReleaseState::of($app));
    }
}
