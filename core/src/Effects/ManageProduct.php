<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;

/** Leads to the till's own page about what somebody pays for: to see it, agree to a higher price, pause or end it. */
final readonly class ManageProduct implements Effect
{
    use OfPurchase;

    public function __construct(public string $product)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('manage', new Blank('product', NamedFit::product()));
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        $me = $doing->scene->me() ?? throw new Refused('Please sign in first.');
        $product = self::product($doing, $this->product);
        $tills = self::tills($doing);
        self::leave($doing, fn (): string => $tills->manage($me, $product, self::visit($doing)), "to see what $product->name is paid with");
    }
}
