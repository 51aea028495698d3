<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Database\Eloquent\Model;

/**
 * Who somebody is to an outside provider.
 *
 * @property int $id
 * @property int $account
 * @property string $provider
 * @property string $issuer
 * @property string $subject
 */
final class Identity extends Model
{
    protected $table = '_identities';

    protected $guarded = [];
}
