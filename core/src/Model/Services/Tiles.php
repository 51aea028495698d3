<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/**
 * Where a service has the tiles that maps are put together of: pictures of 256 pixels in the Web Mercator projection (EPSG:3857), found by
 * their zoom, column and row, counted from the north-west (common practice, no source).
 */
final readonly class Tiles implements HasSentence
{
    /** How far one can zoom in where nothing is said, and at most. */
    public const USUAL = 18;

    public const DEEPEST = 22;

    /**
     * @param  string  $path  with {z}, {x} and {y} in it
     * @param  int|null  $most  the deepest zoom that there are tiles of
     * @param  string  $credit  who is named on the map
     */
    public function __construct(public string $path = '', public ?int $most = null, public string $credit = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('draws maps with', new Blank('path', TextFit::plain()))->clauses(
            Clause::of('as far as zoom', 'how far one can zoom in', new Blank('most', NumberFit::whole(1, self::DEEPEST))),
            Clause::of('credited to', 'who is named on the map', new Blank('credit', TextFit::plain())),
        );
    }

    public function deepest(): int
    {
        return $this->most ?? self::USUAL;
    }

    /** Whether each tile has a place of its own. */
    public function isWhole(): bool
    {
        return str_contains($this->path, '{z}') && str_contains($this->path, '{x}') && str_contains($this->path, '{y}');
    }

    /** Whether there is such a tile: there are two to the power of its zoom of them in each direction. */
    public function has(int $zoom, int $x, int $y): bool
    {
        return $zoom >= 0 && $zoom <= $this->deepest() && min($x, $y) >= 0 && max($x, $y) < 2 ** $zoom;
    }

    /** @param  string  $base  the address of the service */
    public function message(string $base, int $zoom, int $x, int $y): Message
    {
        $path = strtr(ltrim($this->path, '/'), ['{z}' => (string) $zoom, '{x}' => (string) $x, '{y}' => (string) $y]);

        return new Message('GET', rtrim($base, '/')."/$path", ['Accept' => 'image/*'], wants: 'pictures');
    }
}
