<?php

declare(strict_types=1);

namespace App\Models;

use App\Compact;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A column of much data that is read at every request.
 *
 * @implements CastsAttributes<array<string, mixed>, array<string, mixed>>
 */
final class CompactData implements CastsAttributes
{
    /** @return array<array-key, mixed> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return Compact::read(is_string($value) ? $value : '');
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return Compact::written(is_array($value) ? $value : []);
    }
}
