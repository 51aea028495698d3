<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Text\Pattern;

/** Ways to further pages that an answer shows, for a list that does not read on yet. */
final class FurtherPages
{
    /** Names of cursors and of what they go into: common practice, no source. */
    private const CURSOR = '/^(next_?)?(cursor|page_?token|token)$|^next$|^after$|^continuation(_?token)?$/i';

    private const AROUND = '/^(paging|pagination|meta|page|page_?info|links)$/i';

    private const NUMBER = '/^(page|page_?(no|num|number|index))$/i';

    /**
     * @param  string  $link  the header "Link" of the answer; '' for none
     * @return list<array{label: string, parts: array<string, mixed>}> each with what the request gets, as data of a Request
     */
    public static function in(Request $request, string $link, mixed $json): array
    {
        if (! $request->givesMany() || $request->isPaged()) {
            return [];
        }
        $ways = [];
        foreach (WebLinks::of($link) as $one) {
            if (in_array('next', $one['rel'], true)) {
                $ways[] = ['label' => 'Read on by the Link header', 'parts' => ['linked' => true]];
                break;
            }
        }
        $queries = array_values(array_filter(array_map(fn (RequestValue $s): string => $s->in === 'query' ? $s->name : '', $request->sends)));
        foreach (is_array($json) ? self::cursors($json) : [] as $at) {
            $in = array_values(array_filter($queries, fn (string $q): bool => Pattern::match(self::CURSOR, $q)))[0] ?? 'cursor';
            $ways[] = ['label' => "Read on by the cursor at “{$at}”", 'parts' => ['cursorAt' => $at, 'cursorIn' => $in]];
        }
        foreach ($queries as $query) {
            if (Pattern::match(self::NUMBER, $query)) {
                $ways[] = ['label' => "Read on by the number in “{$query}”", 'parts' => ['pageIn' => $query]];
            }
        }

        return $ways;
    }

    /**
     * @param  array<array-key, mixed>  $json
     * @return list<string> ways to what looks like a cursor
     */
    private static function cursors(array $json, string $before = ''): array
    {
        $found = [];
        foreach (array_is_list($json) ? [] : $json as $name => $value) {
            $name = (string) $name;
            $at = ltrim($before.'.'.Parts::step($name), '.');
            if (is_string($value) && $value !== '' && Pattern::match(self::CURSOR, $name) && ! Pattern::match('~^https?://|^/~i', $value)) {
                $found[] = $at;
            } elseif (is_array($value) && $before === '' && Pattern::match(self::AROUND, $name)) {
                array_push($found, ...self::cursors($value, $at));
            }
        }

        return $found;
    }
}
