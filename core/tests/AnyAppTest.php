<?php

declare(strict_types=1);

namespace Lanai\Core\Tests;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\Move;
use Lanai\Core\Edits\Kinds\Remove;
use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Edits\StoredNames;
use Lanai\Core\Edits\Twins;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Storage\Layout;
use Lanai\Core\Storage\Plan;
use Lanai\Core\Tests\Support\BlueprintMaker;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Properties of every app that the sentences allow, broken ones included: half-filled apps are what a founder has most of the time. */
final class AnyAppTest extends TestCase
{
    public function test_its_findings_can_be_computed_and_every_mend_applies(): void
    {
        $mends = 0;
        foreach ($this->apps(80) as $seed => $app) {
            foreach (Findings::in(Reading::of($app)) as $finding) {
                self::assertNotSame('', $finding->sentence);
                if ($finding->mend !== null) {
                    $after = EditResult::by($app, new Patch($finding->mend->operations));
                    self::assertNotSame($app->script(), $after->blueprint->script(), "seed $seed: $finding->rule: {$finding->mend->label}");
                    $mends++;
                }
            }
        }
        self::assertGreaterThan(100, $mends);
    }

    public function test_every_screen_can_be_shown_and_every_line_tapped_without_an_error(): void
    {
        $taps = 0;
        foreach ($this->apps(120) as $app) {
            $store = new InMemoryRecordStore($app);
            $ids = [];
            foreach ($app->tables as $table) {
                $ids[] = $store->add($table, []);
            }
            $player = new Player($app, $store, rehearsal: true);
            foreach ($app->screens as $i => $screen) {
                $visit = new Visit(World::moment(), $screen->slug(), array_pad($ids, 4, 1), $ids[0] ?? null, ['title' => 'x', 'places' => '1']);
                self::assertIsString($player->show($visit, Trail::none())['title']);
                foreach (array_keys($screen->lines()) as $line) {
                    $outcome = $player->tap($visit, "/screens/$i/lines/$line", $ids[0] ?? null, '', Trail::none());
                    self::assertIsArray($outcome->data());
                    $taps++;
                }
            }
        }
        self::assertGreaterThan(50, $taps);
    }

    public function test_every_blank_says_what_fits_and_can_offer_it(): void
    {
        foreach ($this->apps(25) as $app) {
            foreach ($app->walk()->blanks as $spot) {
                self::assertNotSame('', $spot->blank->fit->inWords($spot->scope));
                foreach ($spot->blank->fit->choices($spot->scope) as $choice) {
                    self::assertNotSame('', $choice->text);
                }
            }
        }
    }

    public function test_every_edit_can_be_taken_back_exactly(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $made = 0;
        foreach ($this->apps(80) as $seed => $app) {
            for ($i = 0; $i < 6; $i++) {
                $edited = $this->someEdit($app, $random);
                if ($edited !== null && ! $this->hasTwins($app)) {
                    self::assertSame(
                        $app->data(),
                        $this->sorted($app->data(), EditResult::by($edited->blueprint, $edited->inverse)->blueprint->data()),
                        "seed $seed",
                    );
                    $app = $edited->blueprint;
                    $made++;
                }
            }
        }
        self::assertGreaterThan(200, $made);
    }

    /** Two of one name, which no edit brings in: one of them may be removed, and does not come back beside the other. */
    private function hasTwins(Blueprint $app): bool
    {
        try {
            Twins::refuse([], $app->data());
        } catch (EditRefused) {
            return true;
        }

        return false;
    }

    public function test_storage_can_follow_it_and_then_has_nothing_left_to_do_but_indexes(): void
    {
        foreach ($this->apps(60) as $app) {
            $tables = [];
            $joins = [];
            foreach (Plan::from(new Layout([]), $app) as $step) {
                self::assertMatchesRegularExpression('/\.$/', $step->sentence());
                $tables[$step->table->storedAs()] ??= ['id' => 'INTEGER'];
                if ($step->what === 'join' && $step->field !== null && $step->to !== null) {
                    $joins[Plan::join($step->table, $step->field)] = $step->to->storedAs();
                }
                if ($step->what === 'add' && $step->field !== null) {
                    $tables[$step->table->storedAs()][$step->field->column()] = $step->declaration;
                }
            }
            $names = array_map(fn ($t): string => $t->storedAs(), $app->tables);
            if (count($names) === count(array_unique($names))) {
                foreach (Plan::from(new Layout($tables, $joins), $app) as $step) {
                    self::assertContains($step->what, ['index', 'convert', 'join'], 'Only fields of one name can still disagree.');
                }
            }
        }
    }

    private function someEdit(Blueprint $app, Randomizer $random): ?EditResult
    {
        $walk = $app->walk();
        try {
            $node = $walk->nodes[$random->getInt(0, count($walk->nodes) - 1)];
            $blank = $walk->blanks[$random->getInt(0, count($walk->blanks) - 1)];

            return match ($random->getInt(0, 3)) {
                0 => (new Remove([$node->at]))->on($app),
                1 => (new Move([$node->at], $random->getInt(0, 2)))->on($app),
                2 => $blank->blank->fit->kind() === 'text' ? (new Fill($blank->at, 'A new "text", as it were'))->on($app) : null,
                default => (new Write('/screens', "screen Extra {$random->getInt(1, 9999)}\n  Heading \"Hello\"", $random->getInt(0, 3)))->on($app),
            };
        } catch (EditRefused) {
            return null;
        }
    }

    /**
     * An object's members have no order: the second is put into the order of the first.
     *
     * @param  array<array-key, mixed>  $like
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private function sorted(array $like, array $data): array
    {
        $data = array_is_list($data) ? $data : array_replace(array_intersect_key($like, $data), $data);
        foreach ($data as $key => $value) {
            if (is_array($value) && is_array($like[$key] ?? null)) {
                $data[$key] = $this->sorted($like[$key], $value);
            }
        }

        return $data;
    }

    /** @return iterable<int, Blueprint> */
    private function apps(int $count): iterable
    {
        for ($seed = 1; $seed <= $count; $seed++) {
            yield $seed => Blueprint::fromData(StoredNames::settled((new BlueprintMaker($seed))->make(Blueprint::class)));
        }
    }
}
