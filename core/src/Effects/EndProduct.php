<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Ends a subscription with the period that is paid. */
final readonly class EndProduct implements Effect
{
    use OfPurchase;

    public function __construct(public string $product)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('end', new Blank('product', NamedFit::product()));
    }

    public function run(Doing $doing): void
    {
        self::turn($doing, $this->product, false);
    }
}
