<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Model\UnreadableValue;

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

    /** @return array{least?: int, most?: int} */
    private function bounds(): array
    {
        return ($this->least === null ? [] : ['least' => $this->least]) + ($this->most === null ? [] : ['most' => $this->most]);
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
