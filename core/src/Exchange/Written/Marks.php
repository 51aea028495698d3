<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Written;

use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes\MoneyType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Values\Currency;
use NumberFormatter;

/** The sign or code of a currency beside an amount. */
final class Marks
{
    /** Signs that more than one currency has, or that ICU writes otherwise; common practice, no source. */
    private const ALSO = [
        'kr' => ['SEK', 'DKK', 'NOK', 'ISK'],
        'zł' => ['PLN'],
        'fr' => ['CHF'],
        'sfr' => ['CHF'],
        'kč' => ['CZK'],
        'ft' => ['HUF'],
        '¥' => ['JPY', 'CNY'],
        '元' => ['CNY'],
        '円' => ['JPY'],
        '$' => ['USD', 'CAD', 'AUD', 'NZD', 'SGD', 'HKD', 'MXN'],
        'us$' => ['USD'],
        'r$' => ['BRL'],
        'r' => ['ZAR'],
        '₽' => ['RUB'],
        'euro' => ['EUR'],
        'euros' => ['EUR'],
    ];

    /** @var array<string, array<string, true>> currency => what can stand for it */
    private static array $known = [];

    /**
     * The amount alone.
     *
     * @throws UnreadableValue where the mark is that of another currency
     */
    public static function without(string $cell, FieldType $type): string
    {
        [$amount, $mark] = self::apart($cell);
        $currency = $type instanceof MoneyType ? $type->currency : '';
        if ($mark !== '' && ! isset(self::of($currency)[$mark])) {
            throw new UnreadableValue("“{$cell}” is not an amount in {$currency}.");
        }

        return $amount;
    }

    /** The currency that a mark stands for; '' where that cannot be told. */
    public static function currency(string $mark): string
    {
        if (isset(Currency::all()[strtoupper($mark)])) {
            return strtoupper($mark);
        }
        if (isset(self::ALSO[$mark])) {
            return $mark === 'kr' ? '' : self::ALSO[$mark][0];
        }
        foreach (['EUR', 'GBP', 'INR', 'UAH', 'TRY', 'KRW', 'VND', 'ILS', 'PHP'] as $currency) {
            if (isset(self::of($currency)[$mark])) {
                return $currency;
            }
        }

        return '';
    }

    /** @return array{string, string} what is left of the cell, and the mark in small letters */
    public static function apart(string $cell): array
    {
        $text = trim($cell);
        if (Pattern::match('/^([+−-]|\()?\s*(\p{L}{0,4}\p{Sc}|\p{L}{1,5}\.?)\s*([+−-]?[\d.,].*)$/u', $text, $found)) {
            return [$found[1].$found[3], rtrim(mb_strtolower($found[2]), '.')];
        }
        if (Pattern::match('/^(.*[\d.,)-])\s*(\p{L}{0,4}\p{Sc}|\p{L}{1,5}\.?)(\)?)$/u', $text, $found)) {
            return [rtrim($found[1], "\u{00A0} ").$found[3], rtrim(mb_strtolower($found[2]), '.')];
        }

        return [$text, ''];
    }

    /** @return array<string, true> */
    private static function of(string $currency): array
    {
        return self::$known[$currency] ??= (function () use ($currency): array {
            $known = [mb_strtolower($currency) => true];
            foreach (['en', 'en-US', 'de', 'ja', 'sv'] as $locale) {
                $known[
                    rtrim(
                        mb_strtolower(
                            (new NumberFormatter("$locale@currency=$currency", NumberFormatter::CURRENCY))->getSymbol(NumberFormatter::CURRENCY_SYMBOL),
                        ),
                        '.',
                    )
                ] = true;
            }
            foreach (self::ALSO as $mark => $currencies) {
                if (in_array($currency, $currencies, true)) {
                    $known[$mark] = true;
                }
            }

            return $known;
        })();
    }
}
