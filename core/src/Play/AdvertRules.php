<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Text\Names;

/** Whether adverts may stand on a screen for whoever looks; how many they may see is told when one is asked for. */
final class AdvertRules
{
    public static function allow(Scene $scene): bool
    {
        $adverts = $scene->blueprint->adverts;
        if ($adverts === null) {
            return false;
        }
        $screen = $scene->visit === null || $scene->visit->screen === '' ? $scene->blueprint->firstScreen() : $scene->blueprint->screen($scene->visit->screen);
        $name = mb_strtolower($screen->name ?? '');
        $signIn = mb_strtolower($scene->blueprint->signIn->at ?? '');
        $never = array_map(mb_strtolower(...), [...$adverts->never, $adverts->asking]);
        // Who signs in, or is asked, is left alone.
        if (in_array($name, array_filter([...$never, $signIn]), true)) {
            return false;
        }

        return ! self::isSpared($scene);
    }

    /** Whether somebody has what spares them adverts. */
    public static function isSpared(Scene $scene): bool
    {
        foreach ($scene->blueprint->adverts->none ?? [] as $entitlement) {
            if ($scene->yes('me.'.Names::inFormula($entitlement))) {
                return true;
            }
        }

        return false;
    }
}
