<?php

declare(strict_types=1);

namespace App\Studio;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Services\ServiceDesk;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Lanai\Core\Errands\Runner;
use Lanai\Core\Errands\StepDone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Errand;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use Throwable;

/**
 * Does the errands of an app in a copy of its sandbox, each from the same beginning: nothing of it stays, and no letter is sent.
 *
 * @phpstan-type Done array{
 *     name: string, at: string, person: string, steps: list<array{said: string, wrong: string, screen: string}>, wrong: string, milliseconds: float
 * }
 */
final readonly class ErrandDesk
{
    /** Bytes of a sandbox that is copied for each errand. */
    private const LARGEST = 48 * 1024 * 1024;

    /** So many at most. */
    private const MOST = 100;

    /** Seconds for all of them together. */
    private const TIME = 20;

    /** @return list<Done> */
    public function all(App $app): array
    {
        $errands = array_slice($app->revision->read()->errands, 0, self::MOST);
        if ($errands === []) {
            return [];
        }
        // An app that is there for the moment only: its number belongs to none.
        $copy = (clone $app)->setAttribute('id', -random_int(1, PHP_INT_MAX));
        $copy->setRelation('revision', $app->revision);
        $file = new DataFile($copy, DataSet::Sandbox);
        try {
            $isCopied = $this->isCopied($app, $file);
            $until = hrtime(true) + self::TIME * 1_000_000_000;

            return array_map(fn (Errand $errand, int $i): array => $this->told($errand, $i, match (true) {
                ! $isCopied => fn (): array => self::wrong('The sandbox is too large to be copied for errands: 48 MB at most.'),
                hrtime(true) > $until => fn (): array => self::wrong('The errands before it took '.self::TIME.' seconds: there was no time for this one.'),
                default => fn (): array => $this->one($app, $copy, $errand, "errand $i", $file->connection),
            }), $errands, array_keys($errands));
        } finally {
            DB::purge($file->connection);
            File::deleteDirectory(dirname($file->path));
        }
    }

    /**
     * @param  callable(): list<StepDone>  $does
     * @return Done
     */
    private function told(Errand $errand, int $i, callable $does): array
    {
        $from = hrtime(true);
        $steps = $does();

        return [
            'name' => $errand->name,
            'at' => "/errands/$i",
            'person' => $errand->person,
            'steps' => array_map(fn (StepDone $one): array => ['said' => $one->said, 'wrong' => $one->wrong, 'screen' => $one->screen], $steps),
            'wrong' => $steps === [] ? 'It has no steps yet.' : $steps[count($steps) - 1]->wrong,
            'milliseconds' => round((hrtime(true) - $from) / 1e6, 1),
        ];
    }

    /** @return list<StepDone> */
    private function one(App $app, App $copy, Errand $errand, string $key, string $connection): array
    {
        $database = DB::connection($connection);
        // What it does is taken back afterwards: the next one begins from the same.
        $database->beginTransaction();
        try {
            $blueprint = $app->revision->read();
            $store = new EloquentRecordStore($copy, DataSet::Sandbox, $blueprint);
            $person = $this->person($store, $errand->person);
            if ($person === 0) {
                return self::wrong("There is nobody called “{$errand->person}” in the sandbox.");
            }
            $player = new Player(
                $blueprint,
                $store,
                null,
                new ServiceDesk($app, DataSet::Sandbox),
                rehearsal: true,
                messaging: Space::sandbox($app)->messaging(),
            );
            $moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'), 'en_GB');

            return (new Runner($blueprint, $player, $moment, $person, $key))->run($errand);
        } catch (Throwable $trouble) {
            report($trouble);

            return self::wrong('This errand could not be done: '.$trouble->getMessage());
        } finally {
            $database->rollBack(0);
        }
    }

    /** @return list<StepDone> */
    private static function wrong(string $why): array
    {
        return [new StepDone('begin', $why, '')];
    }

    private function isCopied(App $app, DataFile $to): bool
    {
        $from = new DataFile($app, DataSet::Sandbox);
        if (filesize($from->path) > self::LARGEST) {
            return false;
        }
        DB::purge($to->connection);
        File::delete($to->path);
        DB::connection($from->connection)->statement('VACUUM INTO ?', [$to->path]);

        return true;
    }

    /** @return int|null null for nobody, 0 where there is no such person */
    private function person(EloquentRecordStore $store, string $name): ?int
    {
        $people = $store->blueprint()->peopleTable();
        if ($name === '') {
            return null;
        }
        foreach ($people === null ? [] : $store->whole()->rows(new Query($people, limit: 500)) as $row) {
            if (mb_strtolower($row->label()) === mb_strtolower($name)) {
                return $row->id;
            }
        }

        return 0;
    }
}
