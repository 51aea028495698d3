<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Lanai\Core\Text\Pattern;
use NumberFormatter;

/** An amount in whole minor units of one currency. */
final readonly class Money implements Sortable
{
    /** @param  string  $currency ISO 4217 */
    public function __construct(public int $minor, public string $currency)
    {
    }

    /** Reads “12.50”, with or without the currency's code; null for what is no amount, or has more decimals than the currency. */
    public static function of(string $text, string $currency): ?self
    {
        $text = trim(str_ireplace($currency, '', $text));
        if (! Pattern::match('/^([+-]?)(\d{1,13})(?:\.(\d+?)0*)?$/', $text, $found)) {
            return null;
        }
        $digits = Currency::digits($currency);
        $minor = ($found[3] ?? '0') === '0' ? '' : $found[3];

        return strlen($minor) > $digits ? null : new self((int) ($found[1].$found[2].str_pad($minor, $digits, '0')), $currency);
    }

    public function key(): int
    {
        return $this->minor;
    }

    /** “12.50”, read back by of(). */
    public function written(): string
    {
        return (string) BigDecimal::ofUnscaledValue($this->minor, Currency::digits($this->currency));
    }

    /** Rounded half away from zero to a whole minor unit. */
    public function times(int|float $factor): self
    {
        return new self(BigDecimal::of($this->minor)->multipliedBy(self::exact($factor))->toScale(0, RoundingMode::HALF_UP)->toInt(), $this->currency);
    }

    /** Rounded half away from zero to a whole minor unit. */
    public function over(int|float $divisor): self
    {
        return new self(BigDecimal::of($this->minor)->dividedBy(self::exact($divisor), 0, RoundingMode::HALF_UP)->toInt(), $this->currency);
    }

    public function shown(string $locale): string
    {
        return (string) (new NumberFormatter($locale, NumberFormatter::CURRENCY))->formatCurrency((float) $this->written(), $this->currency);
    }

    private static function exact(int|float $number): BigDecimal
    {
        return BigDecimal::of(is_int($number) ? $number : rtrim(sprintf('%.15F', $number), '0'));
    }
}
