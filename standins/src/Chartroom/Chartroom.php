<?php

declare(strict_types=1);

namespace Standins\Chartroom;

use Standins\Answer;
use Standins\Switches;

/** Tiles of the map of a made-up coast, with a key in the query: pictures of 256 pixels by zoom, column and row. */
final readonly class Chartroom
{
    /** What lets somebody in, for practice. */
    public const KEY = 'practice-key-of-the-coast';

    public const DEEPEST = 16;

    /** Seconds that whoever asks may keep a tile. */
    private const LASTS = 604800;

    public function __construct(private Switches $switches, private string $address)
    {
    }

    /**
     * @param  array<string, mixed>  $query
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers  by name in small letters
     */
    public function answer(string $method, string $path, array $query, array $form, array $headers): Answer
    {
        if ($path === '/') {
            return $this->switches->desk(
                'Chartroom',
                '<h1>The map of a coast that does not exist</h1><p>Its tiles are at <code>/tiles/{z}/{x}/{y}.png</code>, as far as zoom '.
                    self::DEEPEST.
                    '. It wants the key <code>'.
                    self::KEY.
                    '</code> in the query, as <code>key</code>.</p><p><img src="'.
                    "$this->address/tiles/12/1986/1388.png?key=".
                    self::KEY.
                    '" width="256" height="256" alt="A tile: a shore with a deep cove"></p>',
                $this->address,
            );
        }
        if ($path === '/switches') {
            return $this->switches->arranged($method, $form, str_contains($headers['accept'] ?? '', 'html'), $this->address);
        }
        if (preg_match('~^/tiles/(\d{1,2})/(\d{1,6})/(\d{1,6})\.png$~', $path, $found) !== 1 || $method !== 'GET') {
            return Answer::problem(404, 'There is nothing here. Try /tiles/12/1986/1388.png.');
        }
        $this->switches->count();
        [, $zoom, $x, $y] = array_map(intval(...), $found);
        $answer = match (true) {
            ! hash_equals(self::KEY, is_string($query['key'] ?? null) ? $query['key'] : '') => Answer::problem(401, 'That key is not known here.'),
            $zoom > self::DEEPEST || max($x, $y) >= 2 ** $zoom => Answer::problem(404, 'There is no such tile.'),
            default => new Answer(200, (new TilePainter(new Coast()))->paint($zoom, $x, $y), [
                'Content-Type' => 'image/png',
                'Cache-Control' => 'public, max-age='.self::LASTS,
            ]),
        };

        return $this->switches->through($answer);
    }
}
