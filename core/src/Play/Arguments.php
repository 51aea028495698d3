<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Closure;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\AnyParameter;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Query\Query;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Refused;

/** What screens, pieces and routines are given, in the order of their parameters. */
final class Arguments
{
    /**
     * The values that formulas give, by their names in formulas.
     *
     * @param  list<AnyParameter>  $parameters
     * @param  list<string>  $with  a formula for each
     * @return array<string, mixed>
     */
    public static function given(array $parameters, array $with, Scene $scene): array
    {
        $given = [];
        foreach ($parameters as $i => $parameter) {
            $given[$parameter->key($scene->blueprint)] = self::value($with, $i, $scene);
        }

        return $given;
    }

    /**
     * The values that formulas give, as they stand in the address of a screen.
     *
     * @param  list<AnyParameter>  $parameters
     * @param  list<string>  $with  a formula for each
     * @return list<int|string>
     */
    public static function placed(array $parameters, array $with, Scene $scene): array
    {
        return array_map(
            fn (AnyParameter $parameter, int $i): int|string => $parameter->argument(self::value($with, $i, $scene)),
            $parameters,
            array_keys($parameters),
        );
    }

    /**
     * The values by their names in formulas, from arguments that came from outside.
     *
     * @param  list<AnyParameter>  $parameters
     * @param  Closure(AnyParameter, int): (int|string|null)  $argument
     * @return array<string, mixed>
     *
     * @throws Refused where one cannot be read, or a row that must be there is not
     */
    public static function read(array $parameters, Closure $argument, Blueprint $blueprint, Reader $reader): array
    {
        $values = [];
        foreach ($parameters as $i => $parameter) {
            try {
                $value = $parameter->read($argument($parameter, $i) ?? '');
            } catch (UnreadableValue $wrong) {
                throw new Refused("{$parameter->called()}: {$wrong->getMessage()}");
            }
            $type = $parameter->type();
            if (is_int($value) && $type->kind === Kind::Row && $type->one !== '') {
                $value = $reader->row($type->one, $value);
            }
            if ($value === null && ! $parameter->mayBeEmpty()) {
                throw new Refused("This {$parameter->called()} is not there, or no longer.");
            }
            $values[$parameter->key($blueprint)] = $value;
        }

        return $values;
    }

    /**
     * Arguments to look at something with: the first row of each table, and nothing for what may be empty.
     *
     * @param  list<AnyParameter>  $parameters
     * @return list<int|string>
     */
    public static function first(array $parameters, Blueprint $blueprint, RecordStore $store): array
    {
        return array_map(function (AnyParameter $parameter) use ($blueprint, $store): int|string {
            $table = $parameter->mayBeEmpty() ? null : $blueprint->tableOfOne($parameter->type()->one);

            return $parameter->argument($table === null ? null : $store->rows(new Query($table, limit: 1))[0] ?? null);
        }, $parameters);
    }

    /**
     * Arguments as a device sends them.
     *
     * @param  array<array-key, mixed>  $sent
     * @return list<int|string>
     */
    public static function sent(array $sent): array
    {
        return array_map(fn (mixed $one): int|string => match (true) {
            is_int($one) => $one,
            is_scalar($one) => (string) $one,
            default => '',
        }, array_values($sent));
    }

    /** @param  list<string>  $with */
    private static function value(array $with, int $i, Scene $scene): mixed
    {
        return ($with[$i] ?? '') === '' ? null : $scene->value($with[$i], "with/$i");
    }
}
