<?php

declare(strict_types=1);

namespace App\Ways;

use App\Device\Entry;
use App\Models\App;
use App\Packaging\ServerAddress;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Text\Tongues;

/** What is pasted into one's own website and letters, so that people find the app from there. */
final readonly class Snippets
{
    public function __construct(private Entry $entry)
    {
    }

    /**
     * The script of the strip, with what it says in each language of the app.
     *
     * @param  bool  $always  wherever it is, so that it can be looked at
     */
    public function script(bool $always): string
    {
        $app = $this->entry->app;
        $blueprint = $this->entry->blueprint();
        $words = [];
        $offered = array_filter($blueprint->languages, fn (Language $language): bool => ! $language->hidden);
        foreach ([$blueprint->theme->tongue(), ...array_column($offered, 'tongue')] as $tongue) {
            $spoken = $this->entry->revision->spoken($tongue);
            $words[$tongue] = [
                'open' => $spoken->own()->say('Open'),
                'close' => $spoken->own()->say('Close'),
                'about' => $spoken->release->summary,
                'dir' => Tongues::direction($tongue),
            ];
        }
        $strip = [
            'key' => $app->slug,
            'name' => $blueprint->name,
            'icon' => ($always ? '' : ServerAddress::of($app))."/a/$app->slug/icons/any-192.png",
            'link' => (new Doors($app))->link('', 'strip'),
            'ground' => $blueprint->theme->main,
            'ink' => $blueprint->theme->onMain,
            'own' => $blueprint->theme->tongue(),
            'always' => $always,
            'words' => $words,
        ];

        return str_replace(
            '__STRIP__',
            json_encode($strip, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP),
            (string) file_get_contents(resource_path('ways/strip.js')),
        );
    }

    /** @return array{strip: string, manifest: string, meta: string, badge: string, icon: string, badgePicture: string, card: string} */
    public static function state(App $app, Doors $doors): array
    {
        $blueprint = $app->liveRevision?->read() ?? $app->revision->read();
        $home = ServerAddress::of($app)."/a/$app->slug";
        [$width, $height] = [intdiv(Painted::BADGE[0], 2), intdiv(Painted::BADGE[1], 2)];
        $picture = e("$home/badge.png");
        $label = $blueprint->own()->say('Get {0}', $blueprint->name);

        return [
            'strip' => '<script src="'.e("$home/strip.js").'" defer></script>',
            'manifest' => json_encode(
                ['related_applications' => self::related($app, $blueprint, $doors)],
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES,
            ),
            'meta' => self::meta($blueprint, $doors),
            'badge' => '<a href="'.e($doors->link('', 'letter'))."\"><img src=\"$picture\" width=\"$width\" height=\"$height\" alt=\"".e($label).'"></a>',
            'icon' => "/a/$app->slug/icons/any-192.png",
            'badgePicture' => "/a/$app->slug/badge.png",
            'card' => "/a/$app->slug/card.png",
        ];
    }

    /**
     * The app as other manifests name it: by the W3C's Web Application Manifest, member “related_applications”, with platforms of its registry.
     *
     * @return list<array<string, string>>
     */
    public static function related(App $app, Blueprint $blueprint, Doors $doors): array
    {
        $related = [['platform' => 'webapp', 'url' => ServerAddress::of($app)."/a/$app->slug/manifest.webmanifest"]];
        if (isset($doors->stores()['android']) && $blueprint->release->package !== '') {
            $related[] = ['platform' => 'play', 'url' => $doors->stores()['android'], 'id' => $blueprint->release->package];
        }
        if (isset($doors->stores()['ios']) && $blueprint->release->isListed()) {
            $related[] = ['platform' => 'itunes', 'url' => $doors->stores()['ios'], 'id' => $blueprint->release->listed];
        }

        return $related;
    }

    /** The tag by which a phone offers the app at the top of a page of itself (from memory); '' where the store has no number for it yet. */
    public static function meta(Blueprint $blueprint, Doors $doors): string
    {
        return $blueprint->release->isListed()
            ? '<meta name="apple-itunes-app" content="app-id='.$blueprint->release->listed.', app-argument='.e($doors->web()).'">'
            : '';
    }
}
