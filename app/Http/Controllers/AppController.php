<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\Entries;
use App\Apps\FromFile;
use App\Apps\FromWords;
use App\Apps\RevisionBook;
use App\Apps\Starters;
use App\Apps\Twin;
use App\Models\App;
use App\Models\Founder;
use App\Models\Revision;
use App\Studio\Delta;
use App\Studio\StudioState;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Language\ScriptMistake;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reading\Tagger;
use Lanai\Core\Text\Pattern;

final class AppController
{
    /** Bytes of a script. */
    private const LONGEST = 500_000;

    public function index(#[CurrentUser] Founder $founder): JsonResponse
    {
        return response()->json(['apps' => Entries::of($founder), 'removed' => Entries::removed($founder)]);
    }

    public function seen(App $app): JsonResponse
    {
        return response()->json(Entries::seen($app));
    }

    /** Gives it another name, puts it away, or takes it out again. */
    public function update(Request $request, App $app, #[CurrentUser] Founder $founder, RevisionBook $book): JsonResponse
    {
        $told = $request->validate(['name' => ['sometimes', 'string', 'max:60'], 'archived' => ['sometimes', 'boolean']]);
        if (isset($told['name'])) {
            $book->edit($app, $founder, $app->revision->number, new Fill('/name', $told['name']));
        }
        if (isset($told['archived'])) {
            $app->update(['archived_at' => $told['archived'] ? now() : null]);
        }

        return $this->index($founder);
    }

    public function twin(App $app, #[CurrentUser] Founder $founder, Twin $twin): JsonResponse
    {
        return response()->json(['id' => $twin->of($app, $founder)->id], 201);
    }

    /** For a while it can be brought back; nobody reaches it until then. */
    public function remove(App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        $app->delete();

        return $this->index($founder);
    }

    public function back(int $removed, #[CurrentUser] Founder $founder): JsonResponse
    {
        $founder->apps()->onlyTrashed()->findOrFail($removed)->restore();

        return $this->index($founder);
    }

    /** An app that is empty, that does what a paragraph says, that begins as a starter, or that is in a file. */
    public function store(Request $request, #[CurrentUser] Founder $founder, RevisionBook $book, FromWords $words, Starters $starters): JsonResponse
    {
        $starter = $request->string('starter')->value();
        if ($starter !== '') {
            return Starters::exists($starter)
                ? response()->json(['id' => $starters->begin($founder, $starter)->id], 201)
                : response()->json(['message' => 'There is no such beginning.'], 404);
        }
        if ($request->has('script')) {
            return $this->written($request, $founder, $book);
        }
        $name = trim($request->string('name')->value());
        if ($name === '' || mb_strlen($name) > 60 || ! Pattern::match('/[\p{L}\p{N}]/u', $name)) {
            return response()->json(['message' => 'Please give the app a name of at most 60 characters.'], 422);
        }

        $told = $request->validate(['text' => ['sometimes', 'nullable', 'string', 'max:'.Tagger::LONGEST]] + ReadingController::rules());
        $text = trim((string) ($told['text'] ?? ''));
        $app = $text === '' ? $book->begin($founder, Blueprint::begin($name)) : $words->begin(
            $founder,
            $name,
            $text,
            $told['answers'] ?? [],
            $told['corrections'] ?? [],
        );

        return response()->json(['id' => $app->id], 201);
    }

    /** An app from a file of rows: they come in behind it. */
    public function fromFile(Request $request, #[CurrentUser] Founder $founder, FromFile $files): JsonResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:'.FromFile::LARGEST]], ['file.*' => 'Please choose a file of at most 50 MB.']);
        $file = $request->file('file');
        if (! $file instanceof UploadedFile) {
            return response()->json(['message' => 'Please choose one file.'], 422);
        }
        try {
            ['app' => $app, 'imports' => $imports] = $files->begin($founder, $file->getPathname(), $file->getClientOriginalName());
        } catch (UnreadableFile $unreadable) {
            return response()->json(['message' => $unreadable->getMessage()], 422);
        }

        return response()->json(['id' => $app->id, 'imports' => $imports], 201);
    }

    /** An app as another Lanai has saved it, with made-up rows. */
    private function written(Request $request, Founder $founder, RevisionBook $book): JsonResponse
    {
        $script = $request->input('script');
        if (! is_string($script) || trim($script) === '' || strlen($script) > self::LONGEST || ! mb_check_encoding($script, 'UTF-8')) {
            return response()->json(['message' => 'This is no script of an app: a text of at most 500,000 bytes that begins with “app” and a name.'], 422);
        }
        try {
            $blueprint = Blueprint::fromScript($script);
        } catch (ScriptMistake $mistake) {
            $said = 'This is no script of an app. '.$mistake->getMessage();

            return response()->json(['message' => $said, 'line' => $mistake->scriptLine, 'column' => $mistake->column], 422);
        }
        $app = $book->begin($founder, $blueprint);
        FromWords::fill($app);

        return response()->json(['id' => $app->id], 201);
    }

    public function starters(): JsonResponse
    {
        return response()->json(['starters' => Starters::all()]);
    }

    public function starter(string $key): JsonResponse
    {
        abort_unless(Starters::exists($key), 404);

        return response()->json(['picture' => Starters::picture($key), 'week' => null]);
    }

    public function show(App $app, RevisionBook $book): JsonResponse
    {
        rescue(fn (): bool => $book->heal($app));

        $state = StudioState::of($app);
        Delta::remember($app, $state);

        return response()->json($state);
    }

    public function script(App $app): Response
    {
        return response($app->revision->read()->script(), 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"$app->slug.script\"",
        ]);
    }

    public function revisions(App $app): JsonResponse
    {
        return response()->json(
            $app
                ->revisions()
                ->orderByDesc('number')
                ->limit(100)
                ->get(['id', 'number', 'what', 'sentences', 'created_at'])
                ->map(fn (Revision $r): array => ['number' => $r->number, 'what' => $r->what, 'sentences' => $r->sentences, 'at' => $r->created_at]),
        );
    }
}
