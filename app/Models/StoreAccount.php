<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A founder's own account at a store. What was handed in with it is asked about with it, also once another one is used.
 *
 * @property int $id
 * @property int $founder_id
 * @property string $store
 * @property string $token with which the store knows them; it stays on the server
 * @property string $name as the store calls them
 * @property bool $used whether it is the one that is used now
 */
final class StoreAccount extends Model
{
    protected $guarded = [];

    /** @var list<string> */
    protected $hidden = ['token'];

    /** @var array<string, string> */
    protected $casts = ['token' => 'encrypted', 'used' => 'boolean'];
}
