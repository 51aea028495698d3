<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Table;

/** Everyone, signed in or not. */
final readonly class Everyone implements Who
{
    public static function sentence(): Sentence
    {
        return Sentence::of('everyone');
    }

    public function always(Somebody $asks): bool
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
