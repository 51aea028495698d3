<?php

declare(strict_types=1);

namespace Standins;

/**
 * How a store reads the words on a page: quickly, by what is in them somewhere. So it is wrong now and then, and takes the end of “happier” for the
 * name of another store; whoever says so is read by somebody who looks at whole words.
 */
final class Words
{
    private const PLACES = ['title' => 'title', 'summary' => 'short description', 'description' => 'full description'];

    private const UNFINISHED = ['lorem', 'ipsum', 'placeholder', 'todo', 'coming soon'];

    /** In the title and the short description. */
    private const PRAISE = ['best', 'free', 'number one', '#1', 'top app'];

    private const OTHERS = ['pier' => ['android', 'quay'], 'quay' => ['iphone', 'ipad', 'pier']];

    /**
     * @param  array<array-key, mixed>  $listing
     * @return list<array{code: string, sentence: string, doubtful: bool}>
     */
    public static function against(array $listing, string $store): array
    {
        $reasons = [];
        foreach (self::PLACES as $key => $called) {
            $text = is_string($listing[$key] ?? null) ? $listing[$key] : '';
            $found = [
                'unfinished' => [self::UNFINISHED, 'is not finished'],
                'praise' => [$key === 'description' ? [] : self::PRAISE, 'praises the app, or names a price'],
                'other' => [self::OTHERS[$store] ?? [], 'speaks of other phones or stores'],
            ];
            foreach ($found as $code => [$words, $what]) {
                foreach ($words as $word) {
                    if (mb_stripos($text, $word) !== false) {
                        $reasons[] = [
                            'code' => "listing.$key.$code",
                            'sentence' => "The $called $what: “{$word}” stands in it.",
                            'doubtful' => preg_match('/(?<![\p{L}\p{N}])'.preg_quote($word, '/').'(?![\p{L}\p{N}])/iu', $text) !== 1,
                        ];
                    }
                }
            }
        }

        return $reasons;
    }
}
