<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Pattern;

/** Nobody for whom a formula about the row and "me" holds, whatever else is said: this takes away, where the others only give. */
final readonly class Unless implements Who
{
    public function __construct(public string $if = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('nobody if', new Blank('if', FormulaFit::giving(Kind::YesNo)));
    }

    /** Whoever has not signed in is not the one that a formula about "me" means. */
    public function always(Somebody $asks): ?bool
    {
        return trim($this->if) === '' || (! $asks->isSignedIn() && Pattern::match('/\bme\b/', $this->if)) ? false : null;
    }

    public function formula(Table $table): string
    {
        return $this->if;
    }

    public function inWords(): string
    {
        return "nobody if $this->if";
    }

    public function one(): string
    {
        return "nobody for whom $this->if";
    }
}
