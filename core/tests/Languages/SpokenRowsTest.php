<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Languages;

use Lanai\Core\Edits\Edits;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Languages\Translated;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Rows whose texts are there in several languages: what is shown is said in that of whoever looks, what is computed and kept is not. */
final class SpokenRowsTest extends TestCase
{
    private const APP = <<<'APP'
        app Sea

        table Spots, each a Spot
          Name is a text, required
          Name in German is a text, in German for Name
          Ground is a text
          Boden is a text, in German for Ground
        table Swims, each a Swim
          Title is a text
          Spot is one Spot
          Told = spot.name ~ "!"

        screen Start, first
          List of Swims
            shows spot as title
            shows spot.name ~ ", " ~ count(spots) as note
            shows told as badge
          List of Spots where name == "Cove"
          Text "{join(spots, name)}, {first(spots).ground}, {first(spots)}"
          Text "{count(where(spots, name == \"Cove\"))}"
          Form for a new Swim asking Title, Spot
          Button "Keep"
            tapped:
              add a Swim
                set Title = first(spots).name
              say "Kept {first(spots).name}"

        language German

        release
        APP;

    private World $world;

    protected function setUp(): void
    {
        $this->world = World::of(self::APP);
        $cove = $this->world->add('Spots', ['name' => 'Cove', 'name_in_german' => 'Bucht', 'ground' => 'sand', 'boden' => null]);
        $this->world->add('Spots', ['name' => 'Point']);
        $this->world->add('Swims', ['title' => 'Dawn', 'spot' => $cove]);
    }

    private function player(string $tongue): Player
    {
        $app = $this->world->blueprint;

        return new Player($tongue === '' ? $app : Translated::into($app, $tongue)->of($app), $this->world->store, rehearsal: true);
    }

    private static function visit(string $locale): Visit
    {
        return new Visit(new Moment(World::moment()->now, World::moment()->zone, $locale));
    }

    public function test_what_is_shown_is_said_in_the_language_of_whoever_looks(): void
    {
        $german = $this->player('de')->show(self::visit('de_AT'), Trail::none())['nodes'];
        $english = $this->player('')->show(self::visit('en_GB'), Trail::none())['nodes'];

        $item = $german[0]['items'][0];
        self::assertSame(['Bucht', 'Bucht, 2'], [$item['title'], $item['note']]);
        self::assertSame(['Bucht'], array_column($german[1]['items'], 'title'));
        self::assertSame('Bucht, Point, sand, Bucht', str_replace("\u{AD}", '', $german[2]['text']));
        self::assertSame(['Bucht', 'Point'], array_column($german[4]['boxes'][1]['choices'] ?? $german[4]['inputs'][1]['choices'], 'label'));

        $item = $english[0]['items'][0];
        self::assertSame(['Cove', 'Cove, 2', 'Cove!'], [$item['title'], $item['note'], $item['badge']]);
        self::assertSame('Cove, Point, sand, Cove', $english[2]['text']);
    }

    public function test_what_is_asked_computed_and_kept_is_the_same_in_every_language(): void
    {
        $german = $this->player('de')->show(self::visit('de'), Trail::none())['nodes'];
        self::assertCount(1, $german[1]['items']);
        self::assertSame('1', $german[3]['text']);

        $outcome = $this->player('de')->tap(self::visit('de'), '/screens/0/lines/5', null, '', Trail::none());
        self::assertSame(['Kept Bucht'], $outcome->say);
        $swims = $this->world->blueprint->table('Swims') ?? self::fail('There are no swims.');
        $titles = array_map(fn (Row $row): mixed => $row->values['title'], $this->world->store->rows(new Query($swims)));
        self::assertSame(['Dawn', 'Cove'], $titles);
    }

    public function test_a_field_that_cannot_stand_for_another_is_found(): void
    {
        $found = fn (string $was, string $is): array => array_values(array_map(
            fn (Finding $finding): string => $finding->sentence,
            array_filter(
                Findings::in(Reading::of(Blueprint::fromScript(str_replace($was, $is, self::APP)))),
                fn (Finding $finding): bool => str_starts_with($finding->at, '/tables/') && $finding->rule === 'LanguageMatters',
            ),
        ));

        self::assertSame([], $found('x', 'x'));
        self::assertStringContainsString('cannot be shown', $found('Boden is a text', 'Boden is a whole number')[0]);
        self::assertStringContainsString('does not speak Finnish', $found('in German for Ground', 'in Finnish for Ground')[0]);
        self::assertStringContainsString('cannot be shown', $found('for Ground', 'for Boden')[0]);
    }

    public function test_a_field_that_is_called_otherwise_is_followed(): void
    {
        $app = Edits::read(['do' => 'fill', 'at' => '/tables/0/fields/0/name', 'text' => 'Called'])->on($this->world->blueprint)->blueprint;

        self::assertStringContainsString('Name in German is a text, in German for Called', $app->script());
    }
}
