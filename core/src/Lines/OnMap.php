<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes\PlaceType;
use Lanai\Core\Values\Place;

/** What the maps of an app have in common. */
final class OnMap
{
    /** @return array{latitude: float, longitude: float} */
    public static function place(Place $place): array
    {
        return ['latitude' => $place->latitude, 'longitude' => $place->longitude];
    }

    /** @return array{tiles?: array{most: int, credit: string, mark: string}} what a box for a place is drawn with */
    public static function forBox(FieldType $type, Blueprint $blueprint): array
    {
        return $type instanceof PlaceType ? self::tiles($blueprint) : [];
    }

    /** @return array{tiles?: array{most: int, credit: string, mark: string}} what maps are drawn with; nothing where no service has tiles */
    public static function tiles(Blueprint $blueprint): array
    {
        $service = $blueprint->mapService();
        $tiles = $service?->tiles[0] ?? null;

        if ($service === null || $tiles === null) {
            return [];
        }
        $mark = hash('crc32b', "$service->address $service->sandbox $tiles->path");

        return ['tiles' => ['most' => $tiles->deepest(), 'credit' => $tiles->credit, 'mark' => $mark]];
    }
}
