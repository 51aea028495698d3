<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Pattern;

/** Whoever a formula about the row and "me" holds for. */
final readonly class Meeting implements Who
{
    public function __construct(public string $if = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('anyone if', new Blank('if', FormulaFit::giving(Kind::YesNo)));
    }

    public function always(Somebody $asks): ?bool
    {
        // Nobody is not the same as nobody: an empty link and somebody who has not signed in do not meet.
        return trim($this->if) === '' || (! $asks->isSignedIn() && Pattern::match('/\bme\b/', $this->if)) ? false : null;
    }

    public function formula(Table $table): string
    {
        return $this->if;
    }

    public function inWords(): string
    {
        return "anyone if $this->if";
    }

    public function one(): string
    {
        return "somebody for whom $this->if";
    }
}
