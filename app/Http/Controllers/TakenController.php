<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Device\Entry;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Packaging\IconPainter;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Release\PictureSize;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Tongues;

/** What a picture for a store is taken of: the running app in a frame, with words above it. Only whoever holds a key of Sitting comes here. */
final class TakenController
{
    /** How much of its own size the app has in the picture, and how high the words above it may be, as a share of the width. */
    private const SHRUNK = 0.84;

    private const WORDS = 0.42;

    private const TYPES = ['image/png', 'image/jpeg', 'image/webp', 'image/gif', 'image/avif'];

    public function picture(Request $request, string $key, string $store): Response
    {
        $entry = Entry::from($request, 'taken', $key);
        $sitting = $entry->sitting ?? abort(404);
        $spoken = $entry->revision->spoken($sitting->tongue);
        $sizes = [];
        foreach (PictureSize::cases() as $size) {
            if ($size->store() === $store) {
                $sizes[$size->value] = self::measures($size, $sitting->caption !== '');
            }
        }

        return response()->view('taken', [
            'lang' => $spoken->theme->tongue(),
            'dir' => Tongues::direction($spoken->theme->tongue()),
            'colours' => array_map(
                fn (string $colour): string => Pattern::match('/^#[0-9a-fA-F]{6}$/D', $colour) ? $colour : '#808080',
                ['main' => $spoken->theme->main, 'onMain' => $spoken->theme->onMain],
            ),
            'sizes' => $sizes,
            'caption' => $sitting->caption,
            'summary' => $spoken->release->summary,
            'name' => $spoken->release->title !== '' ? $spoken->release->title : $spoken->name,
            'icon' => 'data:image/png;base64,'.base64_encode((new IconPainter($entry->app, $spoken))->png(192, 0.96)),
            'page' => $sitting->path($key),
        ])->header('Cache-Control', 'no-store');
    }

    /**
     * Where everything stands in a picture of this size.
     *
     * @return string values of style
     */
    private static function measures(PictureSize $size, bool $captioned): string
    {
        [$width, $height] = array_map(fn (int $pixels): float => $pixels / $size->scale(), $size->pixels());
        $shrunk = $size->isBanner() ? 0.9 : self::SHRUNK;
        $under = $width * (1 - self::SHRUNK) / 2;
        $above = $captioned ? min($width * self::WORDS, $height * 0.24) : $under;
        [$wide, $high] = $size->isBanner() ? [300.0, 620.0] : [$width, floor(($height - $under - $above) / $shrunk)];
        $measures = [
            'wide' => $width,
            'high' => $height,
            'app-wide' => $wide,
            'app-high' => $high,
            'under' => $size->isBanner() ? 0.0 : $under,
            'round' => $size->isBanner() ? 34.0 : min(34, $width * 0.06),
            'letters' => min($width * 0.082, $height * 0.075),
        ];
        $said = array_map(fn (string $name, float $dp): string => "--$name: ".round($dp, 2).'px;', array_keys($measures), $measures);

        return implode(' ', $said)." --shrunk: $shrunk;";
    }

    /** A picture of the web that the app shows, by the one way out. */
    public function outside(Request $request, string $key): Response
    {
        Entry::from($request, 'taken', $key);
        try {
            $answer = Guard::follow('GET', $request->string('of')->value(), ['Accept' => 'image/*']);
        } catch (AddressRefused|ConnectionException) {
            abort(404);
        }
        $type = strtolower(trim(explode(';', $answer->header('Content-Type'))[0]));
        abort_unless($answer->successful() && in_array($type, self::TYPES, true), 404);

        return response($answer->body(), 200, ['Content-Type' => $type, 'Cache-Control' => 'private, max-age=900']);
    }
}
