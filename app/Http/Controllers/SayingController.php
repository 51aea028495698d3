<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Models\Founder;
use App\Studio\EditDesk;
use App\Studio\SayingDesk;
use App\Studio\TrialDesk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Saying\Next;
use Lanai\Core\Saying\Utterance;

/** What a founder says of an app, and taking what is proposed. */
final readonly class SayingController
{
    private const RULES = ['text' => ['required', 'string', 'max:'.Utterance::LONGEST], 'here' => ['sometimes', 'nullable', 'string', 'max:60']];

    private const TAKE = ['take' => ['required', 'array', 'max:10'], 'take.*' => ['nullable', 'integer', 'min:0', 'max:2']];

    public function __construct(private SayingDesk $desk, private EditDesk $edits)
    {
    }

    public function hear(Request $request, App $app): JsonResponse
    {
        $said = $request->validate(self::RULES + ['drawn' => ['sometimes', 'boolean']]);

        return response()->json([
            'revision' => $app->revision->number,
            'parts' => $this->desk->hear($app, $said['text'], $said['here'] ?? '', $request->boolean('drawn')),
        ]);
    }

    /** Why something did not go in the deck or on somebody's phone. */
    public function amiss(Request $request, App $app): JsonResponse
    {
        $told = $request->validate([
            'said' => ['required', 'string', 'max:1000'],
            'person' => ['present', 'nullable', 'string', 'max:200'],
            'phone' => ['sometimes', 'boolean'],
        ]);

        return response()->json($this->desk->amiss($app, $told['said'], (string) $told['person'], ! ($told['phone'] ?? false)));
    }

    /** What would come next for the app. */
    public function next(App $app): JsonResponse
    {
        return response()->json(['steps' => Next::of($app->revision->read())]);
    }

    /** What is proposed runs in the deck before it is taken. */
    public function try(Request $request, App $app, TrialDesk $trials): JsonResponse
    {
        $said = $request->validate(self::RULES + self::TAKE);
        $edit = $this->desk->taken($app, $said['text'], $said['here'] ?? '', $said['take']);

        return response()->json(['trial' => $trials->begin($app, $edit->on($app->revision->read())->blueprint)], 201);
    }

    public function end(App $app, TrialDesk $trials): JsonResponse
    {
        $trials->end($app);

        return response()->json(['ended' => true]);
    }

    public function take(Request $request, App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        $said = $request->validate(self::RULES + self::TAKE);

        return $this->edits->make($request, $app, $founder, $this->desk->taken($app, $said['text'], $said['here'] ?? '', $said['take']));
    }
}
