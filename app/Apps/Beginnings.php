<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use Lanai\Core\Text\Pattern;

/** What the first pictures of a view look like from far away: so small that it comes along with the view, and is there before they are. */
final class Beginnings
{
    /** So many pictures of a view have one. */
    private const MOST = 24;

    /** So many that are not made yet are made in one request; the others another time. */
    private const MADE = 4;

    /**
     * @param  array<string, mixed>  $view
     * @return array<string, string> name of the picture => a WebP picture of it, in base64
     */
    public static function of(App $app, array $view): array
    {
        $folder = $app->folder('pictures');
        $found = [];
        $made = 0;
        foreach (self::names($view['nodes'] ?? []) as $name) {
            $small = SmallerPictures::tiny("$folder/$name", false);
            if ($small === null && $made++ < self::MADE) {
                $small = SmallerPictures::tiny("$folder/$name", true);
            }
            if ($small !== null) {
                $found[$name] = base64_encode($small);
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function names(mixed $nodes): array
    {
        $names = [];
        $seek = function (mixed $value) use (&$names): void {
            if (is_string($value) && (strlen($value) === 68 || strlen($value) === 69) && count($names) < self::MOST) {
                Pattern::match('/^[0-9a-f]{64}\.(png|jpg|webp)$/', $value) && ($names[$value] = true);
            }
        };
        if (is_array($nodes)) {
            array_walk_recursive($nodes, $seek);
        }

        return array_keys($names);
    }
}
