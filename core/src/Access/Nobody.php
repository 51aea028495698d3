<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Sentence;

/** Nobody from inside the app; the founder can. */
final readonly class Nobody implements Who
{
    public static function sentence(): Sentence
    {
        return Sentence::of('nobody');
    }

    public function always(Rights $rights): bool
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
