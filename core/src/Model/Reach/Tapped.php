<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;

/** What was tapped, by its words and not by its place, which changes with every edit. */
final readonly class Tapped
{
    private function __construct(public Screen $screen, public string $words)
    {
    }

    /** @param  string  $at  of a line on a screen; null for nothing that is on one, and says what it is */
    public static function at(Blueprint $blueprint, string $at): ?self
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
        $words = self::words($line);

        return $words === '' ? null : new self($screen, $words);
    }

    /** @param  array<array-key, mixed>  $line */
    public static function words(array $line): string
    {
        foreach (['label', 'text', 'described', 'table', 'name', 'icon', 'ending', 'kind'] as $key) {
            if (is_string($line[$key] ?? null) && $line[$key] !== '') {
                return $key === 'table' ? "List of $line[$key]" : $line[$key];
            }
        }

        return '';
    }
}
