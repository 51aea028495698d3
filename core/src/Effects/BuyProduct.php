<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;

/** Leads to the page on which a product is paid; whoever paid has it when they come back. */
final readonly class BuyProduct implements Effect
{
    use OfPurchase;

    /** @param  string  $plan  of a subscription; '' for its only one, or for what is bought once */
    public function __construct(public string $product, public string $plan = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('buy', new Blank('product', NamedFit::product()))->clauses(
            Clause::of('with', 'one of its plans', new Blank('plan', NamedFit::plan())),
        );
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        $me = $doing->scene->me() ?? throw new Refused('Please sign in first.');
        $product = self::product($doing, $this->product);
        $plan = $product->planCalled($this->plan);
        $tills = self::tills($doing);
        if ($product->sold === Product::SUBSCRIPTION && $plan?->isWhole() !== true) {
            throw new Refused('This cannot be bought yet.');
        }
        self::leave($doing, fn (): string => $tills->begin($me, $product, $plan, self::visit($doing)), "to pay for $product->name");
    }
}
