<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $person id of the row in the app's table of people
 * @property string|null $email in small letters; always verified
 * @property string|null $password hashed
 * @property bool $guest
 * @property string|null $asks the role asked for
 * @property Carbon|null $blocked_at
 * @property Carbon|null $seen_at
 * @property Carbon $created_at
 */
final class Account extends Model
{
    protected $table = '_accounts';

    protected $guarded = [];

    protected $hidden = ['password'];

    /** @var array<string, string> */
    protected $casts = ['guest' => 'boolean', 'blocked_at' => 'datetime', 'seen_at' => 'datetime'];
}
