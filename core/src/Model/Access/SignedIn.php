<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Table;

/** Whoever has signed in, guests too. */
final readonly class SignedIn implements Who
{
    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('signed-in people', 'people who have signed in'));
    }

    public function always(Somebody $asks): bool
    {
        return $asks->isSignedIn();
    }

    public function formula(Table $table): string
    {
        return 'me != null';
    }

    public function inWords(): string
    {
        return 'signed-in people';
    }

    public function one(): string
    {
        return 'somebody who has signed in';
    }
}
