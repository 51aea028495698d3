<?php

declare(strict_types=1);

namespace App\Device;

use Lanai\Core\Languages\Preferred;
use Lanai\Core\Model\Blueprint;

/** What a live page says of itself to programs that read the web: JSON-LD 1.1 with the vocabulary of https://schema.org. */
final class Structured
{
    /** Without what could end the element in which it stands. */
    private const SAFE = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_HEX_TAG | JSON_HEX_AMP | JSON_HEX_APOS;

    /** @param  array<string, string>  $preview  as of LinkPreview */
    public static function of(Blueprint $blueprint, array $preview, Preferred $speaks, bool $isStart): string
    {
        $release = $blueprint->release;
        $home = explode('?', $preview['og:url'] ?? '')[0];
        $program = array_filter([
            '@type' => 'WebApplication',
            'name' => $release->title === '' ? $blueprint->name : $release->title,
            'url' => $home,
            'description' => $release->summary,
            'inLanguage' => $speaks->tongue,
            'image' => $isStart ? $preview['og:image'] ?? '' : '',
            'operatingSystem' => 'Any',
            'applicationCategory' => 'MobileApplication',
            'softwareVersion' => $release->version,
            'keywords' => $release->words,
        ], fn (string $value): bool => $value !== '') + ['isAccessibleForFree' => true];
        if ($isStart) {
            return self::written($program);
        }

        return self::written(array_filter([
            '@type' => 'WebPage',
            'name' => $preview['og:title'] ?? '',
            'description' => $preview['og:description'] ?? '',
            'url' => $preview['og:url'] ?? '',
            'image' => $preview['og:image'] ?? '',
            'inLanguage' => $speaks->tongue,
        ], fn (string $value): bool => $value !== '') + ['isPartOf' => $program]);
    }

    /** @param  array<string, mixed>  $thing */
    private static function written(array $thing): string
    {
        return json_encode(['@context' => 'https://schema.org'] + $thing, self::SAFE);
    }
}
