<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Apps\RevisionBook;
use App\Models\App;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\Blueprint;
use Tests\TestCase;

/** Rows of a request where the request is not asked: nothing breaks, and a finding puts it right. */
final class OutsideFromTest extends TestCase
{
    private const SCRIPT = <<<'S'
    app Buoys
    table Jars, each a Jar
      Name is a text
    service Sea is at "https://sea.example"
      request Conditions is GET "/conditions", giving each Condition read
        Celsius is a decimal, at "celsius"
        Winds are many Winds, each a Wind, at "winds"
          Speed is a decimal, at "speed"
      request Tides is GET "/tides?place={place}", giving each Tide read
        takes Place is a text, tried with "cove"
        Height is a decimal, at "height"
    screen S, first
      List of Conditions where celsius > 3, by Celsius upward, with a search box
        shows celsius as title
      Chart of Conditions, by celsius
      Text "{count(conditions)} {count(jars, count(conditions) > 1)} {first(conditions).celsius}"
      List of Jars where count(conditions) == 0
      List of Tides
      Button "Ask"
        tapped:
          ask for Conditions
          if count(conditions) > 2
            then:
              say "{first(conditions).celsius}"
    S;

    public function test_nothing_breaks_and_the_mend_asks_the_request(): void
    {
        $app = $this->begin();
        $this->actingAs($this->founderOf($app));
        $this->postJson("/device/deck/$app->id/view")
            ->assertOk()
            ->assertJsonPath('view.problem', '')
            ->assertJsonPath('view.nodes.0.items', []);
        foreach ([0, 3, 4] as $line) {
            $this->postJson("/device/deck/$app->id/why", ['screen' => 's', 'at' => "/screens/0/lines/$line"])->assertOk();
        }
        $this->postJson("/device/deck/$app->id/whence", ['screen' => 's', 'at' => '/screens/0/lines/2'])->assertOk();
        foreach (['layout', 'sights', 'access', 'map'] as $page) {
            $this->getJson("/api/apps/$app->id/$page")->assertOk();
        }
        $this->getJson("/api/apps/$app->id")->assertOk();
        $found = array_values(array_filter(Facts::findings($app), fn (Finding $f): bool => $f->rule === 'RowsNotAsked'));
        self::assertSame(['/screens/0/lines/0', '/screens/0/lines/4', '/screens/0/lines/1'], array_map(fn (Finding $f): string => $f->at, $found));
        self::assertSame('Conditions are what a service answers, and nothing asks for them here.', $found[0]->sentence);
        $mended = EditResult::by($app->revision->read(), new Patch($found[0]->mend->operations ?? self::fail()))->blueprint;
        self::assertStringContainsString("  From Conditions\n    List of Conditions where celsius > 3", $mended->script());
        self::assertNull($found[1]->mend, 'What must be told cannot be guessed.');
    }

    public function test_a_formula_beside_what_a_tap_asks_for_is_helped(): void
    {
        $app = $this->begin();
        $this->actingAs($this->founderOf($app));
        foreach (
            [
                '/screens/0/lines/5/tapped/1/condition' => 'count(conditions) > 2',
                '/screens/0/lines/0/where' => 'celsius > 3 and count(conditions) > 1',
                '/screens/0/lines/3/where' => 'count(conditions) == 0',
            ] as $at => $text
        ) {
            $this->postJson("/api/apps/$app->id/formula", ['at' => $at, 'text' => $text])
                ->assertOk()
                ->assertJsonPath('mistake', null);
        }
    }

    private function begin(): App
    {
        return app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::SCRIPT))->refresh();
    }
}
