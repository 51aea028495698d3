<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

use ResourceBundle;

/** The countries and territories of ISO 3166-1, as ICU knows them. */
final class Country
{
    /** What ICU adds to the standard. */
    private const NONE = ['AC', 'CP', 'CQ', 'DG', 'EA', 'EU', 'EZ', 'IC', 'QO', 'TA', 'UN', 'XA', 'XB', 'XK', 'ZZ'];

    /** @var array<string, string>|null */
    private static ?array $names = null;

    /** @return array<string, string> code of two letters => English name */
    public static function all(): array
    {
        if (self::$names === null) {
            $names = [];
            $found = ResourceBundle::create('en', 'ICUDATA-region', true)?->get('Countries');
            foreach ($found instanceof ResourceBundle ? $found : [] as $code => $name) {
                if (is_string($code) && is_string($name) && strlen($code) === 2 && ! in_array($code, self::NONE, true)) {
                    $names[$code] = $name;
                }
            }
            self::$names = $names;
        }

        return self::$names;
    }
}
