<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use DateTimeImmutable;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Row;
use Lanai\Core\Rows\Refused;

/** Where people of an app pay. */
interface Tills
{
    /**
     * Begins a purchase: the address of the page on which it is paid, or of the sheet of the phone's own store, `sheet:PRODUCT?account=…`.
     *
     * @param  Plan|null  $plan  null for what is bought once
     *
     * @throws Refused with a sentence for the person
     */
    public function begin(Row $person, Product $product, ?Plan $plan, Visit $visit): string;

    /**
     * Ends what somebody has of a product with the period that is paid, or lets it go on after all.
     *
     * @param  bool  $stays  it goes on after all
     *
     * @throws Refused with a sentence for the person
     */
    public function turn(Row $person, Product $product, bool $stays): void;

    /**
     * Another plan of what somebody has: the address of the page on which they agree to it. What costs more in the same time begins at once, with what
     * is left of the old one taken off; what costs less begins with the next period.
     *
     * @throws Refused with a sentence for the person
     */
    public function change(Row $person, Product $product, Plan $plan, Visit $visit): string;

    /**
     * The address of the page of a till on which somebody sees what they pay for, agrees to a higher price, pauses or ends it.
     *
     * @throws Refused with a sentence for the person
     */
    public function manage(Row $person, Product $product, Visit $visit): string;

    /** How somebody stands to a product at a moment. */
    public function stands(Row $person, Product $product, DateTimeImmutable $now): Stand;

    /**
     * Asks what somebody has bought, and keeps it.
     *
     * @throws Refused with a sentence for the person
     */
    public function restore(Row $person): void;

    /**
     * Gives a product to somebody, through no till.
     *
     * @param  int|null  $seconds  for so long, after what they were given before; null for good
     */
    public function give(Row $person, Product $product, DateTimeImmutable $now, ?int $seconds): void;

    /** @return list<array{label: string, address: string}> the pages that whoever buys agrees to */
    public function pages(): array;
}
