<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Http\Bundle;
use App\Models\App;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Lines\Chart;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Lines\MapLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldTypes\PhoneType;
use Lanai\Core\Model\FieldTypes\PictureType;
use Lanai\Core\Model\FieldTypes\PlaceType;
use Lanai\Core\Release\AskedTypes;

/** The device bundle as files of a package, with a page that knows the app's server. It holds addresses, never a secret. */
final class DeviceFiles
{
    /**
     * @param  string  $server  its address, without a slash at the end
     * @param  string  $links  more tags for the page's head
     * @param  string  $till  where is paid, as Sold names it
     * @param  string  $store  the store that it is made for
     * @return array<string, string> path => contents
     *
     * @throws PackagingFailed where the bundle has not been built
     */
    public static function of(App $app, Blueprint $blueprint, string $server, string $links = '', string $till = 'card', string $store = 'pier'): array
    {
        $chunk = Bundle::manifest('device')['web/device/main.ts'] ?? throw new PackagingFailed('The device bundle is not built.');
        $files = [];
        foreach (self::needed($blueprint) as $file) {
            $files[$file] = (string) file_get_contents(public_path("build/device/$file"));
        }
        $entry = [
            'base' => "$server/device/live/$app->slug",
            'media' => "$server/media/$app->id",
            'deck' => false,
            'app' => $app->id,
            'path' => '',
            'till' => $till,
            'store' => $store,
            'build' => $blueprint->release->build,
            'shared' => $blueprint->sharedScreen()?->slug() ?? '',
        ];
        $files['index.html'] = strtr((string) file_get_contents(base_path('packaging/web/index.html')), [
            '{{lang}}' => $blueprint->theme->tongue(),
            '{{dir}}' => $blueprint->theme->direction(),
            '{{name}}' => e($blueprint->name),
            '{{colour}}' => e($blueprint->theme->main),
            '{{links}}' => $links,
            '{{entry}}' => json_encode($entry, JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_UNESCAPED_SLASHES),
            '{{styles}}' => implode(
                '',
                array_map(
                    fn (string $css): string => '<link rel="stylesheet" href="./'.e($css).'">',
                    Bundle::styles(Bundle::manifest('device'), 'web/device/main.ts'),
                ),
            ),
            '{{preloads}}' => implode(
                '',
                array_map(
                    fn (string $file): string => '<link rel="modulepreload" href="./'.e($file).'">',
                    Bundle::imports(Bundle::manifest('device'), 'web/device/main.ts'),
                ),
            ),
            '{{script}}' => $chunk['file'],
        ]);

        return $files;
    }

    /** What is heavy comes along only where a sentence of the app uses it, and what the deck practises with never does. */
    private static function wanted(string $name, Blueprint $blueprint): bool
    {
        $walk = $blueprint->walk();
        $asked = fn (string $type): bool => in_array($type, AskedTypes::of($blueprint), true);

        return match ($name) {
            'web/device/lines/ChartLine.vue' => $walk->nodesOf(Chart::class) !== [],
            'web/device/lines/MapLine.vue' => $walk->nodesOf(MapLine::class) !== [],
            'web/device/lines/ListMap.vue' => array_filter($walk->nodesOf(ListLine::class), fn (NodeSpot $l): bool => $l->text('layout') === 'map') !== [],
            'web/device/controls/PhoneControl.vue' => $walk->nodesOf(PhoneType::class) !== [],
            'web/device/controls/PlaceSheet.vue' => $asked(PlaceType::class),
            'web/device/controls/CropSheet.vue' => $asked(PictureType::class),
            'web/device/inDeck.ts', 'web/device/practice/practice.ts', 'web/device/practice/PracticeSystem.vue', 'web/device/TesterBox.vue' => false,
            default => true,
        };
    }

    /** @return list<string> the files of the bundle that this app can ask for */
    public static function needed(Blueprint $blueprint): array
    {
        $manifest = Bundle::manifest('device');
        $files = [];
        $open = ['web/device/main.ts'];
        while ($open !== []) {
            $name = array_pop($open);
            $chunk = $manifest[$name] ?? null;
            if ($chunk === null || isset($files[$chunk['file']])) {
                continue;
            }
            foreach ([$chunk['file'], ...$chunk['css'] ?? [], ...$chunk['assets'] ?? []] as $file) {
                $files[$file] = $file;
            }
            foreach ([...$chunk['imports'] ?? [], ...$chunk['dynamicImports'] ?? []] as $other) {
                if (self::wanted($other, $blueprint)) {
                    $open[] = $other;
                }
            }
        }

        return array_values($files);
    }
}
