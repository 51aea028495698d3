<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int|null $account
 * @property string $what
 * @property string $way
 * @property string $device
 * @property Carbon $at
 */
final class SignInEvent extends Model
{
    public $timestamps = false;

    protected $table = '_sign_ins';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['at' => 'datetime'];
}
