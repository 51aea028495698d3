<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Aftermath;
use App\Jobs\DoOwed;
use App\Models\RoutineRun;
use App\Records\DataFile;
use App\Records\Happenings;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Routine;
use Lanai\Core\Play\Later;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Throwable;

/**
 * What is owed for something that happened to a purchase: what buying it does, and the routines that wait for it. It is written down together with what
 * happened, done once, and crossed off; what broke off is done when it is found.
 */
final readonly class Owed
{
    /** Done in one go; then others have their turn. */
    private const AT_A_TIME = 50;

    /** Seconds after which what was refused is tried again, twice as many each time. */
    private const WAITS = 60;

    private const LONGEST = 21600;

    /** Days: of what happened longer ago than that, as where purchases of years are restored, routines hear nothing. */
    private const OLD = 7;

    private const HAPPENS = ['buys' => Happened::Bought, 'pays' => Happened::Paid, 'fails' => Happened::Failed, 'leaves' => Happened::Left,
        'returns' => Happened::Returned, 'refunded' => Happened::Refunded];

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if (! $schema->hasTable('_owed')) {
            $schema->create('_owed', function (Schema $table): void {
                $table->id();
                $table->foreignId('purchase')->constrained('_purchases')->cascadeOnDelete();
                $table->string('event');
                // The name of a routine; '' for what buying the product does.
                $table->string('routine');
                $table->unsignedInteger('tries')->default(0);
                $table->unsignedBigInteger('next')->index();
                $table->unsignedBigInteger('run')->nullable();
            });
        }
    }

    /**
     * Writes down what is owed for something that happened; called within the transaction that keeps it.
     *
     * @param  bool  $again  they had bought it before
     */
    public function owe(int $purchase, Product $product, Event $event, bool $again): void
    {
        $owed = $event->what === Happened::Bought && $product->bought !== [] ? [''] : [];
        foreach ($event->at < new DateTimeImmutable('-'.self::OLD.' days') ? [] : $this->space->blueprint()->routines as $routine) {
            $waits = self::HAPPENS[$routine->happens] ?? null;
            $returns = $routine->happens === 'returns' && $again && $event->what === Happened::Bought;
            if (($waits === $event->what || $returns) && mb_strtolower($routine->product) === mb_strtolower($product->name)) {
                $owed[] = $routine->name;
            }
        }
        foreach ($owed as $routine) {
            $this->database->table('_owed')->insert(['purchase' => $purchase, 'event' => $event->id, 'routine' => $routine, 'next' => time()]);
        }
        if ($owed !== []) {
            [$app, $set] = [$this->space->app->id, $this->space->set->value];
            $this->database->afterCommit(fn () => DoOwed::dispatch($app, $set));
        }
    }

    /** Whether anything is to be done by now. */
    public function any(int $now): bool
    {
        return $this->database->table('_owed')->where('next', '<=', $now)->exists();
    }

    /** @return bool whether there is more */
    public function doAll(int $now): bool
    {
        $owed = $this->database
            ->table('_owed')
            ->join('_purchases', '_purchases.id', '=', '_owed.purchase')
            ->where('next', '<=', $now)
            ->orderBy('_owed.id')
            ->limit(self::AT_A_TIME)
            ->get(['_owed.*', '_purchases.person', '_purchases.product', '_purchases.till', '_purchases.token']);
        foreach ($owed as $one) {
            $this->do($one, $now);
        }

        return count($owed) === self::AT_A_TIME;
    }

    private function do(\stdClass $owed, int $now): void
    {
        $mine = $this->database->table('_owed')->where(['id' => $owed->id, 'tries' => $owed->tries]);
        $wait = min(self::LONGEST, self::WAITS * 2 ** min(20, (int) $owed->tries));
        // Whoever is at it has it for so long; where they break off it is taken up then.
        if ($mine->clone()->update(['tries' => $owed->tries + 1, 'next' => $now + $wait]) === 0) {
            return;
        }
        $mine = $this->database->table('_owed')->where('id', $owed->id);
        $product = $this->space->blueprint()->product((string) $owed->product);
        if ($product === null || $owed->person === null) {
            $mine->delete();

            return;
        }
        $run = $this->run($owed, $product);
        $mine->clone()->update(['run' => $run->id]);
        $run->update(['tries' => $owed->tries + 1]);
        $trail = new Trail(fn (): int => (int) hrtime(true));
        try {
            $outcome = $this->outcome($owed, $product, $run, $trail);
        } catch (Throwable $fault) {
            $run->update(['state' => 'waiting', 'said' => 'Something broke inside Lanai. Nothing was changed, and it is tried again.']);
            report($fault);

            return;
        }
        Aftermath::of($outcome, $this->space, (int) $owed->person);
        $run->ended($outcome, $trail, $outcome->refused !== '');
        if ($outcome->refused === '') {
            $mine->delete();
        }
    }

    private function run(\stdClass $owed, Product $product): RoutineRun
    {
        $known = $owed->run === null ? null : RoutineRun::query()->find($owed->run);
        $routine = (string) $owed->routine === '' ? "$product->name is bought" : (string) $owed->routine;
        $what = $this->database->table('_purchase_events')->where(['purchase' => $owed->purchase, 'event' => $owed->event])->value('what');

        return $known ?? RoutineRun::waiting($this->space->app, $this->space->set, $routine, "$product->name $what", [], [$routine]);
    }

    private function outcome(\stdClass $owed, Product $product, RoutineRun $run, Trail $trail): Outcome
    {
        $zone = new DateTimeZone('UTC');
        $visit = new Visit(new Moment(new DateTimeImmutable('now', $zone), $zone), person: (int) $owed->person);
        $key = hash('sha256', "owed $owed->id $owed->till $owed->token $owed->event $owed->routine");
        $player = $this->space->itself();

        return Happenings::during(
            $run->chain,
            fn (): Outcome => (string) $owed->routine === ''
                ? $player->bought($product->key(), $key, $visit, $trail)
                : $player->later(new Later((string) $owed->routine, [], 0), $visit, $trail, $key),
        );
    }
}
