<?php

declare(strict_types=1);

namespace App\Device;

use App\Packaging\ServerAddress;
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
    /** Letters of the words: no program shows more. */
    private const LONGEST = 200;

    /** @param  array<string, string>  $properties  og:… => content */
    private function __construct(public array $properties)
    {
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
            'og:image' => $entry->way === 'live' ? "$home/icons/any-512.png" : '',
        ];
        $shown = $at === '' ? [] : self::shown($entry, $at, $speaks, "$base/media/{$entry->app->id}");

        return new self(array_filter($shown + $own + [
            'og:type' => 'website',
            'og:site_name' => $blueprint->name,
            'og:locale' => $speaks->locale,
            'og:url' => $at === '' ? $home : "$home?at=$at#/$at",
        ], fn (string $content): bool => $content !== ''));
    }

    /** @return array<string, string> nothing where nobody may see it, or it is not there */
    private static function shown(Entry $entry, string $at, Preferred $speaks, string $media): array
    {
        [$screen, $args] = self::place($at);
        if ($entry->blueprint()->screen($screen) === null) {
            return [];
        }
        $utc = new DateTimeZone('UTC');
        $visit = new Visit(new Moment(new DateTimeImmutable('now', $utc), $utc, $speaks->locale), $screen, $args, tongue: $speaks->tongue);
        $view = rescue(fn (): array => $entry->space->looking($speaks->tongue)->show($visit, Trail::none()), [], false);
        if (($view['problem'] ?? '-') !== '') {
            return [];
        }
        $nodes = self::nodes($view['nodes'] ?? []);
        $first = fn (string $kind, string $key): string => self::first($nodes, $kind, $key);
        $title = is_string($view['title'] ?? null) ? $view['title'] : '';
        $picture = $first('picture', 'picture');

        return array_filter([
            'og:title' => self::plain($title),
            'og:description' => self::plain($first('text', 'text')),
            'og:image' => match (true) {
                $picture === '' => '',
                str_starts_with($picture, 'https://') => $picture,
                Pattern::match('/^[0-9a-f]{64}\.(png|jpg|webp)$/', $picture) => "$media/$picture?w=1080",
                default => '',
            },
        ], fn (string $content): bool => $content !== '');
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
