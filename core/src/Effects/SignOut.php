<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Signs out here, or on all devices. */
final readonly class SignOut implements Effect
{
    use OfAccount;

    public function __construct(public bool $everywhere = false)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('sign out')->clauses(Clause::flag('everywhere', 'everywhere'));
    }

    public function run(Doing $doing): void
    {
        self::accounts($doing)->leave(self::visit($doing), $this->everywhere);
        $doing->left();
    }
}
