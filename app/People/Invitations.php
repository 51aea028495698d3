<?php

declare(strict_types=1);

namespace App\People;

use App\Jobs\DoForInvited;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Text\Pattern;

/** Who was invited by whom: each newcomer once, by somebody else, when their account is made. */
final readonly class Invitations
{
    private const CODE = '/^(\d{1,15})-([0-9a-f]{20})$/D';

    public function __construct(private People $people)
    {
    }

    public static function prepare(Connection $database): void
    {
        if (! $database->getSchemaBuilder()->hasTable('_came_by')) {
            $database->getSchemaBuilder()->create('_came_by', function (Schema $table): void {
                $table->unsignedBigInteger('person')->primary();
                $table->unsignedBigInteger('by')->index();
                $table->timestamp('at');
                // What was to be done for it is done.
                $table->boolean('done')->default(false);
            });
        }
    }

    /** By which a link says who invites with it: nobody can make one for somebody else. */
    public function code(int $person): string
    {
        $app = $this->people->app->id;

        return "$person-".substr(hash_hmac('sha256', "invitation/$app/{$this->people->set->value}/$person", (string) config('app.key')), 0, 20);
    }

    /** Who invites by a code; null where it is none, or they are no longer here. */
    public function inviter(string $code): ?int
    {
        if (! Pattern::match(self::CODE, $code, $found) || ! hash_equals($this->code((int) $found[1]), $code)) {
            return null;
        }

        return $this->people->accountOf((int) $found[1]) === null ? null : (int) $found[1];
    }

    /** Somebody has just made their account. */
    public function took(int $newcomer, string $code): void
    {
        $inviter = $this->inviter($code);
        if ($inviter === null || $inviter === $newcomer) {
            return;
        }
        $new = $this->table()->insertOrIgnore(['person' => $newcomer, 'by' => $inviter, 'at' => Date::now()]);
        if ($new === 1 && ($this->people->blueprint->signIn->invited ?? []) !== []) {
            DoForInvited::dispatch($this->people->app->id, $this->people->set->value, $newcomer)->afterCommit();
        }
    }

    /** Who invited somebody for whom nothing was done yet; null for nobody. */
    public function owed(int $newcomer): ?int
    {
        $by = $this->table()->where(['person' => $newcomer, 'done' => false])->value('by');

        return $by === null ? null : (int) $by;
    }

    public function done(int $newcomer): void
    {
        $this->table()->where('person', $newcomer)->update(['done' => true]);
    }

    /** @return array{by: int|null, others: int} what is known of a person: whether they were invited, and how many they have invited */
    public function of(int $person): array
    {
        $by = $this->table()->where('person', $person)->value('by');

        return ['by' => $by === null ? null : (int) $by, 'others' => $this->table()->where('by', $person)->count()];
    }

    public function forget(int $person): void
    {
        $this->table()->where('person', $person)->orWhere('by', $person)->delete();
    }

    private function table(): \Illuminate\Database\Query\Builder
    {
        return DB::connection($this->people->connection)->table('_came_by');
    }
}
