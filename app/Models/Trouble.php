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
 */
final class Trouble extends Model
{
    protected $guarded = [];
}
