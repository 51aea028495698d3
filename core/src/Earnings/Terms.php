<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** What a till keeps of a payment, and who sells: the till itself, which owes the tax then, or the founder. */
final readonly class Terms
{
    /**
     * @param  string  $percent  a decimal, such as “15” or “1.5”: of the price without tax where the till sells, else of all that is paid
     * @param  int  $fixed  minor units for each payment
     * @param  bool  $sells  the till is the seller to the customer
     * @param  int  $disputeFee  minor units, kept where a payment is disputed
     * @param  int  $paysAfter  months after that of a payment until it is in the bank
     */
    public function __construct(
        public string $till,
        public string $percent,
        public int $fixed = 0,
        public bool $sells = true,
        public int $paysAfter = 0,
        public int $disputeFee = 0,
    ) {
    }

    /**
     * The price without tax, rounded half up: of 3.99 with 19 % in it 3.35.
     *
     * @param  int  $gross  minor units
     * @param  string  $rate  of the tax in percent, a decimal
     */
    public static function net(int $gross, string $rate): int
    {
        return BigDecimal::of($gross)->multipliedBy(100)->dividedBy(BigDecimal::of(100)->plus($rate), 0, RoundingMode::HALF_UP)->toInt();
    }

    /** What the till keeps, rounded half up, and never more than there is. */
    public function commission(int $gross, int $net): int
    {
        $of = $this->sells ? $net : $gross;
        $exact = BigDecimal::of($of)->multipliedBy($this->percent)->dividedBy(100, 10, RoundingMode::HALF_UP)->plus($this->fixed);

        return min($of, $exact->toScale(0, RoundingMode::HALF_UP)->toInt());
    }

    /** The same, with another share. */
    public function keeping(string $percent): self
    {
        return new self($this->till, $percent, $this->fixed, $this->sells, $this->paysAfter, $this->disputeFee);
    }
}
