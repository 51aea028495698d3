<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Reading\Reader;
use Lanai\Core\Reading\Tagger;
use Lanai\Core\Reading\Tongue;

/** What is understood of a paragraph, while it is written. */
final class ReadingController
{
    public function __invoke(Request $request): JsonResponse
    {
        $told = $request->validate(self::rules());
        $outline = (new Reader())->read((string) ($told['text'] ?? ''), $told['answers'] ?? []);

        return response()->json([
            'language' => Tongue::of((string) ($told['text'] ?? '')),
            'sentences' => $outline->sentences(),
            'marks' => $outline->marks(),
            'questions' => $outline->data()['questions'],
        ]);
    }

    /** @return array<string, list<string>> of a paragraph, and of what was answered */
    public static function rules(): array
    {
        return [
            'text' => ['present', 'nullable', 'string', 'max:'.Tagger::LONGEST],
            'answers' => ['sometimes', 'array', 'max:20'],
            'answers.*' => ['string', 'max:60'],
        ];
    }
}
