<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\ReleaseState;
use App\Apps\Reports;
use App\Apps\RevisionBook;
use App\Jobs\BuildPackage;
use App\Models\App;
use App\Models\Build;
use App\Models\OwnHost;
use App\Models\StoreVoice;
use App\Models\Trouble;
use App\Outbound\Practice;
use App\Outbound\TextRecords;
use App\Packaging\IconPainter;
use App\Packaging\OwnAddress;
use App\Packaging\Packager;
use App\Packaging\ServerAddress;
use App\Packaging\Target;
use App\Stores\DeclarationsForm;
use App\Stores\DeclaredSince;
use App\Stores\ReviewDesk;
use App\Stores\StoreDesk;
use App\Stores\StoreUnreachable;
use App\Stores\Voices;
use App\Studio\StudioState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Release\InSteps;
use Lanai\Core\Review\Opinion;
use Lanai\Core\Text\Tongues;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The release of an app: what is live, its packages, its key. */
final class ReleaseController
{
    /** While somebody looks, open submissions are asked about at once; the scheduler does it otherwise. */
    public function show(App $app, StoreDesk $desk): JsonResponse
    {
        foreach ($app->submissions()->whereIn('state', StoreDesk::OPEN)->where('updated_at', '<', now()->subMilliseconds(600))->get() as $submission) {
            rescue(fn () => $desk->refresh($submission), report: false);
        }

        rescue(fn () => (new Voices($app))->ask($desk), report: false);

        return response()->json(ReleaseState::of($app));
    }

    /** What the founder answers to somebody on a store's page. */
    public function answer(Request $request, App $app, int $voice, StoreDesk $desk): JsonResponse
    {
        $words = $request->validate(['words' => ['required', 'string', 'max:1000']], ['words.*' => 'An answer has between 1 and 1,000 characters.'])['words'];
        $found = StoreVoice::query()->where('app_id', $app->id)->findOrFail($voice);
        try {
            (new Voices($app))->answer($desk, $found, trim((string) $words));
        } catch (StoreUnreachable $unreachable) {
            return response()->json(['message' => $unreachable->getMessage()], 502);
        }

        return response()->json(ReleaseState::of($app));
    }

    /** What the app declares to the stores, as its sentences say it now. */
    public function declarations(App $app): JsonResponse
    {
        $now = $app->revision->read();

        return response()->json(DeclarationsForm::of($now) + ['since' => DeclaredSince::of($app, $now)]);
    }

    /** Its page in the stores, as people read it in each language. */
    public function listing(App $app): JsonResponse
    {
        $own = $app->revision->read();
        $tongues = [$own->theme->tongue(), ...array_column(array_filter($own->languages, fn (Language $one): bool => ! $one->hidden), 'tongue')];
        $texts = ['title' => 'the title', 'summary' => 'the short description', 'description' => 'the full description'];

        return response()->json(['pages' => array_map(function (string $tongue) use ($app, $own, $texts): array {
            $spoken = $app->revision->spoken($tongue);
            $page = array_intersect_key(get_object_vars($spoken->release), $texts);
            $same = array_filter($texts, fn (string $key): bool => $page[$key] !== '' && $page[$key] === $own->release->$key, ARRAY_FILTER_USE_KEY);

            return $page + [
                'tongue' => $tongue,
                'name' => Tongues::NAMES[$tongue] ?? $tongue,
                'direction' => $spoken->theme->direction(),
                'missing' => $tongue === $own->theme->tongue() ? [] : array_values($same),
            ];
        }, $tongues)]);
    }

    /** The app as a store would look at it. */
    public function review(Request $request, App $app): JsonResponse
    {
        $store = $request->string('store')->value();
        abort_unless(in_array($store, ['quay', 'pier'], true), 422, 'There is no such store.');
        $opinions = (new ReviewDesk($app))->opinions($store, $request->boolean('here') && Practice::isAt((string) config("lanai.stores.$store.url")));

        return response()->json(['store' => $store, 'reasons' => array_map(fn (Opinion $one): array => [
            'holds' => $one->holds,
            'findings' => array_map(StudioState::finding(...), $one->findings),
        ], $opinions)]);
    }

    /** The founder has seen to what was reported. */
    public function seen(Request $request, App $app): JsonResponse
    {
        $told = $request->validate(['set' => ['required', 'in:sandbox,live'], 'table' => ['required', 'string', 'max:200'], 'row' => ['required', 'integer']]);
        Reports::forget($app, $told['set'], $told['table'], (int) $told['row']);

        return response()->json(ReleaseState::of($app));
    }

    /** The founder has seen to it; should it happen again, it is told again. */
    public function forget(App $app, int $trouble): JsonResponse
    {
        Trouble::query()->where(['app_id' => $app->id, 'id' => $trouble])->delete();

        return response()->json(ReleaseState::of($app));
    }

