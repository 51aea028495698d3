<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\DataSet;
use Illuminate\Database\Eloquent\Model;

/**
 * What shows an outside service who calls; one for sandbox and one for live.
 *
 * @property int $id
 * @property int $app_id
 * @property string $dataset
 * @property string $service as the app's sentences call it
 * @property string $name of a name and password, or a client's id; '' for none
 * @property string $secret
 */
final class ServiceSecret extends Model
{
    protected $guarded = [];

    protected $hidden = ['secret'];

    /** @var array<string, string> */
    protected $casts = ['secret' => 'encrypted'];

    public static function of(App $app, DataSet $set, string $service): ?self
    {
        return self::query()
            ->where(['app_id' => $app->id, 'dataset' => $set->value])
            ->get()
            ->first(fn (self $s): bool => mb_strtolower($s->service) === mb_strtolower($service));
    }

    public function ends(): string
    {
        return '…'.(mb_strlen($this->secret) < 8 ? '' : mb_substr($this->secret, -4));
    }
}
