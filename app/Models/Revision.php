<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Languages\Pseudo;
use Lanai\Core\Languages\Translated;
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
 * @property Carbon|null $created_at
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

    /** @var array<string, Blueprint> by tag */
    private array $spoken = [];

    /** The same, of which the blueprint has been read already. */
    public function alreadyRead(Blueprint $blueprint): self
    {
        $this->read = $blueprint;

        return $this;
    }

    /**
     * The app as it speaks in one of its languages, or in one that only tries it out; as it is where it does not speak it.
     *
     * @param  string  $tongue  a tag; '' for its own
     */
    public function spoken(string $tongue): Blueprint
    {
        $own = $this->read();
        if ($tongue === '' || $tongue === $own->theme->tongue() || ($own->language($tongue) === null && ! Pseudo::isOne($tongue))) {
            return $own;
        }

        return $this->spoken[$tongue] ??= $this->translated($own, $tongue)->of($own);
    }

    /** What another language changes is worked out once for each revision. */
    private function translated(Blueprint $own, string $tongue): Translated
    {
        if (! $this->exists) {
            return Translated::into($own, $tongue);
        }
        $key = "spoken:$this->id:{$this->created_at?->getTimestamp()}:$tongue:".Translated::MADE;
        $kept = Cache::remember($key, 86400, fn (): array => Translated::into($own, $tongue)->toKeep());

        return Translated::kept($kept);
    }

    public function read(): Blueprint
    {
        // A revision never changes once it is kept, so it is read once.
        return $this->read ??= Blueprint::stored($this->blueprint);
    }
}
