<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use DateTimeImmutable;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Rows\Refused;

/** Something that takes money for an app: a provider of card payments, or a store. What it says is what counts. */
interface Till
{
    public function sold(): Sold;

    /**
     * Begins a purchase. With the same key it is begun once.
     *
     * @return array{string, string} what the till calls it, and the page on which it is paid
     *
     * @throws Refused with a sentence for the person, as everything here
     */
    public function begin(Offered $offered, string $key): array;

    /** All that it knows of a purchase. */
    public function told(string $token): Told;

    /** Ends it with what is paid, or lets it go on after all. */
    public function turn(string $token, bool $stays): Told;

    /**
     * Another plan of a purchase: the page on which the person agrees to it.
     *
     * @param  bool  $now  at once, with what is left of the old one taken off; else from the next period on
     */
    public function change(string $token, Offered $to, bool $now): string;

    /**
     * Says that more is to be paid from a moment on.
     *
     * @param  int  $price  minor units
     * @param  bool  $asks  only by those who agree on the till's page
     */
    public function raise(string $token, int $price, DateTimeImmutable $from, bool $asks): Told;

    /** The page on which somebody sees what they pay for, agrees to a higher price, pauses or ends it. */
    public function manage(string $token, string $back): string;

    /**
     * What it has paid out of an app's purchases in a data set.
     *
     * @param  string  $merchant  as what was begun was said to be for
     * @param  bool  $now  it is to pay out now what is there
     * @param  string  $currency  of the founder's bank
     * @return list<array<string, mixed>>
     */
    public function statements(string $merchant, bool $now, string $currency): array;

    /** Gives back what was paid last. */
    public function giveBack(string $token): Told;

    /** It is not to be paid any more, unless it is paid already. */
    public function close(string $token): Told;

    /**
     * Says that what was bought was given: a store gives the money back where it hears nothing for three days (common practice, no source).
     *
     * @param  bool  $usedUp  it can be bought again
     */
    public function received(string $token, bool $usedUp): void;

    /**
     * A message of the till. It is only believed to be about a purchase: what happened is asked.
     *
     * @param  array<string, string>  $headers  by name in small letters
     * @return string what the till calls the purchase
     *
     * @throws Forged where it is not the till's, is old, or was changed on its way
     */
    public function heard(array $headers, string $body, DateTimeImmutable $now): string;

    /**
     * What it offers of an app, by what it calls it; null where nothing is put up there beforehand.
     *
     * @return array<string, array<string, mixed>>|null
     */
    public function shelf(): ?array;

    /** Puts something up for sale, or changes what stands there. */
    public function putUp(Offered $offered): void;
}
