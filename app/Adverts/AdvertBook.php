<?php

declare(strict_types=1);

namespace App\Adverts;

use App\Records\DataFile;
use App\Space;
use DateTimeImmutable;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Adverts\Caps;
use Lanai\Core\Adverts\Consent;
use Lanai\Core\Adverts\Offered;
use Lanai\Core\Adverts\Visitor;
use ValueError;

/** The adverts of an app in one data set: what was shown to whom and when, what became of it, and what somebody allows. */
final readonly class AdvertBook
{
    /** Seconds for which it is known what was shown to whom: the longest cap. */
    private const KEPT = Caps::DAY;

    /** A visit ends when nothing was looked at for so many seconds (common practice, no source). */
    private const VISIT = 1800;

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        RewardBook::prepare($database);
        self::prepareMoments($database);
        if ($schema->hasTable('_advert_days')) {
            return;
        }
        $schema->create('_adverts', function (Schema $table): void {
            $table->id();
            // Nobody can guess it: with it a device says what became of the advert.
            $table->string('key')->unique();
            $table->string('place');
            $table->string('viewer');
            $table->unsignedBigInteger('at');
            $table->string('country');
            $table->string('price');
            $table->string('currency');
            $table->text('offer');
            $table->boolean('seen')->default(false);
            $table->boolean('clicked')->default(false);
            $table->index(['viewer', 'at']);
            $table->index('at');
        });
        $schema->create('_advert_viewers', function (Schema $table): void {
            $table->string('viewer')->primary();
            $table->unsignedInteger('visits')->default(1);
            $table->unsignedBigInteger('last');
            $table->text('consent')->nullable();
        });
        $schema->create('_advert_days', function (Schema $table): void {
            $table->string('day');
            $table->string('place');
            $table->string('country');
            $table->string('currency');
            foreach (['asked', 'filled', 'seen', 'clicked', 'earned'] as $count) {
                // Earned in millionths of the currency.
                $table->unsignedBigInteger($count)->default(0);
            }
            $table->primary(['day', 'place', 'country', 'currency']);
        });
    }

    private static function prepareMoments(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if ($schema->hasTable('_advert_moments')) {
            return;
        }
        $schema->create('_advert_told', function (Schema $table): void {
            $table->string('key');
            $table->string('what');
            $table->unsignedBigInteger('at');
            $table->primary(['key', 'what']);
            $table->index('at');
        });
        $schema->create('_advert_moments', function (Schema $table): void {
            $table->string('day');
            $table->string('place');
            $table->string('what');
            $table->unsignedBigInteger('count')->default(0);
            $table->primary(['day', 'place', 'what']);
        });
    }

    /** By what somebody is known here: made of what their device has thought up, and of use nowhere else. */
    public function viewer(string $device): string
    {
        return substr(hash_hmac('sha256', "viewer/{$this->space->app->id}/{$this->space->set->value}/$device", (string) config('app.key')), 0, 32);
    }

    /** How often they have been here, this time counted. */
    public function visits(string $viewer, int $now): int
    {
        return $this->database->transaction(function () use ($viewer, $now): int {
            $known = $this->database->table('_advert_viewers')->where('viewer', $viewer);
            $raw = $known->first();
            $begins = $raw === null || $now - (int) $raw->last > self::VISIT;
            if ($begins) {
                $this->moment('', 'visits', $now);
            }
            if ($raw === null || gmdate('Y-m-d', (int) $raw->last) !== gmdate('Y-m-d', $now)) {
                $this->moment('', 'people', $now);
            }
            if ($raw === null) {
                $this->database->table('_advert_viewers')->insert(['viewer' => $viewer, 'last' => $now]);

                return 1;
            }
            $visits = (int) $raw->visits + ($begins ? 1 : 0);
            $known->update(['visits' => $visits, 'last' => $now]);

            return $visits;
        });
    }

    public function consent(string $viewer): ?Consent
    {
        $written = $this->database->table('_advert_viewers')->where('viewer', $viewer)->value('consent');
        try {
            return is_string($written) ? Consent::read($written) : null;
        } catch (ValueError) {
            return null;
        }
    }

    public function allow(string $viewer, Consent $consent, int $now): void
    {
        $this->database->table('_advert_viewers')->upsert(['viewer' => $viewer, 'last' => $now, 'consent' => $consent->written()], 'viewer', ['consent']);
    }

    /** @return list<int> when adverts were shown to them, in seconds, for as far back as a cap can look */
    public function shown(string $viewer, int $now): array
    {
        return array_map(intval(...), $this->database->table('_adverts')->where('viewer', $viewer)->where('at', '>', $now - self::KEPT)->pluck('at')->all());
    }

    /** When one was shown to them last in a place, in seconds; 0 for never, as far as is known. */
    public function last(string $viewer, string $place): int
    {
        return (int) $this->database->table('_adverts')->where(['viewer' => $viewer, 'place' => $place])->max('at');
    }

    public function asked(string $place, Visitor $visitor, string $currency, int $now): void
    {
        $this->count($place, $visitor->country, $currency, $now, 'asked');
    }

    /** @return string the key of what is shown */
    public function show(string $place, Visitor $visitor, Offered $offered, string $viewer, string $currency, int $now): string
    {
        $key = bin2hex(random_bytes(16));
        $this->database->transaction(function () use ($place, $visitor, $offered, $viewer, $currency, $now, $key): void {
            $this->database->table('_adverts')->insert([
                'key' => $key,
                'place' => $place,
                'viewer' => $viewer,
                'at' => $now,
                'country' => $visitor->country,
                'price' => $offered->price,
                'currency' => $currency,
                'offer' => json_encode(get_object_vars($offered), JSON_THROW_ON_ERROR),
            ]);
            $this->count($place, $visitor->country, $currency, $now, 'filled');
        });

        return $key;
    }

    /**
     * It was seen, or tapped: each counts once.
     *
     * @param  'seen'|'clicked'  $what
     * @return array<string, mixed>|null what was offered, where it counts now
     */
    public function became(string $key, string $what): ?array
    {
        return $this->database->transaction(function () use ($key, $what): ?array {
            $raw = $this->database->table('_adverts')->where('key', $key)->first();
            if ($raw === null || $this->database->table('_adverts')->where(['id' => $raw->id, $what => false])->update([$what => true]) === 0) {
                return null;
            }
            $this->count((string) $raw->place, (string) $raw->country, (string) $raw->currency, (int) $raw->at, $what);
            if ($what === 'seen') {
                // A price is for a thousand: a thousandth of it, in millionths.
                $earned = (int) round((float) $raw->price * 1000);
                $this->count((string) $raw->place, (string) $raw->country, (string) $raw->currency, (int) $raw->at, 'earned', $earned);
            }

            return self::offer($raw);
        });
    }

    /**
     * Something happened to an advert, such as that a quarter of its film was seen: each counts once.
     *
     * @return array<string, mixed>|null what was offered, where it counts now
     */
    public function happened(string $key, string $what, int $now): ?array
    {
        return $this->database->transaction(function () use ($key, $what, $now): ?array {
            $raw = $this->database->table('_adverts')->where('key', $key)->first();
            if ($raw === null || $this->database->table('_advert_told')->insertOrIgnore(['key' => $key, 'what' => $what, 'at' => $now]) === 0) {
                return null;
            }
            $this->moment((string) $raw->place, $what, (int) $raw->at);

            return self::offer($raw);
        });
    }

    /** One more of what happens in a place. */
    public function moment(string $place, string $what, int $at): void
    {
        $key = ['day' => gmdate('Y-m-d', $at), 'place' => $place, 'what' => $what];
        $this->database->table('_advert_moments')->insertOrIgnore($key);
        $this->database->table('_advert_moments')->where($key)->increment('count');
    }

    /**
     * What happened in some days.
     *
     * @return array<string, array<string, int>> place => what => how often
     */
    public function moments(DateTimeImmutable $from, DateTimeImmutable $before): array
    {
        $told = [];
        $found = $this->database->table('_advert_moments')->where('day', '>=', $from->format('Y-m-d'))->where('day', '<', $before->format('Y-m-d'));
        foreach ($found->groupBy('place', 'what')->selectRaw('place, what, sum(count) as count')->get() as $raw) {
            $told[(string) $raw->place][(string) $raw->what] = (int) $raw->count;
        }

        return $told;
    }

    /** @return array<string, mixed>|null what was offered */
    public function find(string $key): ?array
    {
        $raw = $this->database->table('_adverts')->where('key', $key)->first();

        return $raw === null ? null : self::offer($raw);
    }

    /** @return array<string, mixed> */
    private static function offer(\stdClass $raw): array
    {
        $offer = json_decode((string) $raw->offer, true);

        return is_array($offer) ? $offer : [];
    }

    private function count(string $place, string $country, string $currency, int $at, string $what, int $by = 1): void
    {
        $key = ['day' => gmdate('Y-m-d', $at), 'place' => $place, 'country' => $country, 'currency' => $currency];
        $this->database->table('_advert_days')->insertOrIgnore($key);
        $this->database->table('_advert_days')->where($key)->increment($what, $by);
    }

    /** What nobody asks about any more is forgotten; the figures of the days stay. */
    public function tidy(int $now): void
    {
        $this->database->table('_adverts')->where('at', '<', $now - 2 * self::KEPT)->delete();
        $this->database->table('_advert_told')->where('at', '<', $now - 2 * self::KEPT)->delete();
        (new RewardBook($this->space))->tidy($now);
        $this->database->table('_advert_viewers')->whereNull('consent')->where('last', '<', $now - 400 * 86400)->delete();
    }

    /**
     * What came of each place in some days, or on each day, or from each country.
     *
     * @param  'place'|'day'|'country'  $by
     * @return list<array{place: string, currency: string, asked: int, filled: int, seen: int, clicked: int, earned: float}>  place: what it is of
     */
    public function figures(DateTimeImmutable $from, DateTimeImmutable $before, string $by = 'place'): array
    {
        $sums = implode(', ', array_map(fn (string $count): string => "sum($count) as $count", ['asked', 'filled', 'seen', 'clicked', 'earned']));
        $found = $this->database
            ->table('_advert_days')
            ->where('day', '>=', $from->format('Y-m-d'))
            ->where('day', '<', $before->format('Y-m-d'))
            ->groupBy($by, 'currency')
            ->selectRaw("$by as whose, currency, $sums")
            ->orderBy($by)
            ->get();

        return array_values(array_map(fn (\stdClass $raw): array => [
            'place' => (string) $raw->whose,
            'currency' => (string) $raw->currency,
            'asked' => (int) $raw->asked,
            'filled' => (int) $raw->filled,
            'seen' => (int) $raw->seen,
            'clicked' => (int) $raw->clicked,
            'earned' => (int) $raw->earned / 1_000_000,
        ], $found->all()));
    }
}
