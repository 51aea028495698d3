<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Something that went wrong on phones: each once, however often it happened.
 *
 * @property int $id
 * @property int $app_id
 * @property string $mark by which it is known again
 * @property string $said
 * @property string $where the screen, and the steps in the code
 * @property string $on the kind of device on which it was last
 * @property string $version
 * @property int $times
 * @property list<array{what: string, of: string}>|null $steps what was looked at and tapped before, the last time
 */
final class Trouble extends Model
{
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['steps' => 'array'];
}
