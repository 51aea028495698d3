<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Http\Bundle;
use App\Models\App;
use Lanai\Core\Blueprint\Blueprint;

/** The device bundle as files of a package, with a page that knows the app's server. It holds addresses, never a secret. */
final class DeviceFiles
{
    /**
     * @param  string  $links  more tags for the page's head
     * @return array<string, string> path => contents
     *
     * @throws PackagingFailed where the bundle has not been built
     */
    public static function of(App $app, Blueprint $blueprint, string $links = ''): array
    {
        $chunk = Bundle::manifest('device')['web/device/main.ts'] ?? throw new PackagingFailed('The device bundle is not built.');
        $files = [];
        foreach ([$chunk['file'], ...($chunk['css'] ?? []), ...($chunk['assets'] ?? [])] as $file) {
            $files[$file] = (string) file_get_contents(public_path("build/device/$file"));
        }
        $server = rtrim(config('app.url'), '/');
        $entry = ['base' => "$server/device/live/$app->slug", 'media' => "$server/media/$app->id", 'deck' => false, 'app' => $app->id, 'path' => ''];
        $files['index.html'] = strtr((string) file_get_contents(base_path('packaging/web/index.html')), [
            '{{name}}' => e($blueprint->name),
            '{{colour}}' => e($blueprint->theme->main),
            '{{links}}' => $links,
            '{{entry}}' => json_encode($entry, JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_UNESCAPED_SLASHES),
            '{{style}}' => $chunk['css'][0] ?? '',
            '{{script}}' => $chunk['file'],
        ]);

        return $files;
    }
}
