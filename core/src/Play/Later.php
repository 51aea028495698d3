<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\LongList;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\Refused;

/** A routine that is to be done by itself some time after the tap. */
final readonly class Later
{
    /**
     * @param  array<string, mixed>  $given  name in formulas => as written() keeps it
     * @param  int  $seconds  from now
     */
    public function __construct(public string $routine, public array $given, public int $seconds)
    {
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed> as JSON can keep it
     */
    public static function written(array $given): array
    {
        return array_map(self::kept(...), $given);
    }

    /**
     * @param  array<string, mixed>  $written
     * @return array<string, mixed>
     */
    public static function read(array $written, Reader $reader): array
    {
        return array_map(fn (mixed $value): mixed => self::value($value, $reader), $written);
    }

    /** @return array{one: string, id: int} a row as it waits */
    public static function row(string $one, int $id): array
    {
        return ['one' => $one, 'id' => $id];
    }

    private static function kept(mixed $value): mixed
    {
        if ($value === null || is_scalar($value)) {
            return $value;
        }
        if ($value instanceof LongList) {
            throw new Refused('This list is too long to be kept until then.');
        }
        if (is_array($value)) {
            return ['list' => array_map(self::kept(...), array_values($value))];
        }
        if ($value instanceof Row) {
            return self::row($value->table->singular, $value->id);
        }
        $kind = Kinds::holding($value);
        $type = $kind->typeOf($value);

        return ['kind' => $type->kind->name, 'one' => $type->one, 'kept' => $kind->kept($value)];
    }

    private static function value(mixed $written, Reader $reader): mixed
    {
        if (! is_array($written)) {
            return $written;
        }
        if (is_array($written['list'] ?? null)) {
            return array_map(fn (mixed $value): mixed => self::value($value, $reader), array_values($written['list']));
        }
        $one = is_string($written['one'] ?? null) ? $written['one'] : '';

        if (is_int($written['id'] ?? null)) {
            return $reader->row($one, $written['id']);
        }
        if (! is_string($written['kind'] ?? null)) {
            // Kept by an older version: done with nothing in its place it would do something else.
            throw new Refused('What this routine was given can no longer be read. Please begin it again.');
        }
        $kind = Kind::named($written['kind']);

        return StoredValue::value($kind === Kind::Money ? Type::money($one) : Type::of($kind), $written['kept'] ?? null);
    }
}