    /** To everybody, or to some people first. */
    public function live(Request $request, App $app, RevisionBook $book): JsonResponse
    {
        $told = $request->validate(['share' => ['sometimes', 'integer', Rule::in(InSteps::SHARES)]]);
        isset($told['share']) ? $book->comeFirst($app, (int) $told['share']) : $book->goLive($app);

        $app->refresh();

        return response()->json(['app' => StudioState::ofRevision($app)['app']]);
    }

    /** What goes live in steps goes to more people, or back from those who have it. */
    public function coming(Request $request, App $app, RevisionBook $book): JsonResponse
    {
        $told = $request->validate(['share' => ['required', 'integer', Rule::in([0, ...InSteps::SHARES, 100])]]);
        $book->comeTo($app, (int) $told['share']);

        return response()->json(ReleaseState::of($app->refresh()));
    }

    /** With one tap, where what is live turns out to be wrong. */
    public function back(App $app, RevisionBook $book): JsonResponse
    {
        $book->goBack($app);

        return response()->json(ReleaseState::of($app->refresh()));
    }

    public function build(Request $request, App $app): JsonResponse
    {
        $target = Target::tryFrom($request->string('target')->value()) ?? abort(422, 'There is no such package.');
        $here = $request->boolean('here');
        $blueprint = $app->revision->read();
        $refusals = Packager::refusals($app, $here);
        if ($refusals !== []) {
            return response()->json(['message' => 'No package can be built yet.', 'reasons' => $refusals], 422);
        }
        $build = $app
            ->builds()
            ->create([
                'revision_id' => $app->revision->id,
                'target' => $target->value,
                'version' => $blueprint->release->version,
                'number' => $blueprint->release->build,
                'here' => $here,
            ]);
        BuildPackage::dispatch($build->id);

        return response()->json(ReleaseState::of($app), 202);
    }

    /** Where the packages find the server: kept, and looked at from the outside. */
    public function address(Request $request, App $app): JsonResponse
    {
        $address = rtrim(trim($request->string('address')->value()), '/');
        $wrong = $address === '' ? '' : ServerAddress::wrong($address);
        if ($wrong !== '') {
            return response()->json(['message' => $wrong], 422);
        }
        $app->update(['address' => $address]);
        ServerAddress::refusal($app, again: true);

        return response()->json(ReleaseState::of($app));
    }

    /** A name on the web that is to be the app's. */
    public function ownHost(Request $request, App $app): JsonResponse
    {
        OwnAddress::claim($app, (string) $request->validate(['host' => ['required', 'string', 'max:300']])['host']);

        return response()->json(ReleaseState::of($app));
    }

    /** Looks whether it was shown to be the founder's. */
    public function prove(App $app, TextRecords $records): JsonResponse
    {
        $own = OwnHost::query()->where('app_id', $app->id)->firstOrFail();
        $missing = OwnAddress::prove($own, $records);

        return $missing === '' ? response()->json(ReleaseState::of($app)) : response()->json(['message' => $missing], 422);
    }

    public function noOwnHost(App $app): JsonResponse
    {
        OwnAddress::giveUp($app);

        return response()->json(ReleaseState::of($app));
    }

    public function cancel(App $app, int $build): JsonResponse
    {
        $app->builds()
            ->whereIn('state', ['queued', 'running'])
            ->where('id', $build)
            ->update(['state' => 'cancelled']);

        return response()->json(ReleaseState::of($app));
    }

    public function download(App $app, int $build): BinaryFileResponse
    {
        /** @var Build $found */
        $found = $app->builds()->where('state', 'done')->findOrFail($build);

        return response()->download($found->path(), $found->file);
    }

    /** The signing key with its password, for the founder alone. */
    public function key(App $app): Response
    {
        $key = $app->signingKey ?? abort(404, 'The key is made with the first Android package.');
        $zip = tempnam(sys_get_temp_dir(), 'key');
        $archive = new \ZipArchive();
        $archive->open((string) $zip, \ZipArchive::OVERWRITE);
        $archive->addFromString("$app->slug.p12", (string) base64_decode($key->store, true));
        $archive->addFromString('password.txt', $key->password."\n");
        $archive->close();
        $bytes = (string) file_get_contents((string) $zip);
        unlink((string) $zip);

        return response($bytes, 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => "attachment; filename=\"$app->slug-signing-key.zip\"",
            'Cache-Control' => 'no-store',
        ]);
    }

    public function icon(App $app): Response
    {
        return response((new IconPainter($app, $app->revision->read()))->png(192, 0.96), 200, ['Content-Type' => 'image/png', 'Cache-Control' => 'no-store']);
    }
}
