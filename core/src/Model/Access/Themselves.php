<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Table;

/** In the table of the people: the person that the row is. */
final readonly class Themselves implements Who
{
    public static function sentence(): Sentence
    {
        return Sentence::of('the person themselves');
    }

    public function always(Somebody $asks): ?bool
    {
        return ! $asks->isSignedIn() ? false : null;
    }

    public function formula(Table $table): string
    {
        return $table->people ? 'this == me' : 'false';
    }

    public function inWords(): string
    {
        return 'the person themselves';
    }

    public function one(): string
    {
        return 'the person themselves';
    }
}
