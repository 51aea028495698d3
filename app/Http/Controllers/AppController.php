<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\FromWords;
use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\Models\Revision;
use App\Studio\Delta;
use App\Studio\StudioState;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reading\Tagger;
use Lanai\Core\Text\Pattern;

final class AppController
{
    public function index(#[CurrentUser] Founder $founder): JsonResponse
    {
        return response()->json(
            $founder
                ->apps()
                ->with('revision:id,number,created_at')
                ->orderBy('name')
                ->get()
                ->map(
                    fn (App $app): array => [
                        'id' => $app->id,
                        'name' => $app->name,
                        'slug' => $app->slug,
                        'revision' => $app->revision->number,
                        'changed' => $app->revision->created_at,
                    ],
                ),
        );
    }

    /** An app that is empty, or that does what a paragraph says. */
    public function store(Request $request, #[CurrentUser] Founder $founder, RevisionBook $book, FromWords $words): JsonResponse
    {
        $name = trim($request->string('name')->value());
        if ($name === '' || mb_strlen($name) > 60 || ! Pattern::match('/[\p{L}\p{N}]/u', $name)) {
            return response()->json(['message' => 'Please give the app a name of at most 60 characters.'], 422);
        }

        $told = $request->validate(['text' => ['sometimes', 'nullable', 'string', 'max:'.Tagger::LONGEST]] + ReadingController::rules());
        $text = trim((string) ($told['text'] ?? ''));
        $app = $text === '' ? $book->begin($founder, Blueprint::begin($name)) : $words->begin($founder, $name, $text, $told['answers'] ?? []);

        return response()->json(['id' => $app->id], 201);
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
