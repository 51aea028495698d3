<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A call that went out, without what showed who called.
 *
 * @property int $id
 * @property int $app_id
 * @property string $dataset
 * @property string $service
 * @property string $request
 * @property int|null $person
 * @property int $status 0 where there was no answer
 * @property float $ms
 * @property int $bytes
 * @property int|null $cost millionths of the service's currency
 * @property string $trouble '' for none
 * @property array<string, mixed> $exchange
 * @property Carbon $created_at
 */
final class ServiceCall extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['exchange' => 'array', 'created_at' => 'datetime'];
}
