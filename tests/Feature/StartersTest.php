<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Apps\LayoutSurvey;
use App\Apps\Starters;
use App\Models\App;
use App\Models\Founder;
use App\Space;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The small apps to begin from: each runs, with nothing found against it, for each of its people and for nobody in particular. */
final class StartersTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function keys(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/database/starters/*', GLOB_ONLYDIR) ?: [] as $folder) {
            yield basename($folder) => [basename($folder)];
        }
    }

    #[DataProvider('keys')]
    public function test_it_runs_for_everybody_and_nothing_is_found_against_it(string $key): void
    {
        $app = app(Starters::class)->begin(Founder::query()->findOrFail($this->stranger()->id), $key);
        $people = Space::sandbox($app)->store()->whole()->rows(new Query($app->revision->read()->peopleTable() ?? self::fail()));

        self::assertSame([], array_map(fn (Finding $one): string => "$one->at $one->sentence", Facts::findings($app)));
        self::assertNotSame([], $people);
        foreach ([null, ...array_map(fn (Row $row): int => $row->id, $people)] as $person) {
            foreach ((new LayoutSurvey($app))->screens($person) as $screen) {
                $needs = $screen['problem'];
                // What is somebody else's is not there for them.
                $isTheirs = str_contains($needs, $person === null ? 'sign in' : 'is not there, or no longer.');
                self::assertTrue($needs === '' || $isTheirs, "$screen[slug] for person $person: $needs");
                self::assertSame([], array_map(fn (Finding $one): string => "$screen[slug]: $one->sentence", $screen['findings']));
            }
        }
    }

    public function test_there_are_eight_and_each_is_drawn_without_leaving_an_app_behind(): void
    {
        $this->actingAs($this->stranger());
        $all = $this->getJson('/api/starters')->assertOk()->json('starters');

        self::assertCount(8, $all);
        foreach ($all as $one) {
            self::assertMeets('studio', (string) json_encode($one), 'Starter');
            self::assertGreaterThan(6, count($this->getJson("/api/starters/$one[key]")->assertOk()->json('picture.parts')), $one['key']);
        }
        self::assertSame(0, App::withTrashed()->count());
        $this->getJson('/api/starters/..%2F..%2Fdemo')->assertNotFound();
        $this->postJson('/api/apps', ['starter' => '../demo'])->assertNotFound();
    }

    public function test_an_app_is_begun_from_one_and_from_a_saved_script(): void
    {
        $this->actingAs($this->stranger());
        $id = $this->postJson('/api/apps', ['starter' => 'bell-loft'])->assertCreated()->json('id');
        $script = $this->get("/api/apps/$id/script")->assertOk()->getContent();

        $again = $this->postJson('/api/apps', ['script' => $script])->assertCreated()->json('id');
        self::assertSame($script, $this->get("/api/apps/$again/script")->getContent());
        self::assertGreaterThan(0, Space::sandbox(App::query()->findOrFail($again))->store()->whole()->count(
            new Query(App::query()->findOrFail($again)->revision->read()->tables[0]),
        ));
        $this->postJson('/api/apps', ['script' => "app X\n\nnonsense"])->assertUnprocessable()->assertJsonPath('line', 3);
        $this->postJson('/api/apps', ['script' => "\xff\xfe"])->assertUnprocessable();
        $this->postJson('/api/apps', ['script' => ''])->assertUnprocessable();
        $this->postJson('/api/apps', ['script' => str_repeat('x', 500_001)])->assertUnprocessable();
        self::assertSame(2, App::query()->count());
    }

    /** Their pictures are drawn while somebody looks at the list of their apps. */
    public function test_a_picture_is_drawn_without_an_app_that_anybody_could_find(): void
    {
        $this->actingAs($this->stranger());
        $made = 0;
        App::created(function () use (&$made): void {
            $made++;
        });
        foreach (Starters::all() as ['key' => $key]) {
            self::assertNotSame([], $this->getJson("/api/starters/$key")->assertOk()->json('picture.parts'), $key);
        }
        self::assertSame(0, $made);
        self::assertSame([], glob(config('lanai.apps').'/*') ?: []);
    }
}
