<?php

declare(strict_types=1);

namespace App\Adverts;

use App\Records\DataFile;
use App\Space;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Play\Rewards;
use Lanai\Core\Rows\Refused;

/** Rewards for adverts that were seen to their end: the device says that it showed them, the network confirms it, and each is taken once. */
final readonly class RewardBook implements Rewards
{
    /** Seconds after which a reward that nobody has taken is gone. */
    private const KEPT = 30 * 86400;

    /** What part of its time has to have passed since an advert was sent: clocks and connections differ. */
    private const PASSED = 0.9;

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if ($schema->hasTable('_advert_rewards')) {
            return;
        }
        $schema->create('_advert_rewards', function (Schema $table): void {
            $table->string('key')->primary();
            $table->string('place');
            // By which the network knows what it was asked for.
            $table->string('request')->unique();
            $table->unsignedBigInteger('at');
            $table->unsignedInteger('milliseconds');
            $table->boolean('through')->default(false);
            $table->boolean('confirmed')->default(false);
            $table->boolean('taken')->default(false);
            $table->index('at');
        });
    }

    /** An advert was sent to be seen for a reward. */
    public function opens(string $key, string $place, string $request, int $milliseconds, int $now): void
    {
        $this->database->table('_advert_rewards')->insert([
            'key' => $key,
            'place' => $place,
            'request' => $request,
            'at' => $now,
            'milliseconds' => $milliseconds,
        ]);
    }

    public function knows(string $key): bool
    {
        return $this->database->table('_advert_rewards')->where('key', $key)->exists();
    }

    /** Whether it is true, and new, that somebody has seen an advert to its end: its time has passed. */
    public function ends(string $key, int $now): bool
    {
        $raw = $this->database->table('_advert_rewards')->where('key', $key)->first();

        return $raw !== null && ($now - (int) $raw->at) * 1000 >= self::PASSED * (int) $raw->milliseconds
            && $this->database->table('_advert_rewards')->where(['key' => $key, 'through' => false])->update(['through' => true]) === 1;
    }

    /** The network says that what it was asked for was seen to its end. */
    public function confirm(string $request): bool
    {
        return $this->database->table('_advert_rewards')->where(['request' => $request, 'through' => true])->update(['confirmed' => true]) === 1;
    }

    /** @return 'given'|'waits'|'none' whether it can be taken; what was taken is none any more */
    public function state(string $key): string
    {
        $raw = $this->database->table('_advert_rewards')->where('key', $key)->first();

        return match (true) {
            $raw === null || ! $raw->through || $raw->taken => 'none',
            (bool) $raw->confirmed => 'given',
            default => 'waits',
        };
    }

    public function take(string $key, string $place): void
    {
        $mine = $this->database->table('_advert_rewards')->where(['key' => $key, 'place' => $place]);
        if ((clone $mine)->where(['confirmed' => true, 'taken' => false])->update(['taken' => true]) === 1) {
            (new AdvertBook($this->space))->moment($place, 'rewarded', time());

            return;
        }
        $raw = $mine->first();
        throw new Refused(match (true) {
            $raw === null => 'There is no reward for this.',
            (bool) $raw->taken => 'You have had this reward already.',
            default => 'The network has not said yet that the advert was seen. Please try again in a moment.',
        });
    }

    public function tidy(int $now): void
    {
        $this->database->table('_advert_rewards')->where('at', '<', $now - self::KEPT)->delete();
    }
}
