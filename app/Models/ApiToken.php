<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Lets another program at the rows of an app, in the founder's name.
 *
 * @property int $id
 * @property int $app_id
 * @property string $dataset
 * @property string $name
 * @property string $token SHA-256 of it
 * @property string $ends its last four characters
 * @property bool $writes
 * @property Carbon|null $used_at
 * @property Carbon $created_at
 */
final class ApiToken extends Model
{
    protected $guarded = [];

    protected $hidden = ['token'];

    /** @var array<string, string> */
    protected $casts = ['writes' => 'boolean', 'used_at' => 'datetime'];

    /** @return array<string, mixed> as the founder sees it */
    public function told(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'set' => $this->dataset,
            'writes' => $this->writes,
            'ends' => $this->ends,
            'used' => $this->used_at?->toIso8601String(),
            'since' => $this->created_at->toIso8601String(),
        ];
    }
}
