<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** Whoever has signed in, guests too. */
final readonly class SignedIn implements Who
{
    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('signed-in people', 'people who have signed in'));
    }

    public function always(Rights $rights): bool
    {
        return $rights->me !== null;
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
