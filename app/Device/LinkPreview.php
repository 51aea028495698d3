<?php

declare(strict_types=1);

namespace App\Device;

use App\Apps\SmallerPictures;
use App\Models\App;
use App\Packaging\ServerAddress;
use App\Ways\Painted;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Languages\Preferred;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Text\Hyphenation;
use Lanai\Core\Text\Pattern;

/**
 * What a link of an app shows where it is posted: title, words and picture of its screen, as somebody sees them who is not signed in. By the Open
 * Graph protocol (https://ogp.me).
 */
final readonly class LinkPreview
{
    /** A screen and what it is about, as an address says it. */
    public const PLACE = '~^[^/\s]{1,100}(/(\d{1,15}|\~[^/\s]{0,500})){0,10}$~u';

    private const KEPT = '/^[0-9a-f]{64}\.(png|jpg|webp)$/D';

    /** Letters of the words: no program shows more. */
    private const LONGEST = 200;

    /**
     * @param  array<string, string>  $properties  og:… => content
     * @param  string  $picture  the name of a file that the app keeps, or an address; '' for none
     */
    private function __construct(public array $properties, private string $picture)
    {
    }

    public function title(): string
    {
        return $this->properties['og:title'] ?? '';
    }

    public function words(): string
    {
        return $this->properties['og:description'] ?? '';
    }

    /** The bytes of the picture, where the app keeps it and everybody may see it; '' for none. */
    public function pictureOf(App $app): string
    {
        $file = $app->folder('pictures')."/$this->picture";

        return Pattern::match(self::KEPT, $this->picture) && is_file($file) ? (string) file_get_contents(SmallerPictures::of($file, 640)) : '';
    }

    /** @param  string  $at  the screen and what it is about, such as “spot/3”; '' for the start */
    public static function of(Entry $entry, string $at, Preferred $speaks): self
    {
        $blueprint = $entry->revision->spoken($speaks->tongue);
        $base = ServerAddress::of($entry->app);
        $home = $base.($entry->way === 'live' ? "/a/$entry->key" : "/s/$entry->key");
        $release = $blueprint->release;
        $own = [
            'og:title' => $release->title === '' ? $blueprint->name : $release->title,
            'og:description' => $release->summary,
        ];
        [$shown, $picture] = $at === '' ? [[], ''] : self::shown($entry, $at, $speaks);
        $asks = str_replace('%2F', '/', http_build_query(array_filter(['at' => $at, 'lang' => $speaks->tongue])));
        $card = $entry->way === 'live' ? "$home/card.png?$asks" : '';
        $image = match (true) {
            $card !== '' => ['og:image' => $card, 'og:image:width' => (string) Painted::CARD[0], 'og:image:height' => (string) Painted::CARD[1]],
            str_starts_with($picture, 'https://') => ['og:image' => $picture],
            $picture !== '' => ['og:image' => "$base/media/{$entry->app->id}/$picture?w=1080"],
            default => [],
        };

        return new self(array_filter($shown + $image + $own + [
            'og:type' => 'website',
            'og:site_name' => $blueprint->name,
            'og:locale' => $speaks->locale,
            'og:url' => $at === '' ? $home : "$home?at=$at#/$at",
        ], fn (string $content): bool => $content !== ''), $picture);
    }

    /** @return array{array<string, string>, string} and the picture; nothing where nobody may see it, or it is not there */
    private static function shown(Entry $entry, string $at, Preferred $speaks): array
    {
        [$screen, $args] = self::place($at);
        if ($entry->blueprint()->screen($screen) === null) {
            return [[], ''];
        }
        $utc = new DateTimeZone('UTC');
        $visit = new Visit(new Moment(new DateTimeImmutable('now', $utc), $utc, $speaks->locale), $screen, $args, tongue: $speaks->tongue);
        $view = rescue(fn (): array => $entry->space->looking($speaks->tongue)->show($visit, Trail::none()), [], false);
        if (($view['problem'] ?? '-') !== '') {
            return [[], ''];
        }
        $nodes = self::nodes($view['nodes'] ?? []);
        $first = fn (string $kind, string $key): string => self::first($nodes, $kind, $key);
        $title = is_string($view['title'] ?? null) ? $view['title'] : '';
        $picture = $first('picture', 'picture');

        $isPicture = str_starts_with($picture, 'https://') || Pattern::match(self::KEPT, $picture);
        $texts = array_filter(
            ['og:title' => self::plain($title), 'og:description' => self::plain($first('text', 'text'))],
            fn (string $content): bool => $content !== '',
        );

        return [$texts, $isPicture ? $picture : ''];
    }

    /** @return array{string, list<int|string>} as web/device/address.ts writes it */
    private static function place(string $at): array
    {
        $parts = explode('/', $at);
        $args = [];
        foreach (array_slice($parts, 1, 10) as $part) {
            $args[] = str_starts_with($part, '~') ? rawurldecode(substr($part, 1)) : (int) $part;
        }

        return [rawurldecode($parts[0]), $args];
    }

    /**
     * All nodes in the order in which they stand.
     *
     * @return list<array<array-key, mixed>>
     */
    private static function nodes(mixed $nodes): array
    {
        $found = [];
        foreach (is_array($nodes) ? $nodes : [] as $node) {
            if (is_array($node)) {
                array_push($found, $node, ...self::nodes($node['nodes'] ?? []));
            }
        }

        return $found;
    }

    /** @param  list<array<array-key, mixed>>  $nodes */
    private static function first(array $nodes, string $kind, string $key): string
    {
        foreach ($nodes as $node) {
            if (($node['kind'] ?? '') === $kind && is_string($node[$key] ?? null) && $node[$key] !== '') {
                return $node[$key];
            }
        }

        return '';
    }

    /** Without marks for emphasis and soft hyphens. */
    private static function plain(string $text): string
    {
        $plain = str_replace([Hyphenation::SOFT, '*'], '', $text);

        return mb_strimwidth(Pattern::replace('/\s+/u', ' ', trim($plain)), 0, self::LONGEST, '…');
    }
}
