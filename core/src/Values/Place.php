<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

use Lanai\Core\Text\Pattern;

/** A place on earth in WGS 84 degrees. */
final readonly class Place
{
    /** Mean radius of the earth in km (IUGG). */
    private const RADIUS = 6371.0088;

    /**
     * @param  float  $latitude  -90 to 90
     * @param  float  $longitude  -180 to 180
     */
    private function __construct(public float $latitude, public float $longitude)
    {
    }

    /** Reads “50.1234, -5.5678”; null where this is no place. */
    public static function of(string $text): ?self
    {
        if (
            ! Pattern::match('/^\s*([+-]?\d{1,3}(?:\.\d+)?)\s*[,;\s]\s*([+-]?\d{1,3}(?:\.\d+)?)\s*$/', $text, $m) ||
            abs((float) $m[1]) > 90 ||
            abs((float) $m[2]) > 180
        ) {
            return null;
        }

        return new self(round((float) $m[1], 6), round((float) $m[2], 6));
    }

    /** “50.1234, -5.5678”, read back by of(). */
    public function written(): string
    {
        return "$this->latitude, $this->longitude";
    }

    /** The great-circle distance in km, by the haversine formula on a sphere. */
    public function distanceTo(self $other): float
    {
        $half =
            sin(deg2rad($other->latitude - $this->latitude) / 2) ** 2 +
            cos(deg2rad($this->latitude)) * cos(deg2rad($other->latitude)) * sin(deg2rad($other->longitude - $this->longitude) / 2) ** 2;

        return 2 * self::RADIUS * asin(min(1.0, sqrt($half)));
    }
}
