<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;

/** With an e-mail address and a password. */
final readonly class WithPassword implements Way
{
    /** Fewer are never enough, whatever the founder says (NIST SP 800-63B, section 5.1.1.2 of revision 3; from memory). */
    public const FEWEST = 8;

    /** Where nothing is said: enough for a password that stands alone (NIST SP 800-63B-4, section 3.1.1.2; from memory). */
    public const USUAL = 15;

    public function __construct(public ?int $least = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('with e-mail and password', 'with email and password'))
            ->clauses(Clause::of('of at least', 'of at least so many characters', new Blank('least', NumberFit::whole(WithPassword::FEWEST, 64))));
    }

    public function length(): int
    {
        return max(self::FEWEST, min(64, $this->least ?? self::USUAL));
    }
}
