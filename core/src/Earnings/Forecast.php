<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** What came of a rehearsal, by the number of the month, the first one being 0; amounts in minor units. */
final class Forecast
{
    /** @var array<int, int> people who pay, at the end of the month */
    public array $paying;

    /** @var array<int, int> people in their free days, at the end of the month */
    public array $trying;

    /** @var array<int, int> who left or were lost in the month */
    public array $left;

    /** @var array<int, float> what those who pay at the end of the month pay in a month, each plan by its length */
    public array $recurring;

    /** @var array<int, int> paid by people, less what was given back */
    public array $paid;

    /** @var array<int, int> kept by the till */
    public array $commission;

    /** @var array<int, int> to be set aside for taxes */
    public array $tax;

    /** @var array<int, int> earned by the end of the month, without tax */
    public array $earned;

    /** @var array<int, int> what comes into the bank in the month */
    public array $bank;

    public int $customers = 0;

    /** Months that customers paid for, all together. */
    public float $months = 0.0;

    public function __construct(int $months)
    {
        $none = array_fill(0, $months, 0);
        $this->paying = $this->trying = $this->left = $this->paid = $this->commission = $this->tax = $this->earned = $this->bank = $none;
        $this->recurring = array_fill(0, $months, 0.0);
    }

    /** What is left for the founder in a month, once the till has paid out. */
    public function proceeds(int $month): int
    {
        return $this->paid[$month] - $this->commission[$month] - $this->tax[$month];
    }
}
