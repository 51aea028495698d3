<?php

declare(strict_types=1);

namespace Standins\Bunting;

use PDO;

/** What the exchange remembers: what was offered, what became of it, and what each advertiser has spent; each founder's practice apart. */
final class Memory
{
    private PDO $database;

    public function __construct(string $folder)
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $this->database = new PDO("sqlite:$folder/bunting.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 10]);
        $this->database->exec('PRAGMA journal_mode = WAL; PRAGMA synchronous = NORMAL');
        $this->database->exec(
            'create table if not exists bids (id text primary key, box text not null, by integer not null, price real not null, currency text not null,
                at integer not null, bundle text not null, request text not null, callback text not null);
            create table if not exists told (bid text not null, what text not null, primary key (bid, what)) without rowid;
            create table if not exists counts (box text not null, what text not null, n integer not null, primary key (box, what)) without rowid;
            create table if not exists spent (box text not null, day text not null, by integer not null, amount real not null, primary key (box, day, by))
                without rowid;
            create table if not exists earned (box text not null, bundle text not null, day text not null, currency text not null, amount real not null,
                primary key (box, bundle, day, currency)) without rowid;
            create table if not exists moods (box text not null, by integer not null, mood real not null, primary key (box, by)) without rowid;
            create table if not exists modes (box text primary key, mode text not null) without rowid;
            create table if not exists payouts (id text primary key, box text not null, bundle text not null, at text not null, until text not null,
                currency text not null, total integer not null)',
        );
    }

    /**
     * Work that nobody else's comes in between.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function together(callable $work): mixed
    {
        $this->database->exec('begin immediate');
        try {
            $result = $work();
            $this->database->exec('commit');

            return $result;
        } catch (\Throwable $trouble) {
            $this->database->exec('rollback');
            throw $trouble;
        }
    }

    public function mode(string $box): string
    {
        return (string) ($this->rows('select mode from modes where box = ?', [$box])[0]['mode'] ?? '');
    }

    public function turn(string $box, string $mode): void
    {
        $this->rows('insert into modes values (?, ?) on conflict do update set mode = excluded.mode', [$box, $mode]);
    }

    /** @param  array{id: string, by: int, price: float, currency: string, at: int, bundle: string, request: string, callback: string}  $bid */
    public function offered(string $box, array $bid): void
    {
        $this->rows('insert into bids (id, by, price, currency, at, bundle, request, callback, box) values (?, ?, ?, ?, ?, ?, ?, ?, ?)', [
            $bid['id'], $bid['by'], $bid['price'], $bid['currency'], $bid['at'], $bid['bundle'], $bid['request'], $bid['callback'], $box,
        ]);
    }

    /** @return array<string, mixed>|null */
    public function bid(string $id): ?array
    {
        return $this->rows('select * from bids where id = ?', [$id])[0] ?? null;
    }

    /** Whether this is heard for the first time. */
    public function hears(string $bid, string $box, string $what): bool
    {
        $statement = $this->database->prepare('insert or ignore into told values (?, ?)');
        $statement->execute([$bid, $what]);
        if ($statement->rowCount() === 0) {
            return false;
        }
        $this->count($box, $what);

        return true;
    }

    public function count(string $box, string $what): void
    {
        $this->rows('insert into counts values (?, ?, 1) on conflict do update set n = n + 1', [$box, $what]);
    }

    /** @return array<string, int> what was heard => how often */
    public function counts(string $box): array
    {
        return array_map(intval(...), array_column($this->rows('select what, n from counts where box = ?', [$box]), 'n', 'what'));
    }

    /** @param  array<string, mixed>  $bid  that is paid for now */
    public function spends(array $bid, string $day): void
    {
        $amount = $bid['price'] / 1000;
        $more = 'on conflict do update set amount = amount + excluded.amount';
        $this->rows("insert into spent values (?, ?, ?, ?) $more", [$bid['box'], $day, $bid['by'], $amount]);
        $this->rows("insert into earned values (?, ?, ?, ?, ?) $more", [
            $bid['box'], $bid['bundle'], $day, $bid['currency'], $amount,
        ]);
    }

    /** @return array<int, float> by advertiser */
    public function spent(string $box, string $day): array
    {
        return array_map(floatval(...), array_column($this->rows('select by, amount from spent where box = ? and day = ?', [$box, $day]), 'amount', 'by'));
    }

    /** @return array<int, float> by advertiser: what part of its price it thinks is enough */
    public function moods(string $box): array
    {
        return array_map(floatval(...), array_column($this->rows('select by, mood from moods where box = ?', [$box]), 'mood', 'by'));
    }

    public function mood(string $box, int $by, float $mood): void
    {
        $this->rows('insert into moods values (?, ?, ?) on conflict do update set mood = excluded.mood', [$box, $by, $mood]);
    }

    /**
     * What an app has earned until a day and was not paid yet, by currency.
     *
     * @return array<string, float>
     */
    public function owed(string $box, string $bundle, string $until): array
    {
        $whose = 'where box = ? and bundle = ?';
        $paid = $this->rows("select currency, sum(total) as paid from payouts $whose group by currency", [$box, $bundle]);
        $paid = array_column($paid, 'paid', 'currency');
        $earned = $this->rows("select currency, sum(amount) as amount from earned $whose and day <= ? group by currency", [$box, $bundle, $until]);
        $owed = [];
        foreach ($earned as $one) {
            $owed[(string) $one['currency']] = (float) $one['amount'] - (int) ($paid[$one['currency']] ?? 0) / 100;
        }

        return $owed;
    }

    public function pays(string $id, string $box, string $bundle, string $at, string $until, string $currency, int $total): void
    {
        $this->rows('insert or ignore into payouts values (?, ?, ?, ?, ?, ?, ?)', [$id, $box, $bundle, $at, $until, $currency, $total]);
    }

    /** @return list<array<string, mixed>> */
    public function payouts(string $box, string $bundle): array
    {
        return $this->rows('select * from payouts where box = ? and bundle = ? order by at, id', [$box, $bundle]);
    }

    /** What is older than two days nobody tells of any more. */
    public function forget(int $now): void
    {
        $this->rows('delete from told where bid in (select id from bids where at < ?)', [$now - 172_800]);
        $this->rows('delete from bids where at < ?', [$now - 172_800]);
    }

    /**
     * @param  list<mixed>  $values
     * @return list<array<string, mixed>>
     */
    private function rows(string $sql, array $values): array
    {
        $statement = $this->database->prepare($sql);
        $statement->execute($values);

        return $statement->fetchAll(PDO::FETCH_ASSOC);
    }
}
