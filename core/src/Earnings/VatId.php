<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use Lanai\Core\Text\Pattern;

/**
 * VAT identification numbers of the European Union: their forms, and, for some countries, their check digits. Source: European Commission, “VIES, FAQ”, for
 * the forms, and the countries' published rules for the check digits; from memory, and compared with the npm package “jsvat-next”. Whether a number
 * is in use only its tax office knows.
 */
final class VatId
{
    private const FORMS = [
        'AT' => 'U\d{8}',
        'BE' => '[01]\d{9}',
        'BG' => '\d{9,10}',
        'CY' => '\d{8}[A-Z]',
        'CZ' => '\d{8,10}',
        'DE' => '[1-9]\d{8}',
        'DK' => '[1-9]\d{7}',
        'EE' => '10\d{7}',
        'EL' => '\d{9}',
        'ES' => '[A-Z0-9]\d{7}[A-Z0-9]',
        'FI' => '\d{8}',
        'FR' => '[A-HJ-NP-Z0-9]{2}\d{9}',
        'HR' => '\d{11}',
        'HU' => '\d{8}',
        'IE' => '\d[A-Z0-9+*]\d{5}[A-Z]{1,2}',
        'IT' => '\d{11}',
        'LT' => '(\d{9}|\d{12})',
        'LU' => '\d{8}',
        'LV' => '\d{11}',
        'MT' => '[1-9]\d{7}',
        'NL' => '\d{9}B\d{2}',
        'PL' => '\d{10}',
        'PT' => '[1-9]\d{8}',
        'RO' => '[1-9]\d{1,9}',
        'SE' => '\d{10}01',
        'SI' => '[1-9]\d{7}',
        'SK' => '[1-9]\d[2346-9]\d{7}',
    ];

    /** What is wrong with a number, as a sentence; '' for nothing that can be seen. */
    public static function wrong(string $written): string
    {
        $id = self::plain($written);
        [$country, $own] = [substr($id, 0, 2), substr($id, 2)];
        $form = self::FORMS[$country] ?? null;

        return match (true) {
            $form === null => 'A VAT number begins with the two letters of a country of the European Union, such as DE.',
            ! Pattern::match("/^$form$/D", $own) => "This is not how VAT numbers of $country are written.",
            ! self::adds($country, $own) => 'Its digits do not add up: one of them is mistyped.',
            default => '',
        };
    }

    /** Without spaces, dots and dashes, in capitals. */
    public static function plain(string $written): string
    {
        return strtoupper(str_replace([' ', '.', '-', "\u{a0}"], '', $written));
    }

    private static function adds(string $country, string $own): bool
    {
        $digits = array_map(intval(...), str_split($country === 'AT' ? substr($own, 1) : $own));
        $last = (int) substr($own, -1);
        $weighed = fn (int ...$weights): int => self::weighed($digits, array_values($weights));

        return match ($country) {
            'AT' => (96 - self::crossed(array_slice($digits, 0, 7))) % 10 === $last,
            'BE' => 97 - intdiv((int) $own, 100) % 97 === (int) $own % 100,
            'DE', 'HR' => self::iso7064($digits),
            'DK' => $weighed(2, 7, 6, 5, 4, 3, 2, 1) % 11 === 0,
            'EE' => $weighed(3, 7, 1, 3, 7, 1, 3, 7, 1) % 10 === 0,
            'EL' => $weighed(256, 128, 64, 32, 16, 8, 4, 2) % 11 % 10 === $last,
            'FI' => ($weighed(7, 9, 10, 5, 8, 4, 2) + $last) % 11 === 0,
            'FR' => ! ctype_digit($own) || (12 + 3 * ((int) substr($own, 2) % 97)) % 97 === (int) substr($own, 0, 2),
            'HU' => $weighed(9, 7, 3, 1, 9, 7, 3, 1) % 10 === 0,
            // The eighth to tenth digit name the tax office.
            'IT' => self::luhn($digits) && self::isOffice((int) substr($own, 7, 3)),
            'LU' => (int) substr($own, 0, 6) % 89 === (int) substr($own, 6),
            'PL' => $weighed(6, 5, 7, 2, 3, 4, 5, 6, 7) % 11 === $last,
            'PT' => (11 - $weighed(9, 8, 7, 6, 5, 4, 3, 2) % 11) % 11 % 10 === $last,
            'SE' => self::luhn(array_slice($digits, 0, 10)),
            'SI' => (11 - $weighed(8, 7, 6, 5, 4, 3, 2) % 11) % 11 % 10 === $last && 11 - $weighed(8, 7, 6, 5, 4, 3, 2) % 11 !== 11,
            'SK' => (int) $own % 11 === 0,
            default => true,
        };
    }

    /**
     * @param  list<int>  $digits
     * @param  list<int>  $weights
     */
    private static function weighed(array $digits, array $weights): int
    {
        $sum = 0;
        foreach ($weights as $i => $weight) {
            $sum += $weight * ($digits[$i] ?? 0);
        }

        return $sum;
    }

    /** @param  list<int>  $digits  every second one counted twice, its digits added */
    private static function crossed(array $digits): int
    {
        $sum = 0;
        foreach ($digits as $i => $digit) {
            $twice = $i % 2 === 1 ? 2 * $digit : $digit;
            $sum += intdiv($twice, 10) + $twice % 10;
        }

        return $sum;
    }

    private static function isOffice(int $code): bool
    {
        return $code >= 1 && $code <= 201 || $code === 888 || $code === 999;
    }

    /** @param  list<int>  $digits  ISO/IEC 7812-1, annex B */
    private static function luhn(array $digits): bool
    {
        return self::crossed(array_reverse($digits)) % 10 === 0;
    }

    /** @param  list<int>  $digits  ISO/IEC 7064, MOD 11,10 */
    private static function iso7064(array $digits): bool
    {
        $product = 10;
        foreach (array_slice($digits, 0, -1) as $digit) {
            $sum = ($digit + $product) % 10;
            $product = 2 * ($sum === 0 ? 10 : $sum) % 11;
        }

        return (11 - $product) % 10 === end($digits);
    }
}
