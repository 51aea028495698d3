<?php

declare(strict_types=1);

namespace App\Reach;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Reach\Tapped;
use Lanai\Core\Text\Pattern;

/** What devices tell of, by the words of the app: what is not in it is not counted. */
final class Steps
{
    private const LONGEST = 120;

    /**
     * @param  array<array-key, mixed>  $told  what and of what: a screen by its slug, a line that was tapped by its place
     * @return list<array{what: 'screen'|'page'|'tap', of: string, ago: int, as?: string, ms?: int}> as: what it is on a way, where a trial shows it
     *     in another's place; ms: until it was shown
     */
    public static function of(Blueprint $blueprint, array $told): array
    {
        $steps = [];
        $instead = array_column(Trials::of($blueprint), 'instead', 'shown');
        foreach ($told as $one) {
            $of = is_array($one) && is_string($one['of'] ?? null) ? $one['of'] : '';
            $ago = is_array($one) && is_int($one['ago'] ?? null) ? $one['ago'] : 0;
            $what = is_array($one) ? $one['what'] ?? '' : '';
            $found = match ($what) {
                'screen' => $blueprint->screen($of)?->slug(),
                'page' => self::page($blueprint, $of),
                'tap' => self::tap($blueprint, $of),
                default => null,
            };
            if ($found !== null) {
                [$slug, $rest] = [explode('|', $found)[0], strpbrk($found, '|') ?: ''];
                $as = isset($instead[$slug]) ? ['as' => $instead[$slug].$rest] : [];
                $took = $what === 'screen' && is_int($one['ms'] ?? null) ? ['ms' => $one['ms']] : [];
                $steps[] = ['what' => $what, 'of' => $found, 'ago' => $ago] + $as + $took;
            }
        }

        return $steps;
    }

    /**
     * The ways that are counted, each step as it is told of; one whose screen is not there is no way.
     *
     * @return array<string, list<array{what: 'screen'|'page'|'tap', of: string}>>
     */
    public static function ways(Blueprint $blueprint): array
    {
        $ways = [];
        foreach ($blueprint->funnels as $funnel) {
            $steps = [];
            foreach ($funnel->steps as $step) {
                $slug = $blueprint->screen($step->screen)?->slug();
                if ($slug !== null) {
                    $steps[] = match (true) {
                        $step->tapping !== '' => ['what' => 'tap', 'of' => self::tapping($slug, $step->tapping)],
                        $step->page !== null => ['what' => 'page', 'of' => "$slug|$step->page"],
                        default => ['what' => 'screen', 'of' => $slug],
                    };
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
                $hoped[$message->key()] = self::tapping($slug, $message->hoped);
            }
        }

        return $hoped;
    }

    /** Which page of which screen, from its place with the number of the page after it: "welcome|2"; null for none that is there. */
    private static function page(Blueprint $blueprint, string $of): ?string
    {
        if (! Pattern::match('~^(/screens/(\d{1,4})/.{1,250})#(\d{1,2})$~D', $of, $found)) {
            return null;
        }
        $line = Pointer::get($found[1], $blueprint->data());
        $screen = $blueprint->screens[(int) $found[2]] ?? null;
        $pages = is_array($line) && ($line['kind'] ?? '') === 'pages' && is_array($line['pages'] ?? null) ? count($line['pages']) : 0;

        return $screen === null || (int) $found[3] < 2 || (int) $found[3] > $pages ? null : $screen->slug().'|'.(int) $found[3];
    }

    /** On which screen which line: "swim|Take a place"; null for nothing that is on a screen. */
    private static function tap(Blueprint $blueprint, string $at): ?string
    {
        $tapped = Tapped::at($blueprint, $at);

        return $tapped === null ? null : self::tapping($tapped->screen->slug(), $tapped->words);
    }

    /** What was tapped, as it is counted. */
    public static function tapping(string $slug, string $words): string
    {
        return mb_substr("$slug|$words", 0, self::LONGEST);
    }
}
