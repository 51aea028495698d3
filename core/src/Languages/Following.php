<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;

/** What was written in other languages follows a text that is changed, and says what the text was when it was written. */
final readonly class Following
{
    private function __construct()
    {
    }

    /**
     * @param  array<string, mixed>  $after  data of the app after a change
     * @param  list<string>  $places  JSON Pointers of what was replaced
     * @return array<string, mixed> the data, with the languages that belong to it
     */
    public static function texts(Blueprint $before, array $after, array $places): array
    {
        $places = array_values(array_filter($places, fn (string $at): bool => ! str_starts_with($at, '/languages') && is_string(Pointer::get($at, $after))));
        if ($before->languages === [] || $places === [] || ! is_array($after['languages'] ?? null) || $after['languages'] === []) {
            return $after;
        }
        try {
            $now = Blueprint::stored($after, $before);
        } catch (\UnexpectedValueException) {
            // Whoever makes the change says why the app cannot be read.
            return $after;
        }
        $changes = [];
        foreach ($places as $at) {
            [$was, $is] = [self::textAt($before, $at), self::textAt($now, $at)];
            if ($was !== null && $is !== null && $was->source !== $is->source) {
                $changes[] = [$was, $is];
            }
        }
        if ($changes === []) {
            return $after;
        }
        $still = [];
        foreach (AppTexts::of($now) as $text) {
            $still[$text->source] = true;
        }
        $languages = array_map(
            fn (array $language): array => ! isset($language['says']) ? $language
                : ['says' => self::followed(Prose::nodes($language['says']), $changes, $still)] + $language,
            Prose::nodes($after['languages']),
        );

        return ['languages' => $languages] + $after;
    }

    private static function textAt(Blueprint $blueprint, string $at): ?AppText
    {
        $spot = $blueprint->walkTo($at)->blankAt($at);

        return $spot === null ? null : AppTexts::at($spot);
    }

    /**
     * @param  list<array<string, mixed>>  $says
     * @param  list<array{AppText, AppText}>  $changes
     * @param  array<string, true>  $still  texts that there are
     * @return list<array<string, mixed>>
     */
    private static function followed(array $says, array $changes, array $still): array
    {
        foreach ($changes as [$was, $is]) {
            $taken = array_filter($says, fn (array $one): bool => ($one['source'] ?? '') === $is->source) !== [];
            foreach ($says as $i => $one) {
                $on = is_string($one['on'] ?? null) ? $one['on'] : '';
                if (($one['source'] ?? '') !== $was->source || ($on !== '' && $on !== $was->on) || $taken) {
                    continue;
                }
                $since = is_string($one['was'] ?? null) && $one['was'] !== '' ? $one['was'] : $was->source;
                $moved = ['source' => $is->source, 'was' => $since === $is->source ? '' : $since] + $one;
                if ($moved['was'] === '') {
                    unset($moved['was']);
                }
                if (isset($still[$was->source])) {
                    // Where several texts changed at once, lines may only have moved.
                    array_push($says, ...count($changes) === 1 ? [$moved] : []);
                } else {
                    $says[$i] = $moved;
                }
                break;
            }
        }

        return $says;
    }
}
