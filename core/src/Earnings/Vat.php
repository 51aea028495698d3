<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/**
 * Standard rates of value added tax by the country of the buyer, each with the day from which it holds. Source: European Commission, “VAT rates applied in
 * the Member States of the European Union”, and the tax offices of CH, GB and NO; written down from memory, to be checked before money is moved.
 */
final class Vat
{
    private const STANDARD = [
        'AT' => ['' => '20'],
        'BE' => ['' => '21'],
        'BG' => ['' => '20'],
        'CH' => ['' => '7.7', '2024-01-01' => '8.1'],
        'CY' => ['' => '19'],
        'CZ' => ['' => '21'],
        'DE' => ['' => '19', '2020-07-01' => '16', '2021-01-01' => '19'],
        'DK' => ['' => '25'],
        'EE' => ['' => '20', '2024-01-01' => '22', '2025-07-01' => '24'],
        'ES' => ['' => '21'],
        'FI' => ['' => '24', '2024-09-01' => '25.5'],
        'FR' => ['' => '20'],
        'GB' => ['' => '20'],
        'GR' => ['' => '24'],
        'HR' => ['' => '25'],
        'HU' => ['' => '27'],
        'IE' => ['' => '23', '2020-09-01' => '21', '2021-03-01' => '23'],
        'IT' => ['' => '22'],
        'LT' => ['' => '21'],
        'LU' => ['' => '17', '2023-01-01' => '16', '2024-01-01' => '17'],
        'LV' => ['' => '21'],
        'MT' => ['' => '18'],
        'NL' => ['' => '21'],
        'NO' => ['' => '25'],
        'PL' => ['' => '23'],
        'PT' => ['' => '23'],
        'RO' => ['' => '19', '2025-08-01' => '21'],
        'SE' => ['' => '25'],
        'SI' => ['' => '22'],
        'SK' => ['' => '20', '2025-01-01' => '23'],
    ];

    /**
     * In percent; 0 for a country whose tax is not known here.
     *
     * @param  string  $country  ISO 3166-1
     */
    public static function standard(string $country, DateTimeImmutable $at): string
    {
        $rate = '0';
        foreach (self::STANDARD[$country] ?? [] as $from => $percent) {
            $rate = $from <= $at->format('Y-m-d') ? $percent : $rate;
        }

        return $rate;
    }
}
