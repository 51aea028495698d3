<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Models\App;
use App\Models\Build;
use Lanai\Core\Model\Blueprint;

/**
 * What of a change reaches people as soon as it is live, and what has to be in a package: what a phone does for the app, and what it shows of it before
 * it is opened.
 */
final class PackageNeeds
{
    /** Packages that are brought to a store. */
    private const TARGETS = [Target::Aab, Target::Apk, Target::Ipa];

    /**
     * Why the newest package has to be built anew.
     *
     * @return array{version: string, why: list<string>}|null null where there is no package yet
     */
    public static function of(App $app): ?array
    {
        $newest = $app->builds()->with('revision')->where('state', 'done')->whereIn('target', array_column(self::TARGETS, 'value'))->latest('id')->first();

        return $newest === null ? null : ['version' => "$newest->version ($newest->number)", 'why' => self::between($newest, $app->revision->read())];
    }

    /** @return list<string> what the app asks of a phone that a package cannot do, in words */
    public static function lacking(Build $build, Blueprint $now): array
    {
        $can = Ability::of($build->revision->read());
        // What the system has nothing of needs no package for it.
        $isHere = fn (Ability $ability): bool => $build->target === Target::Ipa->value || $ability->classes() !== [];

        return array_values(array_map(
            fn (Ability $ability): string => $ability->words(),
            array_filter(Ability::of($now), fn (Ability $ability): bool => $isHere($ability) && ! in_array($ability, $can, true)),
        ));
    }

    /** @return list<string> sentences */
    private static function between(Build $build, Blueprint $now): array
    {
        $then = $build->revision->read();
        $icon = fn (Blueprint $of): array => [$of->release->icon, $of->release->letter, $of->release->colour, $of->theme->main];

        return array_values(array_filter([
            ...array_map(fn (string $words): string => "It can now $words, and that package cannot.", self::lacking($build, $now)),
            $then->name === $now->name ? '' : "It is called $now->name now.",
            $icon($then) === $icon($now) ? '' : 'Its icon is another one.',
            $then->release->package === $now->release->package ? '' : 'Its package has another name.',
        ]));
    }
}
