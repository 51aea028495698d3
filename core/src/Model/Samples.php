<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Faker\Generator;
use Lanai\Core\Text\Pattern;

/** Sample texts that fit the name of a field. */
final class Samples
{
    /** Names for things that nobody has: two words that anybody can read. */
    private const HOW = ['Quiet', 'Early', 'Blue', 'Old', 'Bright', 'Northern', 'Little', 'Golden', 'Windy', 'Open', 'Deep', 'Green', 'Slow', 'Second'];

    private const WHAT = ['harbour', 'meadow', 'lantern', 'bridge', 'orchard', 'hollow', 'garden', 'ridge', 'corner', 'river', 'tower', 'shore',
        'morning', 'path'];

    public static function text(Generator $faker, string $name, int $most): string
    {
        $name = mb_strtolower($name);
        $text = match (true) {
            (bool) Pattern::match('/first name|given name/', $name) => $faker->firstName(),
            (bool) Pattern::match('/last name|surname|family name/', $name) => $faker->lastName(),
            (bool) Pattern::match('/name|person|guest|host|author/', $name) => $faker->name(),
            (bool) Pattern::match('/street|address/', $name) => $faker->streetAddress(),
            (bool) Pattern::match('/city|town|place/', $name) => $faker->city(),
            (bool) Pattern::match('/country/', $name) => $faker->country(),
            (bool) Pattern::match('/post ?code|zip/', $name) => $faker->postcode(),
            (bool) Pattern::match('/colour|color/', $name) => $faker->safeColorName(),
            (bool) Pattern::match('/note|about|description|comment|text/', $name) => $faker->realText(90),
            default => self::HOW[$faker->numberBetween(0, count(self::HOW) - 1)].' '.self::WHAT[$faker->numberBetween(0, count(self::WHAT) - 1)],
        };

        return trim(mb_substr($text, 0, max(1, $most)));
    }
}
