<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a tester tells of an app.
 *
 * @property int $id
 * @property int $app_id
 * @property int|null $tester_id
 * @property string $by their e-mail address
 * @property string $words
 * @property string $screen its name; '' for the app as a whole
 * @property string $picture the name of a kept picture; '' for none
 * @property string $on the kind of device
 * @property int $revision the number of what they saw
 */
final class Feedback extends Model
{
    protected $table = 'feedback';

    protected $guarded = [];
}
