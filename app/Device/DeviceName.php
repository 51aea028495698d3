<?php

declare(strict_types=1);

namespace App\Device;

/** What a device is called in a list of sessions: "Chrome on Android". */
final class DeviceName
{
    private const BROWSERS = ['Edg' => 'Edge', 'OPR' => 'Opera', 'Firefox' => 'Firefox', 'Chrome' => 'Chrome', 'Safari' => 'Safari'];

    private const SYSTEMS = ['Android' => 'Android', 'iPhone' => 'iPhone', 'iPad' => 'iPad', 'Windows' => 'Windows', 'Mac OS' => 'Mac', 'Linux' => 'Linux'];

    public static function of(string $userAgent, string $platform): string
    {
        $find = fn (array $names): string => array_values(
            array_filter($names, fn (string $word): bool => str_contains($userAgent, $word), ARRAY_FILTER_USE_KEY),
        )[0] ?? '';
        $browser = $find(self::BROWSERS);
        $system = $find(self::SYSTEMS) ?: ['ios' => 'iPhone', 'android' => 'Android'][$platform] ?? '';

        return match (true) {
            $browser === '' && $system === '' => 'a device',
            $browser === '' || $system === '' => $browser.$system,
            default => "$browser on $system",
        };
    }
}
