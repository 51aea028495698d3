<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Closure;

/** Collects the footprints of one request: what ran, how long it took, what changed, where shown values come from. */
final class Trail
{
    /** @var list<array{what: string, text: string, at: string, ms: float, detail: array<string, mixed>}> */
    public array $steps = [];

    /** @var list<array{at: string, key: string, item: int, formula: string, cells: list<array{table: string, id: int, field: string}>}> */
    public array $origins = [];

    /** @param  Closure(): int|null  $clock nanoseconds; null where nothing is to be kept */
    public function __construct(private readonly ?Closure $clock)
    {
    }

    public static function none(): self
    {
        return new self(null);
    }

    public function on(): bool
    {
        return $this->clock !== null;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @param  callable(T): array<string, mixed>  $detail
     * @return T
     */
    public function timed(string $what, string $text, string $at, callable $work, callable $detail): mixed
    {
        if ($this->clock === null) {
            return $work();
        }
        $from = ($this->clock)();
        $result = $work();
        $this->steps[] = ['what' => $what, 'text' => $text, 'at' => $at, 'ms' => round((($this->clock)() - $from) / 1e6, 2), 'detail' => $detail($result)];

        return $result;
    }

    /** @param  array<string, mixed>  $detail */
    public function step(string $what, string $text, string $at, array $detail = []): void
    {
        if ($this->clock !== null) {
            $this->steps[] = ['what' => $what, 'text' => $text, 'at' => $at, 'ms' => 0.0, 'detail' => $detail];
        }
    }

    /** Forgets the steps of work that is done over. */
    public function backTo(int $steps): void
    {
        $this->steps = array_slice($this->steps, 0, $steps);
    }

    /** @param  list<array{table: string, id: int, field: string}>  $cells */
    public function origin(string $at, string $key, int $item, string $formula, array $cells): void
    {
        if ($this->clock !== null && count($this->origins) < 2000) {
            $this->origins[] = ['at' => $at, 'key' => $key, 'item' => $item, 'formula' => $formula, 'cells' => $cells];
        }
    }
}
