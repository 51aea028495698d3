<?php

declare(strict_types=1);

namespace App\People;

use App\Jobs\SendNotice;
use App\Outbound\Practice;
use App\Records\Sql;
use App\Records\TextFunctions;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Texts;

/** The people of an app as its founder sees them. */
final readonly class Roll
{
    public const PAGE = 50;

    public function __construct(private People $people)
    {
    }

    /**
     * @param  string  $search  in names and addresses
     * @param  string  $only  "", "guests", "blocked", "asking", or the name of a role
     * @return array<string, mixed>
     */
    public function page(string $search, string $only, int $page): array
    {
        $table = $this->people->table();
        $label = $table->labelField();
        $role = $table->roleField();
        $accounts = DB::connection($this->people->connection);
        $query = $accounts->table($table->storedAs(), 'p')->leftJoin('_accounts as a', 'a.person', '=', 'p.id');
        if (trim($search) !== '') {
            $folded = Texts::folded($search);
            $holds = fn (string $column): string => 'instr('.TextFunctions::foldColumn($column).', ?) > 0';
            $query->where(
                fn ($q) => $q
                    ->whereRaw($holds('a."email"'), [$folded])
                    ->when($label !== null, fn ($q) => $q->orWhereRaw($holds('p.'.Sql::name((string) $label?->column())), [$folded])),
            );
        }
        match (true) {
            $only === 'guests' => $query->where('a.guest', true),
            $only === 'blocked' => $query->whereNotNull('a.blocked_at'),
            $only === 'asking' => $query->whereNotNull('a.asks'),
            $only !== '' && $role !== null => $query->where('p.'.$role->column(), $only),
            default => null,
        };
        $count = $query->count();
        $found = $query
            ->orderByDesc('p.id')
            ->offset(($page - 1) * self::PAGE)
            ->limit(self::PAGE)
            ->select(['p.id', 'a.id as account', 'a.email', 'a.guest', 'a.asks', 'a.blocked_at', 'a.seen_at', 'a.created_at'])
            ->get();
        $rows = $this->people->store()->byIds($table, array_values($found->map(fn (\stdClass $r): int => (int) $r->id)->all()));

        return [
            'count' => $count,
            'page' => $page,
            'size' => self::PAGE,
            'people' => $found
                ->map(
                    fn (\stdClass $r): array => [
                        'id' => (int) $r->id,
                        'name' => $rows[(int) $r->id]->label(),
                        'role' => $role === null ? null : $rows[(int) $r->id]->value($role),
                        'account' => $r->account !== null,
                        'email' => $r->email,
                        'guest' => (bool) $r->guest,
                        'asks' => $r->asks,
                        'blocked' => $r->blocked_at !== null,
                        'seen' => self::moment($r->seen_at),
                        'joined' => self::moment($r->created_at),
                    ],
                )
                ->all(),
        ];
    }

    /** @return array<string, mixed> one person: sessions, history, and what leaving would take along */
    public function one(int $person): array
    {
        $row = $this->people->store()->byIds($this->people->table(), [$person])[$person] ?? abort(404);
        $account = $this->people->accountOf($person);

        return [
            'id' => $person,
            'name' => $row->label(),
            'email' => $account?->email,
            'password' => $account?->password !== null,
            'ways' => $account === null ? [] : $this->people->identities()->where('account', $account->id)->pluck('provider')->all(),
            'sessions' => $account === null
                    ? []
                    : $this->people
                        ->sessions()
                        ->where('account', $account->id)
                        ->orderByDesc('id')
                        ->get()
                        ->map(fn (Session $s): array => ['device' => $s->device, 'way' => $s->way, 'since' => $s->created_at->toIso8601String()])
                        ->all(),
            'history' => $account === null
                    ? []
                    : $this->people
                        ->events()
                        ->where('account', $account->id)
                        ->orderByDesc('id')
                        ->limit(100)
                        ->get()
                        ->map(fn (SignInEvent $e): array => ['what' => $e->what, 'way' => $e->way, 'device' => $e->device, 'at' => $e->at->toIso8601String()])
                        ->all(),
            'leaving' => (new Departure($this->people))->foreseen($person),
        ];
    }

    /** @return array<string, mixed> how many people there are, and day by day who came and who signed in */
    public function counts(int $days = 30): array
    {
        $from = Date::now()
            ->startOfDay()
            ->subDays($days - 1)
            ->toImmutable();
        $byDay = fn (EloquentBuilder $query, string $column): array => $query
            ->toBase()
            ->where($column, '>=', $from)
            ->selectRaw("substr($column, 1, 10) as day, count(*) as n")
            ->groupBy('day')
            ->pluck('n', 'day')
            ->all();
        $joined = $byDay($this->people->accounts(), 'created_at');
        $entered = $byDay($this->people->events()->where('what', 'signed in'), 'at');
        $list = [];
        for ($i = 0; $i < $days; $i++) {
            $day = $from->addDays($i)->format('Y-m-d');
            $list[] = ['day' => $day, 'joined' => (int) ($joined[$day] ?? 0), 'signedIn' => (int) ($entered[$day] ?? 0)];
        }

        return [
            'accounts' => $this->people->accounts()->where('guest', false)->count(),
            'guests' => $this->people->accounts()->where('guest', true)->count(),
            'asking' => $this->people->accounts()->whereNotNull('asks')->count(),
            'days' => $list,
        ];
    }

    /**
     * What the founder does with one person.
     *
     * @param  'block'|'unblock'|'sign out'|'delete'|'role'|'grant'|'decline'  $what
     *
     * @throws Refused
     */
    public function act(int $person, string $what, string $role = ''): void
    {
        $table = $this->people->table();
        $store = $this->people->store();
        if ($store->byIds($table, [$person]) === []) {
            throw new Refused('This person is no longer there.');
        }
        $account = $this->people->accountOf($person);
        if ($what === 'delete') {
            (new Departure($this->people))->of($person);

            return;
        }
        if ($what === 'role') {
            $this->setRole($person, $role);

            return;
        }
        if ($account === null) {
            throw new Refused('This person has no account to sign in with.');
        }
        switch ($what) {
            case 'block':
                $account->update(['blocked_at' => Date::now()]);
                (new Sessions($this->people))->endAll($account->id);
                break;
            case 'unblock':
                $account->update(['blocked_at' => null]);
                break;
            case 'sign out':
                (new Sessions($this->people))->endAll($account->id);
                break;
            case 'grant':
                $asked = (string) $account->asks;
                $this->setRole($person, $asked);
                $account->update(['asks' => null]);
                if ($account->email !== null) {
                    $notice = Notice::granted($this->people->blueprint->own(), $this->people->app->name, $asked);
                    SendNotice::dispatch($account->email, $notice->about, $notice->text, $this->people->app->name, Practice::boxOf($this->people->app));
                }
                break;
            default:
                $account->update(['asks' => null]);
        }
        $this->people->note('by the founder: '.$what, $account->id);
    }

    private function setRole(int $person, string $role): void
    {
        $field = $this->people->table()->roleField();
        $known = $this->people->blueprint->role($role);
        if ($field === null || $known === null) {
            throw new Refused('There is no such role.');
        }
        $this->people->store()->change($this->people->table(), $person, [$field->column() => $known->name]);
    }

    private static function moment(mixed $stored): ?string
    {
        return is_string($stored) ? str_replace(' ', 'T', $stored).'Z' : null;
    }
}
