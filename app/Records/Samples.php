<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\App;
use DateTimeImmutable;
use DateTimeZone;
use Faker\Generator;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\DateType;
use Lanai\Core\Model\FieldTypes\MomentType;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Pattern;

/** Made-up rows of the sandbox, marked as such, the same for the same seed. */
final readonly class Samples
{
    private Connection $database;

    private EloquentRecordStore $store;

    public function __construct(App $app, private Blueprint $blueprint)
    {
        $this->store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
        $this->database = DB::connection($this->store->connection);
        $this->database->statement(
            'create table if not exists "_samples" ("tbl" text not null, "id" integer not null, primary key ("tbl", "id")) without rowid',
        );
    }

    /** @return int how many could be made; rules such as "no two alike" may allow fewer */
    public function make(Table $table, int $count, int $seed): int
    {
        // The one of the process: a generator that is given up draws new chances for all others, in the middle of their rows.
        $faker = resolve(Generator::class, ['locale' => 'en_GB']);
        $faker->seed($seed);
        $check = new RowCheck($this->store, new Moment(new DateTimeImmutable(), new DateTimeZone('UTC')));

        return $this->store->together(function () use ($table, $count, $faker, $check): int {
            $made = 0;
            for ($tries = 0; $made < $count && $tries < $count * 3; $tries++) {
                $given = [];
                foreach ($table->fields as $field) {
                    if ($field->isAsked() && ($field->required || $faker->boolean(88))) {
                        $given[$field->column()] = $this->value($table, $field, $faker);
                    }
                }
                $checked = $check->of($table, $given);
                if ($checked->errors === []) {
                    $this->database->table('_samples')->insertOrIgnore(['tbl' => $table->storedAs(), 'id' => $this->store->add($table, $checked->values)]);
                    $made++;
                }
            }

            return $made;
        });
    }

    /**
     * @param  list<int>  $ids
     * @return list<int> those that are samples
     */
    public function among(Table $table, array $ids): array
    {
        return array_map(
            intval(...),
            $this->database->table('_samples')->where('tbl', $table->storedAs())->whereIntegerInRaw('id', $ids)->pluck('id')->all(),
        );
    }

    /** @return list<int> */
    public function all(Table $table): array
    {
        return array_map(intval(...), $this->database->table('_samples')->where('tbl', $table->storedAs())->pluck('id')->all());
    }

    private function value(Table $table, Field $field, Generator $faker): string
    {
        $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
        $linked = $to === '' ? null : $this->blueprint->tableOfOne($to);
        if ($linked === null) {
            // What people have for a name is none for things.
            $called = ! $table->people && mb_strtolower($field->name) === 'name' ? 'title' : $field->name;

            $value = $field->type->write($field->type->sample($faker, $called));

            return $field->type instanceof DateType || $field->type instanceof MomentType ? self::near($value, $field->name, $faker) : $value;
        }
        $ids = $this->database->table($linked->storedAs())->orderBy('id')->limit(200)->pluck('id')->all();

        return $ids === [] ? '' : implode(',', $faker->randomElements($ids, $field->linksTo() !== '' ? 1 : $faker->numberBetween(1, min(3, count($ids)))));
    }

    /** Days are near today: most are still to come, but what somebody has behind them. */
    private static function near(string $value, string $name, Generator $faker): string
    {
        $isBefore = Pattern::match('~birth|born|bought|since|joined|built|founded|found|seen|made|planted|last|done|was~i', $name);
        $days = $isBefore ? -$faker->numberBetween(3, 300) : $faker->numberBetween(-6, 40);
        $day = (new DateTimeImmutable("$days days", new DateTimeZone('UTC')))->format('Y-m-d');

        // Its hour stays as it was.
        return $day.substr($value, 10);
    }
}
