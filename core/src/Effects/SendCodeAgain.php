<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Sends the last code once more, as a new one. */
final readonly class SendCodeAgain implements Effect
{
    use OfAccount;

    public static function sentence(): Sentence
    {
        return Sentence::of('send the code again');
    }

    public function run(Doing $doing): void
    {
        $accounts = self::accounts($doing);
        $doing->outside(function () use ($accounts, $doing): bool {
            $accounts->sendAgain(self::visit($doing));

            return true;
        });
        $doing->scene->trail->step('sent', 'a code by e-mail', $doing->scene->at);
    }
}
