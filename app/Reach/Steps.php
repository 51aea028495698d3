<?php

declare(strict_types=1);

namespace App\Reach;

use Lanai\Core\Model\Blueprint;

/** What devices tell of, by the words of the app: what is not in it is not counted. */
final class Steps
{
    private const LONGEST = 120;

    /**
     * @param  array<array-key, mixed>  $told  what and of what: a screen by its slug, a line that was tapped by its place
     * @return list<array{what: 'screen'|'tap', of: string, ago: int}>
     */
    public static function of(Blueprint $blueprint, array $told): array
    {
        $steps = [];
        foreach ($told as $one) {
            $of = is_array($one) && is_string($one['of'] ?? null) ? $one['of'] : '';
            $ago = is_array($one) && is_int($one['ago'] ?? null) ? $one['ago'] : 0;
            if (is_array($one) && ($one['what'] ?? '') === 'screen') {
                $screen = $blueprint->screen($of);
                $screen === null ?: $steps[] = ['what' => 'screen', 'of' => $screen->slug(), 'ago' => $ago];
            } elseif (is_array($one)) {
                $tap = self::tap($blueprint, $of);
                $tap === null ?: $steps[] = ['what' => 'tap', 'of' => $tap, 'ago' => $ago];
            }
        }

        return $steps;
    }

    /**
     * The ways that are counted, each step as it is told of; one whose screen is not there is no way.
     *
     * @return array<string, list<array{what: 'screen'|'tap', of: string}>>
     */
    public static function ways(Blueprint $blueprint): array
    {
        $ways = [];
        foreach ($blueprint->funnels as $funnel) {
            $steps = [];
            foreach ($funnel->steps as $step) {
                $slug = $blueprint->screen($step->screen)?->slug();
                if ($slug !== null) {
                    $tapped = mb_substr("$slug|$step->tapping", 0, self::LONGEST);
                    $steps[] = $step->tapping === '' ? ['what' => 'screen', 'of' => $slug] : ['what' => 'tap', 'of' => $tapped];
                }
            }
            if ($steps !== [] && count($steps) === count($funnel->steps)) {
                $ways[$funnel->key()] = $steps;
            }
        }

        return $ways;
    }

    /**
     * What each message hopes for, as it is told of.
     *
     * @return array<string, string> the key of the message => what is tapped
     */
    public static function hoped(Blueprint $blueprint): array
    {
        $hoped = [];
        foreach ($blueprint->sends as $message) {
            $slug = $message->hoped === '' ? null : $blueprint->screen($message->hopedOn)?->slug();
            if ($slug !== null) {
                $hoped[$message->key()] = mb_substr("$slug|$message->hoped", 0, self::LONGEST);
            }
        }

        return $hoped;
    }

    /** On which screen which line: "swim|Take a place"; null for nothing that is on a screen. */
    private static function tap(Blueprint $blueprint, string $at): ?string
    {
        $here = $blueprint->data();
        $line = null;
        $screen = null;
        foreach (array_slice(explode('/', $at), 1) as $i => $step) {
            $here = is_array($here) ? $here[$step] ?? null : null;
            $screen = $i === 1 ? $blueprint->screens[(int) $step] ?? null : $screen;
            // The innermost that says what it is.
            $line = is_array($here) && is_string($here['kind'] ?? null) ? $here : $line;
        }
        if ($screen === null || $line === null || ! str_starts_with($at, '/screens/')) {
            return null;
        }
        foreach (['label', 'text', 'described', 'table', 'name', 'icon', 'kind'] as $key) {
            if (is_string($line[$key] ?? null) && $line[$key] !== '') {
                return mb_substr($screen->slug().'|'.($key === 'table' ? "List of $line[$key]" : $line[$key]), 0, self::LONGEST);
            }
        }

        return null;
    }
}
