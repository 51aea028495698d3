<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Reading\Corrections;
use Lanai\Core\Reading\Reader;
use Lanai\Core\Reading\Tagger;
use Lanai\Core\Reading\Tongue;

/** What is understood of a paragraph, while it is written. */
final class ReadingController
{
    public function __invoke(Request $request): JsonResponse
    {
        $told = $request->validate(self::rules());
        $outline = (new Reader())->read((string) ($told['text'] ?? ''), $told['answers'] ?? [], $told['corrections'] ?? []);

        return response()->json([
            'language' => Tongue::of((string) ($told['text'] ?? '')),
            'sentences' => $outline->sentences(),
            'items' => $outline->items(),
            'missed' => $outline->missed(),
            'marks' => $outline->marks(),
            'questions' => $outline->data()['questions'],
        ]);
    }

    /** @return array<string, list<string>> of a paragraph, of what was answered and of what was put right */
    public static function rules(): array
    {
        return [
            'text' => ['present', 'nullable', 'string', 'max:'.Tagger::LONGEST],
            'answers' => ['sometimes', 'array', 'max:20'],
            'answers.*' => ['string', 'max:60'],
            'corrections' => ['sometimes', 'array', 'max:'.Corrections::MOST],
            'corrections.*' => ['array:at,do,to,as'],
            'corrections.*.at' => ['required', 'string', 'max:120'],
            'corrections.*.do' => ['required', 'in:'.implode(',', Corrections::DOES)],
            'corrections.*.to' => ['sometimes', 'nullable', 'string', 'max:'.Corrections::LONGEST],
            'corrections.*.as' => ['sometimes', 'nullable', 'string', 'max:20'],
        ];
    }
}
