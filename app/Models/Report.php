<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A row that somebody has reported; each person once for each row.
 *
 * @property int $id
 * @property int $app_id
 * @property string $set
 * @property string $table its name
 * @property int $row
 * @property int $person 0 for whoever is not signed in
 * @property string $label of the row, as it was then
 * @property string $why
 */
final class Report extends Model
{
    protected $guarded = [];
}
