<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Adverts\AdvertLedger;
use App\Adverts\Exchange;
use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Exception;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Payout;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/**
 * What tills have paid out, by their statements: each is kept once, stands in the books, and is held against what the books say that the till owes of
 * each purchase.
 *
 * @phpstan-type Rate array{currency: string, rate: string, from: string}
 */
final readonly class Statements
{
    /** So many lines of one statement are read, and so many statements of a till. */
    private const LINES = 100_000;

    private const MOST = 500;

    private const SHOWN = 60;

    /** What stands in the place of a till where the network of adverts has paid. */
    private const NETWORK = 'adverts';

    /** So many differences of one statement are named. */
    private const NAMED = 20;

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        $schema->create('_statements', function (Schema $table): void {
            $table->id();
            $table->string('till');
            $table->string('statement');
            $table->string('at');
            $table->string('until');
            $table->bigInteger('total');
            $table->string('currency');
            $table->bigInteger('paid');
            $table->string('bank');
            $table->string('rate');
            $table->unique(['till', 'statement']);
        });
        $schema->create('_statement_lines', function (Schema $table): void {
            $table->id();
            $table->foreignId('statement')->constrained('_statements')->cascadeOnDelete();
            $table->string('token')->index();
            $table->bigInteger('amount');
            $table->index('statement');
        });
    }

    /** The currency of the founder's bank. */
    public function bank(): string
    {
        $told = $this->space->app->seller['bank'] ?? null;

        return is_string($told) && $told !== '' ? $told : 'EUR';
    }

    /** @return list<Rate> the newest first */
    public function rates(): array
    {
        $told = $this->space->app->seller['rates'] ?? null;
        $rates = [];
        foreach (is_array($told) ? $told : [] as $one) {
            if (is_array($one) && is_string($one['currency'] ?? null) && is_string($one['rate'] ?? null) && is_string($one['from'] ?? null)) {
                $rates[] = ['currency' => $one['currency'], 'rate' => $one['rate'], 'from' => $one['from']];
            }
        }
        usort($rates, fn (array $a, array $b): int => [$b['from'], $a['currency']] <=> [$a['from'], $b['currency']]);

        return $rates;
    }

    /** The founder's rate on a day; '' where none was given. */
    private function rateOf(string $currency, DateTimeImmutable $at): string
    {
        foreach ($this->rates() as $one) {
            if ($one['currency'] === $currency && $one['from'] <= $at->format('Y-m-d')) {
                return $one['rate'];
            }
        }

        return '';
    }

    /**
     * Asks the tills what they have paid.
     *
     * @param  bool  $now  they are to pay out now what is there
     * @return list<string> why some could not be asked
     */
    public function ask(bool $now): array
    {
        $blueprint = $this->space->blueprint();
        $refused = $blueprint->adverts === null ? [] : $this->askNetwork($now);
        if ($blueprint->products === []) {
            return $refused;
        }
        $counter = new Counter($this->space);
        foreach (Sold::tills() as $sold) {
            try {
                $found = $counter->till($sold->value)->statements($counter->merchant(), $now, $this->bank());
                foreach (array_slice($found, -self::MOST) as $one) {
                    $this->keep($sold, $one);
                }
            } catch (Refused $why) {
                $refused[] = "{$sold->terms()->till}: {$why->getMessage()}";
            }
        }

        return $refused;
    }

    /**
     * Asks the network of adverts.
     *
     * @return list<string>
     */
    private function askNetwork(bool $now): array
    {
        $ledger = new AdvertLedger($this->space);
        try {
            $found = (new Exchange($this->space->app, $this->space->set))->payouts($this->space->app->package(), $now);
            foreach (array_slice($found, -self::MOST) as $one) {
                $told = is_array($one) ? $one : [];
                $isNew = $this->keepOfNetwork($told);
                if ($isNew && is_string($told['until'] ?? null)) {
                    // What is paid was owed before.
                    $ledger->bookUntil($told['until']);
                }
            }
        } catch (Refused $why) {
            return ["{$this->network()}: {$why->getMessage()}"];
        }

        return [];
    }

    /**
     * @param  array<array-key, mixed>  $told
     * @return bool whether it is a new one
     *
     * @throws Refused where it makes no sense
     */
    private function keepOfNetwork(array $told): bool
    {
        $is = fn (string $key, string $pattern): bool => is_string($told[$key] ?? null) && Pattern::match($pattern, $told[$key]);
        $day = '/^20\d\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/D';
        $isWhole = $is('id', '/^[\w.-]{1,100}$/D') && $is('at', $day) && $is('until', $day) && $is('currency', '/^[A-Z]{3}$/D');
        $total = $told['total'] ?? null;
        if (! $isWhole || ! is_int($total) || $total < 0) {
            throw new Refused('It sent a statement that cannot be read. Nothing of it was kept.');
        }

        return $this->database->transaction(function () use ($told, $total): bool {
            $new = $this->database->table('_statements')->insertOrIgnore([
                'till' => self::NETWORK,
                'statement' => $told['id'],
                'at' => StoredValue::plain(new DateTimeImmutable("$told[at]T12:00:00Z")),
                'until' => StoredValue::plain(new DateTimeImmutable("$told[until]T23:59:59Z")),
                'total' => $total,
                'currency' => $told['currency'],
                'paid' => $total,
                'bank' => $told['currency'],
                'rate' => '',
            ]);
            if ($new === 0) {
                return false;
            }
            $raw = $this->database->table('_statements')->where(['till' => self::NETWORK, 'statement' => $told['id']])->firstOrFail();
            $lines = PurchaseBook::lines($this->payout($raw)->entries());
            $this->database->table('_ledger')->insert(array_map(fn (array $line): array => ['purchase' => null] + $line, $lines));

            return true;
        });
    }

    /**
     * @param  array<string, mixed>  $told
     *
     * @throws Refused where it makes no sense
     */
    private function keep(Sold $sold, array $told): void
    {
        $text = fn (mixed $value): string => is_string($value) ? $value : '';
        $bank = is_array($told['bank'] ?? null) ? $told['bank'] : [];
        $lines = is_array($told['lines'] ?? null) ? $told['lines'] : [];
        $isWhole = Pattern::match('/^[\w.-]{1,100}$/', $text($told['id'] ?? null)) && is_int($told['total'] ?? null) && is_int($bank['amount'] ?? null)
            && Pattern::match('/^[A-Z]{3}$/', $text($told['currency'] ?? null)) && Pattern::match('/^[A-Z]{3}$/', $text($bank['currency'] ?? null));
        if (! $isWhole || count($lines) > self::LINES) {
            throw new Refused('It sent a statement that cannot be read. Nothing of it was kept.');
        }
        try {
            [$at, $until] = [new DateTimeImmutable($text($told['at'] ?? null) ?: 'never'), new DateTimeImmutable($text($told['until'] ?? null) ?: 'never')];
        } catch (Exception) {
            throw new Refused('It sent a statement without a day. Nothing of it was kept.');
        }
        $rows = [];
        foreach ($lines as $line) {
            if (! is_array($line) || ! is_string($line['purchase'] ?? null) || ! is_int($line['amount'] ?? null) || strlen($line['purchase']) > 100) {
                throw new Refused('It sent a statement that cannot be read. Nothing of it was kept.');
            }
            $rows[] = ['token' => $line['purchase'], 'amount' => $line['amount']];
        }
        if (array_sum(array_column($rows, 'amount')) !== $told['total']) {
            throw new Refused('It sent a statement whose lines do not add up to what it pays. Nothing of it was kept.');
        }
        $this->database->transaction(function () use ($sold, $told, $at, $until, $bank, $rows, $text): void {
            $new = $this->database->table('_statements')->insertOrIgnore([
                'till' => $sold->value,
                'statement' => $told['id'],
                'at' => StoredValue::plain($at),
                'until' => StoredValue::plain($until),
                'total' => $told['total'],
                'currency' => $told['currency'],
                'paid' => $bank['amount'],
                'bank' => $bank['currency'],
                'rate' => $told['currency'] === $bank['currency'] ? '' : $this->rateOf($text($told['currency']), $at),
            ]);
            if ($new === 0) {
                return;
            }
            $raw = $this->database->table('_statements')->where(['till' => $sold->value, 'statement' => $told['id']])->firstOrFail();
            foreach (array_chunk($rows, 200) as $some) {
                $this->database->table('_statement_lines')->insert(array_map(fn (array $row): array => ['statement' => $raw->id] + $row, $some));
            }
            $lines = PurchaseBook::lines($this->payout($raw)->entries());
            $this->database->table('_ledger')->insert(array_map(fn (array $line): array => ['purchase' => null] + $line, $lines));
        });
    }

    private function payout(\stdClass $raw): Payout
    {
        $till = $raw->till === self::NETWORK ? AdvertLedger::NETWORK : Sold::from((string) $raw->till)->terms()->till;

        return new Payout(
            "$raw->till/$raw->statement",
            new DateTimeImmutable((string) $raw->at),
            $till,
            (int) $raw->total,
            (string) $raw->currency,
            (int) $raw->paid,
            (string) $raw->bank,
            (string) $raw->rate,
        );
    }

    private function network(): string
    {
        return $this->space->blueprint()->adverts->network ?? AdvertLedger::NETWORK;
    }

    /** @return list<string> where what stands in the books of payouts is not what the statements say */
    public function check(): array
    {
        $wrong = [];
        foreach ($this->database->table('_statements')->orderBy('id')->lazy(200) as $raw) {
            $due = array_map(
                fn (array $line): array => [$line['entry'], $line['account'], $line['amount'], $line['currency']],
                PurchaseBook::lines($this->payout($raw)->entries()),
            );
            $entries = array_values(array_unique(array_column($due, 0)));
            $kept = $this->database
                ->table('_ledger')
                ->whereNull('purchase')
                ->whereIn('entry', $entries)
                ->get()
                ->map(fn (\stdClass $l): array => [$l->entry, $l->account, (int) $l->amount, $l->currency])
                ->all();
            sort($due);
            sort($kept);
            if ($due !== $kept) {
                $wrong[] = "The payout $raw->till/$raw->statement and its entries disagree.";
            }
        }

        return [...$wrong, ...(new AdvertLedger($this->space))->check()];
    }

    /** @return list<array<string, mixed>> as PayoutState in docs/studio.schema.json, the newest first */
    public function all(): array
    {
        $found = $this->database->table('_statements')->orderByDesc('at')->orderByDesc('id')->limit(self::SHOWN)->get();

        return array_values(array_map($this->state(...), $found->all()));
    }

    /** @return array<string, mixed> */
    private function state(\stdClass $raw): array
    {
        $payout = $this->payout($raw);
        $amount = Report::amount(...);
        $isNetwork = $raw->till === self::NETWORK;
        $differs = $isNetwork ? $this->differsFromCounted($raw) : $this->differs($raw);

        return [
            'till' => $isNetwork ? $this->network() : $payout->till,
            'at' => (string) $raw->at,
            'total' => $amount($payout->total, $payout->currency),
            'currency' => $payout->currency,
            'paid' => $amount($payout->paid, $payout->bank),
            'bank' => $payout->bank,
            'difference' => $payout->bank === $payout->currency || $payout->rate === '' ? '' : $amount($payout->paid - $payout->due(), $payout->bank),
            'adverts' => $isNetwork,
            'purchases' => $this->database->table('_statement_lines')->where('statement', $raw->id)->count(),
            'differs' => array_slice($differs, 0, self::NAMED),
            'more' => max(0, count($differs) - self::NAMED),
        ];
    }

    /**
     * Where the network has paid something else so far than was counted here until the last day of a statement.
     *
     * @return list<string>
     */
    private function differsFromCounted(\stdClass $raw): array
    {
        $until = substr((string) $raw->until, 0, 10);
        $counted = (new AdvertLedger($this->space))->counted((string) $raw->currency, $until);
        $sent = $this->database->table('_statements')->where(['till' => self::NETWORK, 'currency' => $raw->currency])->where('id', '<=', $raw->id);
        $paid = (int) $sent->sum('total');
        $amount = fn (int $minor): string => Report::amount($minor, (string) $raw->currency)." $raw->currency";

        // A cent that is not whole yet there is paid with the next one.
        return abs($counted - $paid) <= 1 ? [] : ["{$amount($paid)} were paid so far, and {$amount($counted)} were counted here until that day."];
    }

    /**
     * Where a statement pays something else for a purchase than the books say is owed of it: with what was paid before, and until its last day.
     *
     * @return list<string>
     */
    private function differs(\stdClass $raw): array
    {
        $lines = $this->database
            ->table('_statement_lines')
            ->join('_statements', '_statements.id', '=', '_statement_lines.statement')
            ->where(['till' => $raw->till, 'currency' => $raw->currency])
            ->where('_statements.id', '<=', $raw->id)
            ->groupBy('token')
            ->selectRaw('token, sum(amount) as paid, sum(case when "_statement_lines"."statement" = ? then 1 else 0 end) as here', [$raw->id]);
        $owed = $this->database
            ->table('_ledger')
            ->join('_purchases', '_purchases.id', '=', '_ledger.purchase')
            ->where(['till' => $raw->till, 'account' => 'owed by '.Sold::from((string) $raw->till)->terms()->till, 'currency' => $raw->currency])
            ->where('at', '<', $raw->until)
            ->where('token', 'not like', 'story-%')
            ->groupBy('token')
            ->selectRaw('token, sum(amount) as owed');
        $unknown = $this->database
            ->query()
            ->fromSub($lines, 'l')
            ->leftJoin('_purchases', fn ($join) => $join->on('_purchases.token', '=', 'l.token')->where('_purchases.till', '=', $raw->till))
            ->where('here', '>', 0)
            ->whereNull('_purchases.id')
            ->count();
        $other = $this->database
            ->query()
            ->fromSub($owed, 'o')
            ->leftJoinSub($lines, 'l', 'l.token', '=', 'o.token')
            ->join('_purchases', fn ($join) => $join->on('_purchases.token', '=', 'o.token')->where('_purchases.till', '=', $raw->till))
            ->whereRaw('coalesce(l.paid, 0) != o.owed')
            ->orderBy('_purchases.id')
            ->limit(1000)
            ->get(['_purchases.id', 'product', 'paid', 'owed']);
        $amount = fn (mixed $minor): string => Report::amount((int) $minor, (string) $raw->currency)." $raw->currency";
        $differs = [];
        foreach ($other as $one) {
            $name = $this->space->blueprint()->product((string) $one->product)->name ?? (string) $one->product;
            $differs[] = $one->paid === null
                ? "Purchase $one->id, $name: {$amount($one->owed)} are owed and nothing was paid."
                : "Purchase $one->id, $name: {$amount($one->paid)} were paid so far, and the books say {$amount($one->owed)}.";
        }
        if ($unknown > 0) {
            $differs[] = $unknown === 1 ? 'One purchase in it is not known here.' : "$unknown purchases in it are not known here.";
        }

        return $differs;
    }
}
