<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Sentence;
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

    public function always(Rights $rights): ?bool
    {
        // Nobody is not the same as nobody: an empty link and somebody who has not signed in do not meet.
        return trim($this->if) === '' || ($rights->me === null && Pattern::match('/\bme\b/', $this->if)) ? false : null;
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
