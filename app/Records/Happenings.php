<?php

declare(strict_types=1);

namespace App\Records;

use App\Jobs\RunRoutine;
use App\Jobs\SendWebhook;
use App\Jobs\TellOfRow;
use App\Models\App;
use App\Models\Webhook;
use App\Reach\Waiting;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Later;

/** What becomes of a changed row once it is written for good: routines that wait for it, and programs that want to hear of it. */
final class Happenings
{
    /** Routines that set one another off, one after the other. */
    private const DEEPEST = 3;

    /** @var list<string> the routines whose work is being done, the first one first */
    private static array $chain = [];

    /** @var array<string, array<string, true>> the rows that what is not written for good yet has changed, by connection */
    private static array $changed = [];

    /** @var array<string, list<string>>|null table => what routines and programs wait for */
    private ?array $waited = null;

    public function __construct(
        private readonly App $app,
        private readonly DataSet $set,
        private readonly Blueprint $blueprint,
        private readonly string $connection,
    ) {
    }

    /**
     * Work that a routine does: what it changes sets off others, but not itself.
     *
     * @template T
     *
     * @param  list<string>  $chain
     * @param  callable(): T  $work
     * @return T
     */
    public static function during(array $chain, callable $work): mixed
    {
        $before = self::$chain;
        self::$chain = $chain;
        try {
            return $work();
        } finally {
            self::$chain = $before;
        }
    }

    /** What was being written is written for good, or is not. */
    public static function forgetChanged(string $connection): void
    {
        unset(self::$changed[$connection]);
    }

    /** Where rows stand that have come in together and are still to be told of. */
    public static function prepare(Connection $database): void
    {
        $database->statement(
            'create table if not exists "_arrived" ("n" integer primary key, "tbl" text not null, "row" integer not null, "what" text not null)',
        );
    }

    public static function of(App $app, DataSet $set, Blueprint $blueprint): self
    {
        return new self($app, $set, $blueprint, (new DataFile($app, $set))->connection);
    }

    /**
     * Tells of some of the rows that have come in together.
     *
     * @return bool whether there are more
     */
    public function tellOfArrived(int $most): bool
    {
        $database = DB::connection($this->connection);
        $arrived = $database->table('_arrived')->orderBy('n')->limit($most)->get();
        foreach ($arrived as $row) {
            $table = $this->blueprint->tableStoredAs((string) $row->tbl);
            if ($table !== null) {
                // Messages are for what happens in the app: whoever brings in a file tells nobody.
                $this->tellOthers($table, (int) $row->row, $row->what === 'added' ? 'added' : 'changed');
            }
            $database->table('_arrived')->where('n', $row->n)->delete();
        }

        return count($arrived) === $most;
    }

    /** Whether anything waits for rows of this table that are added or changed. */
    public function isWaitedFor(Table $table): bool
    {
        return array_intersect($this->waited()[$table->name] ?? [], ['added', 'changed']) !== [];
    }

    /**
     * Before a row is changed: the messages whose condition holds of it already, so that it is not the change that brings them about.
     *
     * @return list<string> their keys
     */
    public function held(Table $table, int $id, EloquentRecordStore $store): array
    {
        return $this->blueprint->sends === [] ? [] : Waiting::held($this->blueprint, $store, $table->singular, $id);
    }

    /**
     * @param  'added'|'changed'|'removed'  $what
     * @param  list<string>  $held  as held() found it before
     */
    public function tell(Table $table, int $id, string $what, array $held = []): void
    {
        $this->tellMessages($table, $id, $what, $held);
        $this->tellOthers($table, $id, $what);
    }

    /** @param  'added'|'changed'|'removed'  $what */
    private function tellOthers(Table $table, int $id, string $what): void
    {
        if (! in_array($what, $this->waited()[$table->name] ?? [], true)) {
            return;
        }
        [$app, $set, $blueprint, $chain] = [$this->app, $this->set, $this->blueprint, self::$chain];
        DB::connection($this->connection)->afterCommit(function () use ($table, $id, $what, $app, $set, $blueprint, $chain): void {
            foreach (count($chain) >= self::DEEPEST ? [] : $blueprint->routines as $routine) {
                if ($routine->when === $what && mb_strtolower($routine->row) === mb_strtolower($table->singular) && ! in_array($routine->name, $chain, true)) {
                    RunRoutine::begin(
                        $app,
                        $set,
                        $routine->name,
                        "$table->singular $id was $what",
                        $what === 'removed' ? [] : [$routine->rowName() => Later::row($table->singular, $id)],
                        [...$chain, $routine->name],
                    );
                }
            }
            foreach (self::hooks($app, $set) as $hook) {
                if ($hook->wants($table)) {
                    SendWebhook::begin($hook, $table, $id, $what);
                }
            }
        });
    }

    /** @param  list<string>  $held */
    private function tellMessages(Table $table, int $id, string $what, array $held): void
    {
        if ($this->blueprint->sends === [] || Waiting::for($this->blueprint, $table->singular, $what) === []) {
            return;
        }
        // Whatever one tap does to a row is one change: what held before the first of its writes counts.
        $row = "$table->singular $id $what";
        if (isset(self::$changed[$this->connection][$row])) {
            return;
        }
        self::$changed[$this->connection][$row] = true;
        [$app, $set, $one, $mark, $connection] = [$this->app->id, $this->set->value, $table->singular, (string) Str::uuid(), $this->connection];
        DB::connection($connection)->afterCommit(function () use ($app, $set, $one, $id, $what, $held, $mark, $connection): void {
            self::forgetChanged($connection);
            TellOfRow::dispatch($app, $set, $one, $id, $what, $held, $mark);
        });
    }

    /** @return iterable<Webhook> looked for only where the app has some */
    private static function hooks(App $app, DataSet $set): iterable
    {
        return ($app->webhooks ?? 0) > 0 ? Webhook::of($app, $set) : [];
    }

    /** @return array<string, list<string>> */
    private function waited(): array
    {
        if ($this->waited === null) {
            $this->waited = [];
            foreach ($this->blueprint->routines as $routine) {
                $table = $routine->row === '' ? null : $this->blueprint->tableOfOne($routine->row);
                if ($table !== null) {
                    $this->waited[$table->name][] = $routine->when;
                }
            }
            foreach (self::hooks($this->app, $this->set) as $hook) {
                foreach ($this->blueprint->tables as $table) {
                    foreach (['added', 'changed', 'removed'] as $what) {
                        if ($hook->wants($table)) {
                            $this->waited[$table->name][] = $what;
                        }
                    }
                }
            }
        }

        return $this->waited;
    }
}
