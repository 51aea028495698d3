<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A file that a person of an app has sent, until a row refers to it for more than a day.
 *
 * @property int $id
 * @property int $app_id
 * @property string $name
 * @property string $by a person of a data set, or an address
 * @property int $bytes
 */
final class Upload extends Model
{
    protected $guarded = [];
}
