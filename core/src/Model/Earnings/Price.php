<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Earnings;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Lanai\Core\Values\Currency;

/** What something costs somewhere. */
final readonly class Price
{
    /**
     * @param  string  $amount  a decimal
     * @param  string  $currency  ISO 4217
     * @param  string  $begins  a lower price of the first payments, a decimal; '' for none
     */
    public function __construct(public string $amount, public string $currency, public string $begins = '')
    {
    }

    /** In minor units, rounded half up. */
    public function minor(): int
    {
        return $this->inMinor($this->amount);
    }

    /** What the first payments are, in minor units. */
    public function minorAtFirst(): int
    {
        return $this->inMinor($this->begins === '' ? $this->amount : $this->begins);
    }

    private function inMinor(string $amount): int
    {
        return BigDecimal::of($amount)->multipliedBy(10 ** Currency::digits($this->currency))->toScale(0, RoundingMode::HALF_UP)->toInt();
    }
}
