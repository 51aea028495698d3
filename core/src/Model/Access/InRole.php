<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Article;

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

    public function always(Somebody $asks): bool
    {
        return $asks->role() !== '' && mb_strtolower($asks->role()) === mb_strtolower($this->role);
    }

    public function formula(Table $table): string
    {
        return 'false';
    }

    public function inWords(): string
    {
        return Article::with($this->role);
    }

    public function one(): string
    {
        return Article::with($this->role);
    }
}
