<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use DateTimeImmutable;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;

/** A routine that is to be done by itself some time after the tap. */
final readonly class Later
{
    /**
     * @param  array<string, mixed>  $given  name in formulas => a scalar, or {one, id} for a row
     * @param  int  $seconds  from now
     */
    public function __construct(public string $routine, public array $given, public int $seconds)
    {
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     */
    public static function written(array $given): array
    {
        return array_map(fn (mixed $v): mixed => match (true) {
            $v instanceof Row => ['one' => $v->table->singular, 'id' => $v->id],
            $v instanceof DateTimeImmutable => ['moment' => $v->format('Y-m-d\TH:i:s\Z')],
            $v instanceof Duration => ['seconds' => $v->seconds],
            $v instanceof Money => ['minor' => $v->minor, 'currency' => $v->currency],
            $v instanceof Day => ['day' => $v->iso],
            is_scalar($v) => $v,
            default => null,
        }, $given);
    }

    /**
     * @param  array<string, mixed>  $written
     * @return array<string, mixed>
     */
    public static function read(array $written, Reader $reader): array
    {
        return array_map(fn (mixed $v): mixed => ! is_array($v) ? $v : match (true) {
            is_string($v['one'] ?? null) && is_int($v['id'] ?? null) => $reader->row($v['one'], $v['id']),
            is_string($v['moment'] ?? null) => new DateTimeImmutable($v['moment']),
            is_int($v['seconds'] ?? null) => new Duration($v['seconds']),
            is_int($v['minor'] ?? null) && is_string($v['currency'] ?? null) => new Money($v['minor'], $v['currency']),
            is_string($v['day'] ?? null) => Day::of($v['day']),
            default => null,
        }, $written);
    }
}
