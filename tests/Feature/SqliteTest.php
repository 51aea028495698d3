<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\SchemaFollower;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Query\Query;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\NoRows;
use Lanai\Core\Tests\Support\World;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** Formulas beside plain SQLite, and its search beside Unicode's own tables. */
final class SqliteTest extends TestCase
{
    public function test_arithmetic_is_that_of_sqlite_itself(): void
    {
        $random = new Randomizer(new Mt19937(12));
        $pdo = DB::connection()->getPdo();
        $number = fn (): string => ['0', '1', '7', '-3', '100', '0.5', '-2.25', '1000000007', '12.125'][$random->getInt(0, 8)];
        for ($i = 0; $i < 400; $i++) {
            $sql = $number();
            for ($n = $random->getInt(1, 4); $n > 0; $n--) {
                $sql = "($sql ".['+', '-', '*', '/'][$random->getInt(0, 3)].' '.$number().')';
            }
            // SQLite divides whole numbers to whole numbers; formulas do not, so they are told apart beforehand.
            $asked = preg_replace('/(?<![\d.])(\d+)(?![\d.])/', '$1.0', $sql);
            $expected = $pdo->query("select $asked")->fetchColumn();
            $value = (new Evaluation(World::moment(), new NoRows(), []))->of(Formula::of($sql));

            self::assertEqualsWithDelta(
                $expected === null ? null : (float) $expected,
                $value === null ? null : (float) $value,
                abs((float) $expected) * 1e-12,
                $sql,
            );
            self::assertSame($expected === null, $value === null, $sql);
        }
    }

    /**
     * Unicode, CaseFolding.txt, simple folding (as PHP's mbstring has it): a word is found in whatever case its letters are. The
     * letters are those of Latin, Greek and Cyrillic that Unicode 6.1 knew, which is the version that FTS5's unicode61 follows.
     */
    public function test_search_folds_case_as_unicode_does(): void
    {
        $blueprint = Blueprint::fromScript("app A\ntable Words, each a Word\n  Text is a text\n");
        $app = new App();
        $app->id = 79;
        (new SchemaFollower($app, DataSet::Sandbox))->follow($blueprint);
        $letters = array_values(
            array_filter(
                array_map(mb_chr(...), [...range(0x41, 0x5A), ...range(0xC0, 0xDE), ...range(0x100, 0x17F), ...range(0x391, 0x3A9), ...range(0x410, 0x42F)]),
                fn (string $l): bool => preg_match('/^\p{Lu}$/u', $l) === 1 && mb_convert_case($l, MB_CASE_FOLD_SIMPLE) !== $l,
            ),
        );
        DB::connection((new DataFile($app, DataSet::Sandbox))->connection)
            ->table('words')
            ->insert(array_map(fn (string $l): array => ['text' => "quay{$l}quay"], $letters));
        $store = new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
        $missed = [];
        foreach ($letters as $i => $letter) {
            $found = array_map(
                fn ($row): int => $row->id,
                $store->rows(new Query($blueprint->tables[0], search: 'quay'.mb_convert_case($letter, MB_CASE_FOLD_SIMPLE).'quay')),
            );
            if (! in_array($i + 1, $found, true)) {
                $missed[] = $letter;
            }
        }

        self::assertGreaterThan(170, count($letters));
        self::assertSame([], $missed);
    }
}
