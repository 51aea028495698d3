<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Founder;
use App\Models\Revision;
use App\Models\ServiceSecret;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\SchemaFollower;
use App\Space;
use App\Studio\SandboxCopy;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Edits\Kinds\LetPeopleIn;
use Lanai\Core\Edits\StoredNames;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Pattern;

/** Whole small apps that somebody can begin from, each with its own look and its own rows (database/starters). All in them is made up. */
final readonly class Starters
{
    /** What opens the services that ship for practice. */
    private const KEYS = ['Almanac' => 'practice-key-of-the-sea', 'Wordsmith' => 'practice-key-of-words'];

    private const SCRIPT = '~^[a-z]+(-[a-z]+)*$~D';

    public function __construct(private RevisionBook $book)
    {
    }

    /** @return list<array{key: string, name: string, says: string}> */
    public static function all(): array
    {
        $found = [];
        foreach (glob(database_path('starters/*'), GLOB_ONLYDIR) ?: [] as $folder) {
            $key = basename($folder);
            $found[] = ['key' => $key, 'name' => self::blueprint($key)->name, 'says' => self::told($key)['says']];
        }

        return $found;
    }

    public static function exists(string $key): bool
    {
        return Pattern::match(self::SCRIPT, $key) && is_file(database_path("starters/$key/app.script"));
    }

    public function begin(Founder $founder, string $key): App
    {
        $app = $this->book->begin($founder, self::blueprint($key));
        self::fill($app, self::told($key)['rows']);
        foreach ($app->revision->read()->services as $service) {
            $secret = self::KEYS[$service->name] ?? '';
            $secret === '' ?: ServiceSecret::query()->create([
                'app_id' => $app->id, 'dataset' => DataSet::Sandbox->value, 'service' => $service->name, 'name' => '', 'secret' => $secret,
            ]);
        }

        return $app;
    }

    /**
     * Its first screen as it is drawn with its own rows; drawn once.
     *
     * @return array<string, mixed>|null
     */
    public static function picture(string $key): ?array
    {
        $mark = md5((string) file_get_contents(database_path("starters/$key/app.script")).file_get_contents(database_path("starters/$key/rows.json")));

        return Cache::rememberForever("starter $key $mark", function () use ($key): array {
            // An app that is there for the moment only: nobody finds it in a list meanwhile.
            $blueprint = Blueprint::fromData(StoredNames::settled(self::blueprint($key)->data()));
            $none = new App(['name' => $blueprint->name, 'slug' => $key, 'undo' => [], 'redo' => []]);
            $app = SandboxCopy::app($none, -random_int(1, PHP_INT_MAX), new Revision());
            $app->setRelation('revision', SandboxCopy::revision($app, $blueprint));
            // Where the first one only waits for an answer, another is seen.
            $screen = $blueprint->screen(self::told($key)['shows'] ?? '') ?? $blueprint->firstScreen();
            try {
                (new SchemaFollower($app, DataSet::Sandbox))->follow($blueprint);
                self::fill($app, self::told($key)['rows']);

                return [$screen === null ? null : (new LayoutSurvey($app))->picture($screen)];
            } finally {
                DB::purge((new DataFile($app, DataSet::Sandbox))->connection);
                SandboxCopy::forget($app->id);
            }
        })[0];
    }

    private static function blueprint(string $key): Blueprint
    {
        return (new LetPeopleIn())->on(Blueprint::fromScript((string) file_get_contents(database_path("starters/$key/app.script"))))->blueprint;
    }

    /** @return array{says: string, shows?: string, rows: array<string, list<array<string, string>>>} */
    private static function told(string $key): array
    {
        /** @var array{says: string, shows?: string, rows: array<string, list<array<string, string>>>} */
        return json_decode((string) file_get_contents(database_path("starters/$key/rows.json")), true, 512, JSON_THROW_ON_ERROR);
    }

    /** @param  array<string, list<array<string, string>>>  $rows  values as they are typed; links by what names a row, times as “+2 days 18:30” */
    private static function fill(App $app, array $rows): void
    {
        $blueprint = $app->revision->read();
        $store = Space::sandbox($app)->store()->whole();
        $ids = [];
        foreach ($rows as $name => $all) {
            $table = $blueprint->table($name) ?? throw new InvalidArgumentException("There is no table $name.");
            foreach ($all as $told) {
                $id = self::row($store, $table, $told, $ids);
                foreach ($told as $value) {
                    $ids[mb_strtolower($table->singular)][$value] ??= $id;
                }
            }
        }
    }

    /**
     * @param  array<string, string>  $told
     * @param  array<string, array<string, int>>  $ids
     */
    private static function row(EloquentRecordStore $store, Table $table, array $told, array $ids): int
    {
        $people = mb_strtolower($store->blueprint()->peopleTable()->singular ?? '');
        $given = $by = [];
        foreach ($table->fields as $field) {
            $value = $told[$field->name] ?? null;
            if ($value === null) {
                continue;
            }
            $links = mb_strtolower($field->linksTo());
            if (! $field->isAsked()) {
                // Whoever added it, or their role.
                $by[$field->column()] = $ids[$people][$value] ?? $value;
            } elseif ($links !== '') {
                $given[$field->column()] = (string) ($ids[$links][$value] ?? throw new InvalidArgumentException("There is no $links “{$value}”."));
            } else {
                $given[$field->column()] = self::dated($value);
            }
        }
        $checked = (new RowCheck($store, new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'))))->of($table, $given);
        if ($checked->errors !== []) {
            throw new InvalidArgumentException("$table->name: ".json_encode($checked->errors));
        }

        return $store->add($table, $by + $checked->values);
    }

    /** “today”, “-2 days” and “+2 days 18:30” are counted from now; anything else is as it is. */
    private static function dated(string $value): string
    {
        if (! Pattern::match('~^(?:today|[+-]\d{1,3} days)(?: (\d\d:\d\d))?$~D', $value, $found)) {
            return $value;
        }
        $at = (new DateTimeImmutable('now', new DateTimeZone('UTC')))->modify($value);

        return $at->format(isset($found[1]) ? 'Y-m-d H:i' : 'Y-m-d');
    }
}
