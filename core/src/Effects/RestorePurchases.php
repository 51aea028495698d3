<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;

/** Asks the tills what the person has bought, so that it is theirs on this device too. */
final readonly class RestorePurchases implements Effect
{
    use OfPurchase;

    public static function sentence(): Sentence
    {
        return Sentence::of('restore purchases');
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        $me = $doing->scene->me() ?? throw new Refused('Please sign in first.');
        $tills = self::tills($doing);
        $doing->outside(function () use ($tills, $me): true {
            $tills->restore($me);

            return true;
        });
        $doing->scene->reader->forget();
    }
}
