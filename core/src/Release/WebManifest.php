<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Model\Blueprint;

/** The members of a W3C Web Application Manifest for the app. */
final class WebManifest
{
    /**
     * @param  string  $start  where the app begins, from the manifest's own address
     * @param  string  $scope  what all of its addresses begin with
     * @return array<string, mixed>
     */
    public static function of(Blueprint $blueprint, string $start = './index.html', string $scope = './'): array
    {
        $icon = fn (int $size, string $purpose): array => [
            'src' => "icons/$purpose-$size.png",
            'sizes' => "{$size}x{$size}",
            'type' => 'image/png',
            'purpose' => $purpose,
        ];

        return [
            'id' => $scope,
            'name' => $blueprint->release->title !== '' ? $blueprint->release->title : $blueprint->name,
            'lang' => $blueprint->theme->tongue(),
            'dir' => $blueprint->theme->direction(),
            'short_name' => mb_substr($blueprint->name, 0, 12),
            'description' => $blueprint->release->summary,
            'start_url' => $start,
            'scope' => $scope,
            'display' => 'standalone',
            'background_color' => $blueprint->theme->background,
            'theme_color' => $blueprint->theme->main,
            'icons' => [$icon(192, 'any'), $icon(512, 'any'), $icon(192, 'maskable'), $icon(512, 'maskable')],
        ] + self::shareTarget($blueprint, $start);
    }

    /** @return array{share_target?: array<string, mixed>} of the W3C Web Share Target API: a shared text opens the screen that takes it */
    private static function shareTarget(Blueprint $blueprint, string $start): array
    {
        $screen = $blueprint->sharedScreen();

        return $screen === null
            ? []
            : [
                'share_target' => [
                    'action' => $start,
                    'method' => 'GET',
                    'params' => ['title' => 'shared-title', 'text' => 'shared-text', 'url' => 'shared-url'],
                ],
            ];
    }
}
