<?php

declare(strict_types=1);

namespace App\Reach;

use App\Reach\Carriers\Parcel;
use App\Reach\Carriers\Phone;
use App\Records\DataFile;
use App\Space;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;

/**
 * Messages that lie ready until the phone that they are for fetches them: the app's own way to packages that no carrier reaches.
 *
 * @phpstan-type Ready array{id: string, title: string, text: string, picture: string, silent: bool, tag: string, place: string,
 *     channel: string, channelName: string}
 */
final readonly class Shelf
{
    /** So many for one phone; the oldest go first. */
    public const MOST = 20;

    /** Seconds for which it is still known that one was fetched, after it is worth nothing any more. */
    private const KNOWN = 86_400;

    private Connection $database;

    public function __construct(Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if ($schema->hasTable('_shelf')) {
            return;
        }
        $schema->create('_shelf', function (Schema $table): void {
            $table->id();
            $table->string('uid')->unique();
            $table->unsignedInteger('phone');
            // Whose phone it was then: whoever uses it after them does not get it.
            $table->unsignedInteger('person')->default(0);
            $table->string('replaces')->default('');
            $table->unsignedBigInteger('until');
            $table->text('told');
            $table->unsignedBigInteger('fetched')->default(0);
            $table->index(['phone', 'fetched']);
            $table->index('until');
        });
    }

    /** Lays a message ready; one that was laid ready before, or fetched, is not laid there again. */
    public function lay(Parcel $parcel): void
    {
        $phone = $parcel->phone;
        $this->database->transaction(function () use ($parcel, $phone): void {
            $new = $this->all()->insertOrIgnore([
                'uid' => $parcel->id,
                'phone' => $phone->id,
                'person' => $phone->person,
                'replaces' => $parcel->replaces,
                'until' => $parcel->until,
                'told' => (string) json_encode([
                    'title' => $parcel->words->title,
                    'text' => $parcel->words->text,
                    // As wide as a phone shows it.
                    'picture' => $parcel->picture === '' ? '' : "$parcel->picture?w=640",
                    'silent' => $parcel->silent,
                    'tag' => $parcel->replaces,
                    'place' => $parcel->place(),
                    'channel' => $parcel->channel,
                    'channelName' => $parcel->channelName,
                ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE),
            ]);
            if ($new === 0) {
                return;
            }
            $waiting = $this->of($phone);
            $parcel->replaces === '' || (clone $waiting)->where('replaces', $parcel->replaces)->where('uid', '!=', $parcel->id)->delete();
            $kept = (clone $waiting)->orderByDesc('id')->limit(self::MOST)->pluck('id');
            $waiting->whereIntegerNotInRaw('id', $kept)->delete();
        });
    }

    /**
     * What lies ready for a phone, the oldest first: again and again, until it has said that it is there.
     *
     * @return list<Ready>
     */
    public function waiting(Phone $phone, int $now): array
    {
        $found = $this->of($phone)->where('person', $phone->person)->where('until', '>', $now)->orderBy('id')->get(['uid', 'told']);

        $read = fn (\stdClass $raw): array => ['id' => (string) $raw->uid, ...(array) json_decode((string) $raw->told, true)];

        /** @var list<Ready> */
        return array_values($found->map($read)->all());
    }

    /**
     * A phone has these.
     *
     * @param  list<string>  $uids
     * @return list<string> those of them that lay ready for it
     */
    public function had(Phone $phone, array $uids, int $now): array
    {
        $mine = $this->of($phone)->whereIn('uid', $uids);
        $had = array_values(array_map(strval(...), (clone $mine)->pluck('uid')->all()));
        $had === [] || $mine->update(['fetched' => $now, 'told' => '{}']);

        return $had;
    }

    public function tidy(int $now): void
    {
        $this->all()->where('until', '<', $now - self::KNOWN)->delete();
    }

    private function of(Phone $phone): Builder
    {
        return $this->all()->where('phone', $phone->id)->where('fetched', 0);
    }

    private function all(): Builder
    {
        return $this->database->table('_shelf');
    }
}
