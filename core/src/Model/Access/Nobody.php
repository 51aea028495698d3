<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Table;

/** Nobody from inside the app; the founder can. */
final readonly class Nobody implements Who
{
    public static function sentence(): Sentence
    {
        return Sentence::of('nobody');
    }

    public function always(Somebody $asks): bool
    {
        return false;
    }

    public function formula(Table $table): string
    {
        return 'false';
    }

    public function inWords(): string
    {
        return 'nobody';
    }

    public function one(): string
    {
        return 'nobody';
    }
}
