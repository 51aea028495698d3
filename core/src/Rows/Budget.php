<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Closure;

/** How many rows one visit may still look at outside of queries, and write. */
final class Budget
{
    /** About two seconds of work on a small server (measured: some 10 µs a row). */
    public const ROWS = 200_000;

    /** What one tap may write while others wait for it: about five seconds (measured: some 250 µs a row). */
    public const WRITES = 20_000;

    /** Steps of formulas over the items of lists, all lists within lists counted: about five seconds (measured: some 10 µs a step). */
    public const STEPS = 500_000;

    private int $spent = 0;

    private int $stepped = 0;

    private int $written = 0;

    public function __construct(private readonly int $rows = self::ROWS, private readonly int $writes = self::WRITES, private readonly int $steps = self::STEPS)
    {
    }

    /**
     * @param  Closure(): string  $formula  what is being worked out
     *
     * @throws TooMuch
     */
    public function step(Closure $formula): void
    {
        if (++$this->stepped > $this->steps) {
            throw TooMuch::steps($formula(), $this->steps);
        }
    }

    /** @throws TooMuch */
    public function write(string $what): void
    {
        if (++$this->written > $this->writes) {
            throw new TooMuch('This would write more than '.number_format($this->writes)." $what at once, and so nothing was done. Choose fewer.");
        }
    }

    /**
     * @template T
     *
     * @param  iterable<T>  $rows
     * @return iterable<T> the same, counted
     *
     * @throws TooMuch
     */
    public function over(iterable $rows, string $what): iterable
    {
        foreach ($rows as $row) {
            if (++$this->spent > $this->rows) {
                throw TooMuch::of($what, $this->rows);
            }
            yield $row;
        }
    }
}
