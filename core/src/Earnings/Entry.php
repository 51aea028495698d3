<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DateTimeImmutable;

/** One entry in the books: what one account gets, others give. */
final readonly class Entry
{
    /**
     * @param  string  $id  of what it is about: written twice it stands once
     * @param  array<string, int>  $amounts  account => minor units; above zero for a debit, below for a credit
     * @param  string  $currency  ISO 4217
     *
     * @throws \LogicException where it does not balance
     */
    public function __construct(public string $id, public DateTimeImmutable $at, public string $why, public array $amounts, public string $currency)
    {
        if (array_sum($amounts) !== 0) {
            throw new \LogicException("The entry $id does not balance.");
        }
    }

    /**
     * An entry without the accounts that get and give nothing.
     *
     * @param  array<string, int>  $amounts
     */
    public static function of(string $id, DateTimeImmutable $at, string $why, array $amounts, string $currency): self
    {
        return new self($id, $at, $why, array_filter($amounts), $currency);
    }
}
