<?php

declare(strict_types=1);

namespace Standins;

use PDO;

/** What the stores remember, in a file of their own. */
final readonly class Ledger
{
    /** Of one package. */
    private const REVIEWS = 5000;

    private PDO $database;

    public function __construct(string $folder)
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $this->database = new PDO("sqlite:$folder/standins.sqlite", null, null, [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
            PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC,
        ]);
        $this->database->exec('pragma journal_mode = wal; pragma busy_timeout = 5000;
            create table if not exists submissions (id integer primary key autoincrement, store text not null, publisher text not null,
                file text not null, listing text not null,
                permissions text not null, received real not null, package text, code integer, signer text, version text, reasons text, released real);
            create table if not exists reviews (id integer primary key autoincrement, store text not null, package text not null, version text,
                code integer, stars integer not null, words text not null, by text not null, at text not null, answer text not null default \'\')');
        $this->grow();
    }

    /** @return list<array<string, mixed>> what people say of a package, the oldest first */
    public function reviews(string $store, string $package, int $after = 0): array
    {
        $statement = $this->database->prepare('select * from reviews where store = ? and package = ? and id > ? order by id limit 500');
        $statement->execute([$store, $package, $after]);

        return array_values($statement->fetchAll());
    }

    /** @return list<array<string, mixed>> the newest first */
    public function newestReviews(string $store, string $package, int $most): array
    {
        $statement = $this->database->prepare('select * from reviews where store = ? and package = ? order by id desc limit ?');
        $statement->execute([$store, $package, $most]);

        return array_values($statement->fetchAll());
    }

    /** @return array{count: int, mean: float} */
    public function stars(string $store, string $package): array
    {
        $found = $this->first('select count(*) as count, avg(stars) as mean from reviews where store = ? and package = ?', [$store, $package]);

        return ['count' => (int) ($found['count'] ?? 0), 'mean' => round((float) ($found['mean'] ?? 0), 1)];
    }

    /** @param  array<string, mixed>  $submission  the version that they have */
    public function review(string $store, array $submission, int $stars, string $words, string $by): void
    {
        $this->database->prepare('insert into reviews (store, package, version, code, stars, words, by, at) values (?, ?, ?, ?, ?, ?, ?, ?)')->execute([
            $store, $submission['package'], $submission['version'], $submission['code'], $stars, $words, $by, gmdate('c'),
        ]);
        // The oldest make room.
        $this->database->prepare('delete from reviews where store = ? and package = ? and id <= (select id from reviews where store = ? and package = ?
            order by id desc limit 1 offset ?)')->execute([$store, $submission['package'], $store, $submission['package'], self::REVIEWS]);
    }

    public function answerReview(string $store, string $package, int $id, string $words): bool
    {
        $statement = $this->database->prepare('update reviews set answer = ? where store = ? and package = ? and id = ?');
        $statement->execute([$words, $store, $package, $id]);

        return $statement->rowCount() === 1;
    }

    /** What was not kept at first. */
    private function grow(): void
    {
        $had = array_column($this->database->query('pragma table_info(submissions)')->fetchAll(), 'name');
        $wanted = [
            'share' => 'integer not null default 0',
            'halted' => 'real',
            'withdrawn' => 'real',
            'appeal' => 'text',
            'appealed' => 'real',
            'answer' => 'text',
            'pictures' => "text not null default ''",
            'track' => "text not null default 'everyone'",
            'testers' => "text not null default '[]'",
        ];
        foreach (array_diff_key($wanted, array_flip($had)) as $name => $type) {
            $this->database->exec("alter table submissions add column $name $type");
        }
    }

    /**
     * @param  array{store: string, publisher: string, file: string, listing: string, permissions: string, pictures?: string, track?: string,
     *     testers?: string}  $submission
     */
    public function receive(array $submission): int
    {
        $this->database
            ->prepare('insert into submissions (store, publisher, file, listing, permissions, pictures, track, testers, received)
                values (?, ?, ?, ?, ?, ?, ?, ?, ?)')
            ->execute([
                $submission['store'],
                $submission['publisher'],
                $submission['file'],
                $submission['listing'],
                $submission['permissions'],
                $submission['pictures'] ?? '',
                $submission['track'] ?? Track::Everyone->value,
                $submission['testers'] ?? '[]',
                microtime(true),
            ]);

        return (int) $this->database->lastInsertId();
    }

    /** @return array<string, mixed>|null */
    public function find(string $store, int $id): ?array
    {
        return $this->first('select * from submissions where store = ? and id = ?', [$store, $id]);
    }

    /** @return array<string, mixed>|null the newest approved submission of a package: what was only tried can still go to everyone */
    public function lastAccepted(string $store, string $package, Track $track = Track::Everyone): ?array
    {
        return $this->first("select * from submissions where store = ? and package = ? and reasons = '[]' and track in (?, 'everyone')
            order by code desc limit 1", [$store, $package, $track->value]);
    }

    /** Whose a package is: of whoever brought the first one that was good. */
    public function owner(string $store, string $package): ?string
    {
        $first = $package === '' ? null : $this->first("select publisher from submissions where store = ? and package = ? and reasons = '[]'
            order by id limit 1", [$store, $package]);

        return $first === null ? null : (string) $first['publisher'];
    }

    /** @return list<array<string, mixed>> the newest good version of each package of a publisher */
    public function ofPublisher(string $store, string $publisher): array
    {
        $statement = $this->database->prepare("select package, version, max(code) as code from submissions where store = ? and publisher = ?
            and reasons = '[]' and package <> '' group by package order by package limit 100");
        $statement->execute([$store, $publisher]);

        return array_values($statement->fetchAll());
    }

    /** @return list<array<string, mixed>> what is tried of a package, the newest first */
    public function tried(string $store, string $package): array
    {
        $statement = $this->database->prepare("select * from submissions where store = ? and package = ? and reasons = '[]' and track <> 'everyone'
            and halted is null and withdrawn is null order by code desc, id desc limit 20");
        $statement->execute([$store, $package]);

        return array_values($statement->fetchAll());
    }

    /**
     * @param  int  $place  of a hundred people, which one asks: who is beyond the share of a version gets the one before
     * @return array<string, mixed>|null
     */
    public function released(string $store, string $package, int $place): ?array
    {
        return $this->first('select * from submissions where store = ? and package = ? and released is not null and halted is null and withdrawn is null
            and share > ? order by released desc limit 1', [$store, $package, $place]);
    }

    /** @param  list<array{code: string, sentence: string, doubtful?: bool}>  $reasons */
    public function decide(int $id, Inspection $inspection, array $reasons): void
    {
        $this->database
            ->prepare('update submissions set package = ?, code = ?, signer = ?, version = ?, reasons = ? where id = ? and reasons is null')
            ->execute([$inspection->package, $inspection->code, $inspection->signer, $inspection->version, json_encode($reasons, JSON_THROW_ON_ERROR), $id]);
    }

    /** @param  int  $share  to how many of a hundred people */
    public function release(int $id, int $share): void
    {
        $this->database
            ->prepare('update submissions set released = coalesce(released, ?), share = ?, halted = null where id = ?')
            ->execute([microtime(true), $share, $id]);
    }

    /** @param  'halted'|'withdrawn'  $what */
    public function stop(int $id, string $what): void
    {
        $this->database->prepare("update submissions set $what = ? where id = ?")->execute([microtime(true), $id]);
    }

    public function appeal(int $id, string $words): void
    {
        $this->database->prepare('update submissions set appeal = ?, appealed = ? where id = ? and appeal is null')->execute([$words, microtime(true), $id]);
    }

    /** @param  list<array{code: string, sentence: string, doubtful?: bool}>  $reasons  that are left */
    public function answer(int $id, array $reasons, string $answer): void
    {
        $this->database
            ->prepare('update submissions set reasons = ?, answer = ? where id = ? and answer is null')
            ->execute([json_encode($reasons, JSON_THROW_ON_ERROR), $answer, $id]);
    }

    /**
     * @param  list<mixed>  $values
     * @return array<string, mixed>|null
     */
    private function first(string $sql, array $values): ?array
    {
        $statement = $this->database->prepare($sql);
        $statement->execute($values);

        return $statement->fetch() ?: null;
    }
}
