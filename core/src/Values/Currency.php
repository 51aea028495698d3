<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

use NumberFormatter;
use ResourceBundle;

/** The currencies of ISO 4217, as ICU knows them. */
final class Currency
{
    private const COMMON = ['EUR', 'GBP', 'USD', 'CHF', 'SEK', 'DKK', 'NOK', 'PLN', 'CAD', 'AUD', 'JPY'];

    /** @var array<string, string>|null */
    private static ?array $names = null;

    /** @var array<string, int> */
    private static array $digits = [];

    /** @return array<string, string> code => English name; those that people pay with first */
    public static function all(): array
    {
        if (self::$names === null) {
            $found = ResourceBundle::create('en', 'ICUDATA-curr', true)?->get('Currencies');
            $names = [];
            foreach ($found instanceof ResourceBundle ? $found : [] as $code => $entry) {
                $name = $entry instanceof ResourceBundle ? $entry->get(1) : null;
                if (is_string($code) && is_string($name) && ! str_contains($name, '(')) {
                    $names[$code] = $name;
                }
            }
            self::$names = array_replace(array_intersect_key(array_fill_keys(self::COMMON, ''), $names), $names);
        }

        return self::$names;
    }

    /** How many digits its minor unit has: 2 for the euro, 0 for the yen. */
    public static function digits(string $code): int
    {
        return self::$digits[$code] ??= (function () use ($code): int {
            $format = new NumberFormatter("en@currency=$code", NumberFormatter::CURRENCY);

            return (int) $format->getAttribute(NumberFormatter::MAX_FRACTION_DIGITS);
        })();
    }
}
