<?php

declare(strict_types=1);

namespace App\Earnings;

use App\Records\DataFile;
use App\Space;
use Illuminate\Database\Connection;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;

/** Messages that said they come from a till and were refused: the last of them, for the founder to see. */
final readonly class Refusals
{
    private const KEPT = 100;

    private Connection $database;

    public function __construct(Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $database->getSchemaBuilder()->create('_refusals', function (Schema $table): void {
            $table->id();
            $table->string('till');
            $table->string('why');
            $table->string('from');
            $table->unsignedBigInteger('at');
        });
    }

    public function note(string $till, string $why, string $from): void
    {
        $id = $this->database->table('_refusals')->insertGetId(['till' => $till, 'why' => $why, 'from' => $from, 'at' => time()]);
        $this->database
            ->table('_refusals')
            ->where('id', '<=', $id - self::KEPT)
            ->delete();
    }

    /** @return list<array{till: string, why: string, from: string, at: string}> the newest first */
    public function last(int $most): array
    {
        $found = $this->database->table('_refusals')->orderByDesc('id')->limit($most)->get();

        return array_values(
            array_map(
                fn (\stdClass $raw): array => [
                    'till' => (string) $raw->till,
                    'why' => (string) $raw->why,
                    'from' => (string) $raw->from,
                    'at' => gmdate('c', (int) $raw->at),
                ],
                $found->all(),
            ),
        );
    }
}
