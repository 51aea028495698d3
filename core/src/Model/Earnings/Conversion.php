<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Earnings;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\CountryFit;
use Lanai\Core\Language\Fits\CurrencyFit;
use Lanai\Core\Language\Fits\DecimalFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Values\Currency;

/** How all prices of a product are worked out in some countries: by a rate, and ending as prices do there. */
final readonly class Conversion implements HasSentence
{
    /** How prices end: the last two digits of their smallest units. */
    private const ENDINGS = ['.99' => '99', '.95' => '95', '.90' => '90', '.50' => '50', '.00' => '00'];

    /**
     * @param  string  $rate  a decimal: so much of the other currency for one of the product's
     * @param  string  $currency  ISO 4217
     * @param  list<string>  $countries  ISO 3166-1
     * @param  '.99'|'.95'|'.90'|'.50'|'.00'|''  $ending  '' for what comes out
     */
    public function __construct(public string $rate = '', public string $currency = '', public array $countries = [], public string $ending = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'converts at',
            new Blank('rate', new DecimalFit()),
            'to',
            new Blank('currency', new CurrencyFit()),
            'in',
            new Series('countries', 'and', new CountryFit()),
        )->clauses(Clause::of('ending in', 'how prices end there', new Blank('ending', ChoiceFit::of('how prices end, such as 99', self::ENDINGS))));
    }

    /** Whether nothing of it is still to be filled in. */
    public function isWhole(): bool
    {
        return (float) $this->rate > 0.0 && $this->currency !== '' && $this->countries !== [];
    }

    /**
     * What a price is there, as a decimal: the nearest one with the ending, the higher of two, and never less than the ending itself.
     *
     * @param  string  $price  a decimal, of the product's currency
     */
    public function of(string $price): string
    {
        $digits = Currency::digits($this->currency);
        $minor = BigDecimal::of($price)->multipliedBy($this->rate)->multipliedBy(10 ** $digits)->toScale(0, RoundingMode::HALF_UP)->toInt();
        if ($this->ending !== '' && $minor > 0) {
            $ending = (int) substr($this->ending, 1);
            $below = intdiv(max(0, $minor - $ending), 100) * 100 + $ending;
            $minor = $minor - $below >= $below + 100 - $minor ? $below + 100 : $below;
            $minor = $minor === 0 ? 100 : $minor;
        }

        return (string) BigDecimal::ofUnscaledValue($minor, $digits);
    }
}
