<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;

/** Leads to the page on which somebody agrees to another plan of what they have; what costs more begins at once, what costs less with the next period. */
final readonly class SwitchProduct implements Effect
{
    use OfPurchase;

    public function __construct(public string $product, public string $plan = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('switch', new Blank('product', NamedFit::product()), ', to', new Blank('plan', NamedFit::plan()));
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        $me = $doing->scene->me() ?? throw new Refused('Please sign in first.');
        $product = self::product($doing, $this->product);
        $plan = $product->planCalled($this->plan);
        if ($plan === null || ! $plan->isWhole()) {
            throw new Refused('This plan is not sold any more.');
        }
        $tills = self::tills($doing);
        self::leave($doing, fn (): string => $tills->change($me, $product, $plan, self::visit($doing)), "to change $product->name to $plan->name");
    }
}
