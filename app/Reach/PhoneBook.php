<?php

declare(strict_types=1);

namespace App\Reach;

use App\Reach\Carriers\Phone;
use App\Records\DataFile;
use App\Space;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Reach\Channel;

/** The phones of an app's people that let messages in, and what each person has turned on or off. */
final readonly class PhoneBook
{
    /** Phones of one person; the one that was here longest ago is forgotten. */
    private const MOST = 20;

    /** Phones of nobody who is signed in, in one data set. */
    private const NOBODYS = 100_000;

    private Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if ($schema->hasTable('_phones') && ! $schema->hasColumn('_phones', 'locale')) {
            $schema->table('_phones', fn (Schema $table) => $table->string('locale')->default(''));
        }
        if ($schema->hasTable('_choices')) {
            return;
        }
        $schema->create('_phones', function (Schema $table): void {
            $table->id();
            // By what the device calls itself here.
            $table->string('handle')->unique();
            $table->unsignedInteger('person')->default(0);
            // The session by which they are signed in; 0 where there is none. With it the messages end.
            $table->unsignedInteger('session')->default(0);
            // "web", "android", "ios"; "own" where the package fetches its messages.
            $table->string('carrier');
            $table->text('address');
            $table->text('keys')->default('{}');
            $table->string('zone')->default('UTC');
            // In which language, and how dates are written: such as de_AT; '' for the app's own.
            $table->string('locale')->default('');
            $table->unsignedBigInteger('since');
            $table->unsignedBigInteger('seen');
            $table->index('person');
        });
        $schema->create('_choices', function (Schema $table): void {
            $table->unsignedInteger('person');
            $table->string('channel');
            $table->boolean('on');
            $table->primary(['person', 'channel']);
        });
    }

    /**
     * A phone lets messages in, or is somebody else's now.
     *
     * @param  array<string, string>  $keys  what a message to it is sealed with
     */
    public function keep(string $handle, ?int $person, ?int $session, string $carrier, string $address, array $keys, string $zone, string $locale = ''): void
    {
        $now = now()->getTimestamp();
        $this->database->transaction(function () use ($handle, $person, $session, $carrier, $address, $keys, $zone, $locale, $now): void {
            // The same address under another name is the same phone.
            $this->phones()->where('address', $address)->where('handle', '!=', $handle)->delete();
            $this->phones()->upsert(
                [
                    'handle' => $handle,
                    'person' => $person ?? 0,
                    'session' => $session ?? 0,
                    'carrier' => $carrier,
                    'address' => $address,
                    'keys' => (string) json_encode($keys),
                    'zone' => $zone,
                    'locale' => $locale,
                    'since' => $now,
                    'seen' => $now,
                ],
                'handle',
                ['person', 'session', 'carrier', 'address', 'keys', 'zone', 'locale', 'seen'],
            );
            // Whoever is not signed in can be anybody, so that there is an end to it.
            $person !== null || $this->phones()->where('person', 0)->where('handle', '!=', $handle)->count() < self::NOBODYS
                || $this->phones()->where('person', 0)->orderBy('seen')->orderBy('id')->limit(1)->delete();
            if ($person !== null) {
                $kept = $this->phones()->where('person', $person)->orderByDesc('seen')->orderByDesc('id')->limit(self::MOST)->pluck('id');
                $this->phones()->where('person', $person)->whereIntegerNotInRaw('id', $kept)->delete();
            }
        });
    }

    /** It is somebody else's now, or nobody's. */
    public function belongs(string $handle, ?int $person, ?int $session, string $zone, string $locale = ''): bool
    {
        $now = ['person' => $person ?? 0, 'session' => $session ?? 0, 'zone' => $zone, 'locale' => $locale, 'seen' => now()->getTimestamp()];

        return $this->phones()->where('handle', $handle)->update($now) > 0;
    }

    public function forget(string $handle): ?Phone
    {
        $phone = $this->called($handle);
        $phone === null || $this->drop([$phone->id]);

        return $phone;
    }

    /** One that lets messages in; null where it does not, or whoever used it has signed out. */
    public function reached(string $handle): ?Phone
    {
        $raw = $this->inUse()->where('handle', $handle)->first();

        return $raw === null ? null : Phone::of($raw);
    }

    /** @param  list<int>  $ids  phones that are forgotten, with what lies ready for them */
    private function drop(array $ids): void
    {
        $this->database->transaction(function () use ($ids): void {
            $this->phones()->whereIntegerInRaw('id', $ids)->delete();
            $this->database->table('_shelf')->whereIntegerInRaw('phone', $ids)->delete();
        });
    }

    public function called(string $handle): ?Phone
    {
        $raw = $this->phones()->where('handle', $handle)->first();

        return $raw === null ? null : Phone::of($raw);
    }

    /** @param  list<int>  $ids  phones that their carriers do not know any more */
    public function bury(array $ids): void
    {
        $ids === [] || $this->drop($ids);
    }

    /**
     * The phones of some people that let messages in; nobody's for 0.
     *
     * @param  list<int>  $people
     * @return array<int, list<Phone>> by person
     */
    public function of(array $people): array
    {
        $found = [];
        foreach ($this->inUse()->whereIntegerInRaw('person', $people)->orderByDesc('seen')->get() as $raw) {
            $found[(int) $raw->person][] = Phone::of($raw);
        }

        return $found;
    }

    /** @return array<int, Phone> phones of nobody who is signed in, after one of them */
    public function ofNobody(int $after, int $most): array
    {
        $found = [];
        foreach ($this->inUse()->where('person', 0)->where('id', '>', $after)->orderBy('id')->limit($most)->get() as $raw) {
            $found[(int) $raw->id] = Phone::of($raw);
        }

        return $found;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, Phone>
     */
    public function byIds(array $ids): array
    {
        $found = [];
        foreach ($this->inUse()->whereIntegerInRaw('_phones.id', $ids)->get() as $raw) {
            $found[(int) $raw->id] = Phone::of($raw);
        }

        return $found;
    }

    /** @return list<string> the time zones in which somebody is */
    public function zones(): array
    {
        return array_values(array_map(strval(...), $this->inUse()->distinct()->pluck('zone')->all()));
    }

    /** @return array<string, int> how many phones let messages in, by their carriers */
    public function counts(): array
    {
        $found = [];
        foreach ($this->inUse()->groupBy('carrier')->selectRaw('carrier, count(*) as n')->get() as $raw) {
            $found[(string) $raw->carrier] = (int) $raw->n;
        }

        return $found;
    }

    public function choose(int $person, Channel $channel, bool $on): void
    {
        $this->database->table('_choices')->upsert(
            ['person' => $person, 'channel' => $channel->key(), 'on' => $on],
            ['person', 'channel'],
            ['on'],
        );
    }

    /**
     * Who of some people has turned a channel on or off.
     *
     * @param  list<int>  $people
     * @return array<int, bool> by person; who has chosen nothing is not there
     */
    public function choices(array $people, Channel $channel): array
    {
        $found = [];
        $chosen = $this->database->table('_choices')->where('channel', $channel->key())->whereIntegerInRaw('person', $people);
        foreach ($chosen->get(['person', 'on']) as $raw) {
            $found[(int) $raw->person] = (bool) $raw->on;
        }

        return $found;
    }

    /** @return array<string, bool> what one person has chosen, by the keys of the channels */
    public function chosenBy(int $person): array
    {
        return array_map(boolval(...), $this->database->table('_choices')->where('person', $person)->pluck('on', 'channel')->all());
    }

    public function forgetPerson(int $person): void
    {
        $this->drop(array_values(array_map(intval(...), $this->phones()->where('person', $person)->pluck('id')->all())));
        $this->database->table('_choices')->where('person', $person)->delete();
    }

    private function phones(): Builder
    {
        return $this->database->table('_phones');
    }

    /** Whoever has signed out, or was signed out, gets nothing any more. */
    private function inUse(): Builder
    {
        $phones = $this->phones()->select('_phones.*');

        return $this->space->blueprint()->signIn === null
            ? $phones
            : $phones->where(fn (Builder $one) => $one->where('session', 0)->orWhereExists(
                fn (Builder $sessions) => $sessions->from('_sessions')->whereColumn('_sessions.id', '_phones.session')->where('expires_at', '>', now()),
            ));
    }
}
