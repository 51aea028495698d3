<?php

declare(strict_types=1);

namespace Lanai\Core\Data;

use Faker\Generator;

/** Sample texts that fit the name of a field. */
final class Samples
{
    public static function text(Generator $faker, string $name, int $most): string
    {
        $name = mb_strtolower($name);
        $text = match (true) {
            (bool) preg_match('/first name|given name/', $name) => $faker->firstName(),
            (bool) preg_match('/last name|surname|family name/', $name) => $faker->lastName(),
            (bool) preg_match('/name|person|guest|host|author/', $name) => $faker->name(),
            (bool) preg_match('/street|address/', $name) => $faker->streetAddress(),
            (bool) preg_match('/city|town|place/', $name) => $faker->city(),
            (bool) preg_match('/country/', $name) => $faker->country(),
            (bool) preg_match('/post ?code|zip/', $name) => $faker->postcode(),
            (bool) preg_match('/colour|color/', $name) => $faker->safeColorName(),
            (bool) preg_match('/note|about|description|comment|text/', $name) => $faker->realText(90),
            default => rtrim($faker->sentence(3), '.'),
        };

        return trim(mb_substr($text, 0, max(1, $most)));
    }
}
