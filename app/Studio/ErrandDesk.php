<?php

declare(strict_types=1);

namespace App\Studio;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Services\ServiceDesk;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Errands\Roamed;
use Lanai\Core\Errands\Roamer;
use Lanai\Core\Errands\Runner;
use Lanai\Core\Errands\StepDone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Errand;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use Throwable;

/**
 * Does the errands of an app in a copy of its sandbox, each from the same beginning: nothing of it stays, and no letter is sent.
 *
 * @phpstan-type Done array{
 *     name: string, at: string, person: string, steps: list<array{said: string, wrong: string, screen: string}>, wrong: string, milliseconds: float,
 *     devices?: list<array{name: string, wrong: string}>
 * }
 */
final readonly class ErrandDesk
{
    /** So many at most. */
    private const MOST = 100;

    private const FIRST = 'Android phone';

    /** What they are done on: platform and form. */
    private const DEVICES = [self::FIRST => ['android', 'phone'], 'iPhone' => ['ios', 'phone'], 'tablet in a browser' => ['web', 'tablet']];

    /** Seconds for all of them together. */
    private const TIME = 20;

    /** @return list<string> services of others that errands would ask: what is asked there may cost, or do something */
    public function waits(App $app): array
    {
        $others = array_filter($app->revision->read()->services, fn (Service $one): bool => ! str_starts_with($one->addressFor(false), 'stand-in:'));

        return $app->revision->read()->errands === [] ? [] : array_values(array_map(fn (Service $one): string => $one->name, $others));
    }

    /** All errands as they stand in the script. */
    public function text(App $app): string
    {
        $all = array_filter(explode("\n\n", trim($app->revision->read()->script())), fn (string $part): bool => str_starts_with($part, 'errand '));

        return $all === [] ? '' : implode("\n\n", $all)."\n";
    }

    /**
     * @param  bool  $onDevices  each on three devices
     * @return list<Done>
     */
    public function all(App $app, bool $onDevices = false): array
    {
        $errands = array_slice($app->revision->read()->errands, 0, self::MOST);

        return $errands === [] ? [] : $this->inCopy($app, function (?App $copy, string $connection) use ($app, $errands, $onDevices): array {
            $until = self::until();

            $does = fn (Errand $errand, string $key, string $device): array => match (true) {
                $copy === null => self::wrong(SandboxCopy::TOO_LARGE),
                hrtime(true) > $until => self::wrong('The errands before it took '.self::TIME.' seconds: there was no time for this one.'),
                default => $this->one($app, $copy, $errand, $key, $connection, $device),
            };

            return array_map(function (Errand $errand, int $i) use ($does, $onDevices): array {
                $told = $this->told($errand, $i, fn (): array => $does($errand, "errand $i", self::FIRST));
                if ($onDevices) {
                    $others = array_map(fn (string $device): array => [
                        'name' => $device,
                        'wrong' => $device === self::FIRST ? $told['wrong'] : self::last($does($errand, "errand $i $device", $device)),
                    ], array_keys(self::DEVICES));
                    $told['devices'] = $others;
                }

                return $told;
            }, $errands, array_keys($errands));
        });
    }

    /**
     * Goes through the app as somebody who taps everything once, by errands that are made on the way. No service is asked.
     *
     * @param  string  $person  the name of somebody in the sandbox; '' for nobody who has signed in
     * @return array{taps: list<Roamed>, whole: bool, trouble: string} whole: whether there was time for all of it
     */
    public function roam(App $app, string $person): array
    {
        return $this->inCopy($app, function (?App $copy, string $connection) use ($app, $person): array {
            if ($copy === null) {
                return ['taps' => [], 'whole' => false, 'trouble' => SandboxCopy::TOO_LARGE];
            }
            $until = self::until();
            $store = new EloquentRecordStore($copy, DataSet::Sandbox, $app->revision->read());
            $id = $this->person($store, $person);
            if ($id === 0) {
                return ['taps' => [], 'whole' => false, 'trouble' => "There is nobody called “{$person}” in the sandbox."];
            }
            $go = fn (Errand $errand): Runner => $this->takenBack($connection, function () use ($copy, $store, $id, $errand): Runner {
                $runner = $this->runner($copy, $store, $id, 'roam '.bin2hex(random_bytes(6)), null);
                try {
                    $runner->run($errand);
                    $runner->now();
                } catch (Throwable $trouble) {
                    report($trouble);
                    $runner->wrong = 'It broke off: '.$trouble->getMessage();
                }

                return $runner;
            });
            $taps = (new Roamer($go, fn (): bool => hrtime(true) < $until))->roam();

            return ['taps' => $taps, 'whole' => count($taps) < Roamer::TAPS && hrtime(true) < $until, 'trouble' => ''];
        });
    }

    private static function until(): int
    {
        return hrtime(true) + self::TIME * 1_000_000_000;
    }

    /**
     * @template T
     *
     * @param  callable(App|null, string): T  $does  with an app that is there for the moment only, and its connection; null where it is too large
     * @return T
     */
    private function inCopy(App $app, callable $does): mixed
    {
        $copy = SandboxCopy::of($app);
        try {
            return $does($copy?->app, (string) $copy?->connection);
        } finally {
            $copy?->remove();
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
            'wrong' => self::last($steps),
            'milliseconds' => round((hrtime(true) - $from) / 1e6, 1),
        ];
    }

    /** @param  list<StepDone>  $steps */
    private static function last(array $steps): string
    {
        return $steps === [] ? 'It has no steps yet.' : $steps[count($steps) - 1]->wrong;
    }

    /** @return list<StepDone> */
    private function one(App $app, App $copy, Errand $errand, string $key, string $connection, string $device): array
    {
        return $this->takenBack($connection, function () use ($app, $copy, $errand, $key, $device): array {
            try {
                $store = new EloquentRecordStore($copy, DataSet::Sandbox, $app->revision->read());
                $person = $this->person($store, $errand->person);

                return $person === 0
                    ? self::wrong("There is nobody called “{$errand->person}” in the sandbox.")
                    : $this->runner($copy, $store, $person, $key, new ServiceDesk($app, DataSet::Sandbox), $device)->run($errand);
            } catch (Throwable $trouble) {
                report($trouble);

                return self::wrong('This errand could not be done: '.$trouble->getMessage());
            }
        });
    }

    /** @param  App  $copy  the copy: also its inboxes and switches are those of the moment */
    private function runner(App $copy, EloquentRecordStore $store, ?int $person, string $key, ?ServiceDesk $services, string $device = self::FIRST): Runner
    {
        $blueprint = $copy->revision->read();
        $player = new Player($blueprint, $store, null, $services, rehearsal: true, messaging: Space::sandbox($copy)->messaging());

        [$platform, $form] = self::DEVICES[$device] ?? self::DEVICES[self::FIRST];
        $moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'), 'en_GB');

        return new Runner($blueprint, $player, $moment, $person, $key, $platform, $form);
    }

    /**
     * What it does is taken back afterwards: the next one begins from the same.
     *
     * @template T
     *
     * @param  callable(): T  $does
     * @return T
     */
    private function takenBack(string $connection, callable $does): mixed
    {
        $database = DB::connection($connection);
        $database->beginTransaction();
        try {
            return $does();
        } finally {
            $database->rollBack(0);
        }
    }

    /** @return list<StepDone> */
    private static function wrong(string $why): array
    {
        return [new StepDone('begin', $why, '')];
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
