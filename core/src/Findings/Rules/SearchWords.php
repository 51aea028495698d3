<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Text\Pattern;

/** The words by which people look for an app: a store takes 100 characters of them (common store limit, from memory), and finds the title by itself. */
final class SearchWords implements Rule
{
    private const MOST = 100;

    public function holds(): string
    {
        return 'The words by which people search have at most '.self::MOST.' characters, and none of them twice.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        $release = $reading->blueprint->release;
        yield from $this->words($release->words, $release->title, '/release/words', '');
        foreach ($reading->blueprint->languages as $i => $language) {
            foreach ($language->hidden ? [] : $language->says() as $n => $said) {
                if ($said->on === '' && $release->words !== '' && $said->source === $release->words) {
                    yield from $this->words($said->says, '', "/languages/$i/says/$n/says", " in {$language->name()}");
                }
            }
        }
    }

    /** @return iterable<Finding> */
    private function words(string $words, string $title, string $at, string $in): iterable
    {
        $all = array_values(array_filter(array_map(trim(...), Pattern::split('/[,،、;\n]+/u', $words)), fn (string $one): bool => $one !== ''));
        $had = array_fill_keys(array_filter(Pattern::split('/[^\p{L}\p{N}]+/u', mb_strtolower($title))), true);
        [$kept, $idle] = [[], []];
        foreach ($all as $one) {
            isset($had[mb_strtolower($one)]) ? $idle[] = $one : $kept[] = $one;
            $had[mb_strtolower($one)] = true;
        }
        $short = self::cut($kept);
        if ($idle !== []) {
            $sentence = '“'.implode('”, “', $idle)."” is among the words by which people search$in, and was said already: stores find the title by itself.";
            yield Finding::warning(self::class, $at, $sentence, Mend::put('Say each of them once', $at, $short));
        } elseif (grapheme_strlen($words) > self::MOST) {
            $sentence = "The words by which people search$in have ".grapheme_strlen($words).' characters; stores take at most '.self::MOST.'.';
            yield Finding::warning(self::class, $at, $sentence, $short === '' ? null : Mend::put("Shorten them to “{$short}”", $at, $short));
        }
    }

    /** @param  list<string>  $words */
    private static function cut(array $words): string
    {
        while ($words !== [] && grapheme_strlen(implode(', ', $words)) > self::MOST) {
            array_pop($words);
        }

        return implode(', ', $words);
    }
}
