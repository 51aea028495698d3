<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\DataSet;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Lanai\Core\Model\Table;

/**
 * A program that wants to hear when rows change.
 *
 * @property int $id
 * @property int $app_id
 * @property string $dataset
 * @property string $url
 * @property string $secret signs what is sent; shown once
 * @property list<string> $tables stored names; none for all
 * @property string $state what came of the last one; '' for nothing yet
 * @property Carbon $created_at
 */
final class Webhook extends Model
{
    protected $guarded = [];

    protected $hidden = ['secret'];

    /** @var array<string, string> */
    protected $casts = ['secret' => 'encrypted', 'tables' => 'array'];

    /** @return Collection<int, self> */
    public static function of(App $app, DataSet $set): Collection
    {
        return self::query()
            ->where(['app_id' => $app->id, 'dataset' => $set->value])
            ->get();
    }

    public function wants(Table $table): bool
    {
        return $this->tables === [] || in_array($table->storedAs(), $this->tables, true);
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        return [
            'id' => $this->id,
            'set' => $this->dataset,
            'url' => $this->url,
            'tables' => $this->tables,
            'ends' => mb_substr($this->secret, -4),
            'state' => $this->state,
        ];
    }
}
