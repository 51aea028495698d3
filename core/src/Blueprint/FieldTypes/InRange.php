<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\NumberFit;

/** A number from a least one to a greatest one, where these are given. */
trait InRange
{
    public function __construct(public readonly ?int $least = null, public readonly ?int $most = null)
    {
    }

    /** @return list<Clause> */
    private static function range(): array
    {
        return [Clause::joined('from', 'from', new Blank('least', NumberFit::whole())), Clause::joined('to', 'to', new Blank('most', NumberFit::whole()))];
    }

    /**
     * @template T of int|float
     *
     * @param  T  $number
     * @return T
     *
     * @throws UnreadableValue
     */
    private function within(int|float $number): int|float
    {
        return match (true) {
            $this->least !== null && $number < $this->least => throw new UnreadableValue("This must be at least {$this->least}."),
            $this->most !== null && $number > $this->most => throw new UnreadableValue("This must be at most {$this->most}."),
            default => $number,
        };
    }
}
