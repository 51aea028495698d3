<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Sentence;

/** Everyone, signed in or not. */
final readonly class Everyone implements Who
{
    public static function sentence(): Sentence
    {
        return Sentence::of('everyone');
    }

    public function always(Rights $rights): bool
    {
        return true;
    }

    public function formula(Table $table): string
    {
        return 'true';
    }

    public function inWords(): string
    {
        return 'everyone';
    }

    public function one(): string
    {
        return 'anyone';
    }
}
