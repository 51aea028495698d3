<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Model\Blueprint;

/** The privacy manifest of an app for iPhones, from what it declares. Its keys and values are from memory. */
final class PrivacyManifest
{
    /**
     * @param  list<string>  $reasons  why the package keeps settings by the system's own way: “CA92.1” for itself, “1C8F.1” for parts of it
     * @param  list<string>  $domains  of those by whom people may be known again
     * @return array<string, mixed>
     */
    public static function of(Blueprint $blueprint, array $reasons, array $domains): array
    {
        $all = [];
        foreach (Declarations::of($blueprint) as $one) {
            $type = $one->kind->onIos();
            // Several kinds may have one name there.
            $had = $all[$type] ?? ['linked' => false, 'tracks' => false, 'purposes' => []];
            $all[$type] = [
                'linked' => $had['linked'] || $one->linked,
                'tracks' => $had['tracks'] || $one->tracks,
                'purposes' => array_values(array_unique([...$had['purposes'], ...array_map(fn (Purpose $p): string => $p->onIos(), $one->for)])),
            ];
        }
        $types = array_map(fn (string $type, array $one): array => [
            'NSPrivacyCollectedDataType' => $type,
            'NSPrivacyCollectedDataTypeLinked' => $one['linked'],
            'NSPrivacyCollectedDataTypeTracking' => $one['tracks'],
            'NSPrivacyCollectedDataTypePurposes' => $one['purposes'],
        ], array_keys($all), $all);
        $tracks = array_filter($all, fn (array $one): bool => $one['tracks']) !== [];
        $settings = ['NSPrivacyAccessedAPIType' => 'NSPrivacyAccessedAPICategoryUserDefaults', 'NSPrivacyAccessedAPITypeReasons' => $reasons];

        return [
            'NSPrivacyTracking' => $tracks,
            'NSPrivacyTrackingDomains' => $tracks ? $domains : [],
            'NSPrivacyCollectedDataTypes' => $types,
            'NSPrivacyAccessedAPITypes' => $reasons === [] ? [] : [$settings],
        ];
    }
}
