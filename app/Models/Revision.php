<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Lanai\Core\Model\Blueprint;

/**
 * One state of an app; never changed once made.
 *
 * @property int $id
 * @property int $app_id
 * @property int $number
 * @property int|null $parent_id
 * @property string $what
 * @property array<string, mixed> $blueprint
 * @property list<array{op: string, path: string, from?: string, value?: mixed}> $patch
 * @property list<array{op: string, path: string, from?: string, value?: mixed}> $inverse
 * @property array<string, mixed>|null $edit
 * @property list<array{was: list<string>, now: list<string>}> $sentences
 */
final class Revision extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'blueprint' => CompactData::class,
        'patch' => 'array',
        'inverse' => 'array',
        'sentences' => 'array',
        'edit' => 'array',
        'created_at' => 'datetime',
    ];

    private ?Blueprint $read = null;

    /** The same, of which the blueprint has been read already. */
    public function alreadyRead(Blueprint $blueprint): self
    {
        $this->read = $blueprint;

        return $this;
    }

    public function read(): Blueprint
    {
        // A revision never changes once it is kept, so it is read once.
        return $this->read ??= Blueprint::stored($this->blueprint);
    }
}
