<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Blueprint\Fits\NamedFit;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** Whoever has a role. */
final readonly class InRole implements Who
{
    public function __construct(public string $role = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('a', 'an'), new Blank('role', NamedFit::role()));
    }

    public function always(Rights $rights): bool
    {
        return $rights->role() !== '' && mb_strtolower($rights->role()) === mb_strtolower($this->role);
    }

    public function formula(Table $table): string
    {
        return 'false';
    }

    public function inWords(): string
    {
        return "a $this->role";
    }

    public function one(): string
    {
        return "a $this->role";
    }
}
