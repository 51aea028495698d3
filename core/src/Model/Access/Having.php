<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\EntitlementFit;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;

/** Whoever has an entitlement, at the moment they ask. */
final readonly class Having implements Who
{
    public function __construct(public string $entitlement = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('those with', new Blank('entitlement', new EntitlementFit()));
    }

    public function always(Somebody $asks): ?bool
    {
        return $this->entitlement === '' || ! $asks->isSignedIn() ? false : null;
    }

    public function formula(Table $table): string
    {
        return $this->entitlement === '' ? 'false' : 'me.'.Names::inFormula($this->entitlement);
    }

    public function inWords(): string
    {
        return "those with $this->entitlement";
    }

    public function one(): string
    {
        return "somebody with $this->entitlement";
    }
}
