<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Closure;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Tills;
use Lanai\Core\Rows\Refused;

/** What the effects about purchases share. */
trait OfPurchase
{
    use OfAccount;

    private static function product(Doing $doing, string $name): Product
    {
        return $doing->scene->blueprint->productCalled($name) ?? throw new Refused('This cannot be bought any more.');
    }

    private static function tills(Doing $doing): Tills
    {
        return $doing->scene->beside(Tills::class) ?? throw new Refused('Nothing is sold here.');
    }

    /**
     * To a page of a till.
     *
     * @param  Closure(): string  $to  asks the till for its address
     * @param  string  $why  for the trail
     */
    private static function leave(Doing $doing, Closure $to, string $why): void
    {
        $address = $doing->outside($to);
        $doing->outcome->onDevice('pay at', is_string($address) ? $address : '');
        $doing->scene->trail->step('left', $why, $doing->scene->at);
    }

    private static function turn(Doing $doing, string $name, bool $stays): void
    {
        self::needsMe($doing);
        $me = $doing->scene->me() ?? throw new Refused('Please sign in first.');
        $product = self::product($doing, $name);
        $tills = self::tills($doing);
        $doing->outside(function () use ($tills, $me, $product, $stays): true {
            $tills->turn($me, $product, $stays);

            return true;
        });
        $doing->scene->reader->forget();
        $doing->scene->trail->step($stays ? 'goes on' : 'ended', $product->name, $doing->scene->at);
    }
}
