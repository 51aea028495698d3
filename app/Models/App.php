<?php

declare(strict_types=1);

namespace App\Models;

use App\Records\DataSet;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Lanai\Core\Release\InSteps;

/**
 * @property int $id
 * @property int|null $webhooks how many programs want to hear of changed rows
 * @property int $founder_id
 * @property string $name
 * @property string $slug
 * @property string $share_code
 * @property bool $api_public whether everybody may read how its live API is shaped
 * @property string $address where its packages find the server; '' for where Lanai says that it is
 * @property int|null $revision_id
 * @property int|null $live_revision_id
 * @property int|null $before_live_id what was live before that; null where there was nothing, or one has gone back to it
 * @property int|null $coming_revision_id what goes live in steps; null for nothing
 * @property int $coming_share to so many of a hundred people it has gone
 * @property list<int> $undo ids of revisions that can be taken back, the newest last
 * @property list<int> $redo
 * @property bool $sells whether anything of it was ever about to be bought: then its tills are asked how it went
 * @property array<string, mixed>|null $seller  who sells, as receipts name them
 * @property array<string, mixed>|null $rehearsal what the founder takes for likely, by product
 * @property array{account: int, email: string, password: string}|null $reviewer with what reviewers of stores get in
 * @property Carbon|null $archived_at since when it is put away; null for an app in use
 * @property Carbon|null $deleted_at since when it is removed: for a while it can be brought back
 * @property Revision $revision
 * @property Revision|null $liveRevision
 * @property Revision|null $beforeLive
 * @property Revision|null $comingRevision
 * @property SigningKey|null $signingKey
 */
final class App extends Model
{
    use SoftDeletes;

    protected $guarded = [];

    /** @var list<string> */
    protected $hidden = ['reviewer'];

    /** @var array<string, string|bool|int> */
    protected $attributes = ['address' => '', 'api_public' => false, 'sells' => false, 'coming_share' => 0];

    /** @var array<string, string> */
    protected $casts = ['api_public' => 'boolean', 'sells' => 'boolean', 'undo' => 'array', 'redo' => 'array', 'rehearsal' => 'array', 'seller' => 'array',
        'reviewer' => 'encrypted:array', 'archived_at' => 'datetime'];

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** @return BelongsTo<Revision, $this> */
    public function liveRevision(): BelongsTo
    {
        return $this->belongsTo(Revision::class, 'live_revision_id');
    }

    /** @return BelongsTo<Revision, $this> */
    public function beforeLive(): BelongsTo
    {
        return $this->belongsTo(Revision::class, 'before_live_id');
    }

    /** @return BelongsTo<Revision, $this> */
    public function comingRevision(): BelongsTo
    {
        return $this->belongsTo(Revision::class, 'coming_revision_id');
    }

    /**
     * What is live for a device: what goes live in steps for the first of them.
     *
     * @param  int|null  $lot  that the device has drawn; null for none
     */
    public function liveFor(?int $lot): ?Revision
    {
        $coming = $this->coming_revision_id === null || $lot === null ? null : $this->comingRevision;

        return $coming !== null && InSteps::isFirst($lot, $coming->number, $this->coming_share) ? $coming : $this->liveRevision;
    }

    /** By what stores and networks know it: its package, or a name for practice as long as it has none. */
    public function package(): string
    {
        $package = $this->revision->read()->release->package;

        return $package === '' ? 'practice.'.strtr($this->slug, '-', '_') : $package;
    }

    /** The revision that a data set follows; null where nothing is live. */
    public function revisionOf(DataSet $set): ?Revision
    {
        return $set === DataSet::Live ? $this->liveRevision : $this->revision;
    }

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @return HasMany<Build, $this> */
    public function builds(): HasMany
    {
        return $this->hasMany(Build::class);
    }

    /** @return HasMany<Import, $this> */
    public function imports(): HasMany
    {
        return $this->hasMany(Import::class);
    }

    /** @return HasMany<Submission, $this> */
    public function submissions(): HasMany
    {
        return $this->hasMany(Submission::class);
    }

    /** @return HasOne<SigningKey, $this> */
    public function signingKey(): HasOne
    {
        return $this->hasOne(SigningKey::class);
    }

    /**
     * What lies where a new app is to keep its rows belongs to one that a lost database had under the same number: it is put aside, and not mixed
     * with what is new.
     */
    public function putAsideWhatIsThere(): void
    {
        $folder = config('lanai.apps').'/'.$this->id;
        if (is_dir($folder) && (glob("$folder/*") ?: []) !== []) {
            rename($folder, $folder.'-before-'.date('Ymd-His').'-'.bin2hex(random_bytes(3)));
        }
    }

    public function folder(string $within = ''): string
    {
        $folder = config('lanai.apps').'/'.$this->id.($within === '' ? '' : '/'.$within);
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }

        return $folder;
    }

    /** The highest build number that a store has approved; 0 for none. */
    public function lastApprovedBuild(): int
    {
        return (int) $this->submissions()->whereIn('submissions.state', Submission::TAKEN)
            ->join('builds', 'builds.id', '=', 'submissions.build_id')->max('builds.number');
    }
}
