<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Links that lead into an app: what they show where they are posted, and where they come from. */
final class LinksTest extends TestCase
{
    private const PICTURE = '0000000000000000000000000000000000000000000000000000000000000000.png';

    private const APP = <<<'APP'
        app Lifts
        sign-in at In
          as a guest

        table People, each a Person, who sign in
          Name is a text
        table Lifts, each a Lift
          may be seen by everyone
          Name is a text
          Photo is a picture
        table Notes, each a Note
          may be seen by signed-in people
          Words is a text

        screen Start, first
          Text "Welcome"
        screen Lift, about one Lift, titled "To {lift.name}"
          Picture of lift.photo
          Text "A lift with *{lift.name}* & \"more\" <b>"
          Button "Tell"
            tapped: share "Look", with a link here
        screen Note, about one Note, titled "{note.words}"
          Text "{note.words}"
        screen Both, about one Lift and one Note
          Text "x"
        screen In
          Text "in"

        language German
          for "To {0}" say "Nach {0}"

        release
          title is "Lifts: share a ride"
          summary is "Find a ride"
        APP;

    private App $lifts;

    private int $lift;

    private int $note;

    protected function setUp(): void
    {
        parent::setUp();
        config(['app.url' => 'https://lifts.example']);
        $book = app(RevisionBook::class);
        $this->lifts = $book->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $book->goLive($this->lifts);
        $this->lifts->refresh();
        $space = Space::of($this->lifts, DataSet::Live) ?? self::fail('Nothing is live.');
        $add = fn (string $table, array $values): int => $space->store()->whole()->add($space->blueprint()->table($table) ?? self::fail($table), $values);
        $this->lift = $add('Lifts', ['name' => 'Harbour', 'photo' => self::PICTURE]);
        $this->note = $add('Notes', ['words' => 'A secret']);
    }

    /** @return array<string, string> */
    private function shown(string $query, string $language = 'en'): array
    {
        $page = (string) $this->get("/a/{$this->lifts->slug}$query", ['Accept-Language' => $language])->assertOk()->getContent();
        preg_match_all('~<meta property="([^"]+)" content="([^"]*)">~', $page, $found);

        return array_combine($found[1], array_map(html_entity_decode(...), $found[2]));
    }

    public function test_where_it_is_posted_a_link_shows_what_it_is_about(): void
    {
        $at = "lift/$this->lift";
        $home = "https://lifts.example/a/{$this->lifts->slug}";
        self::assertSame([
            'og:title' => 'To Harbour',
            'og:description' => 'A lift with Harbour & "more" <b>',
            'og:image' => "$home/card.png?at=$at&lang=en",
            'og:image:width' => '1200',
            'og:image:height' => '630',
            'og:type' => 'website',
            'og:site_name' => 'Lifts',
            'og:locale' => 'en_GB',
            'og:url' => "$home?at=$at#/$at",
        ], $this->shown("?at=$at"));
        self::assertSame('Nach Harbour', $this->shown("?at=$at", 'de-AT')['og:title']);
        self::assertSame(['Lifts: share a ride', 'Find a ride', $home, "$home/card.png?lang=en"], [
            $this->shown('')['og:title'], $this->shown('')['og:description'], $this->shown('')['og:url'], $this->shown('')['og:image'],
        ]);
    }

    #[TestWith(['?at=note/1'])]
    #[TestWith(['?at=lift/999'])]
    #[TestWith(['?at=nowhere'])]
    #[TestWith(['?at=lift'])]
    #[TestWith(['?at=../../etc'])]
    #[TestWith(['?at=%00'])]
    #[TestWith(['?at="><script>alert(1)</script>'])]
    public function test_of_what_nobody_may_see_and_of_what_is_not_there_only_the_app_is_shown(string $query): void
    {
        self::assertSame(1, $this->note);
        $shown = $this->shown($query);
        self::assertSame('Lifts: share a ride', $shown['og:title']);
        self::assertStringNotContainsString('secret', (string) json_encode($shown));
        self::assertStringNotContainsString('<script>alert', (string) $this->get("/a/{$this->lifts->slug}$query")->getContent());
    }

    /** By the npm package “open-graph-scraper”, and by the vocabulary of schema.org as the npm package “schema-dts” has it. */
    public function test_programs_that_read_the_web_understand_what_a_page_says_of_itself(): void
    {
        $page = fn (string $query): string => (string) $this->get("/a/{$this->lifts->slug}$query", ['Accept-Language' => 'en'])->assertOk()->getContent();
        $thing = fn (string $json): string => "<script type=\"application/ld+json\">{\"@context\":\"https://schema.org\",$json}</script>";
        $asked = [
            $page(''), $page("?at=lift/$this->lift"), $thing('"@type":"WebPage","colour":"red"'), $thing('"@type":"Shop","name":"x"'),
            $thing('"@type":"WebPage","isPartOf":{"@type":"WebPage","softwareVersion":"1"}'), $thing('"@type":"WebPage","name":"x"'),
        ];
        $node = new Process(['node', 'tests/reference/structured.mjs'], base_path(), null, (string) json_encode($asked), 90);
        $told = json_decode($node->mustRun()->getOutput(), true);

        foreach ([['Lifts: share a ride', 'WebApplication'], ['To Harbour', 'WebPage']] as $i => [$title, $type]) {
            self::assertSame([], $told[$i]['wrong']);
            self::assertSame([$title, $type, $title], [$told[$i]['graph']['ogTitle'], $told[$i]['things'][0]['@type'], $told[$i]['things'][0]['name']]);
            self::assertSame(['1200', '630'], [$told[$i]['graph']['ogImage'][0]['width'], $told[$i]['graph']['ogImage'][0]['height']]);
        }
        self::assertSame('A lift with Harbour & "more" <b>', $told[1]['things'][0]['description']);
        self::assertSame('WebApplication', $told[1]['things'][0]['isPartOf']['@type']);
        // What is no property, no type, or no property there is seen.
        self::assertSame([true, true, true, false], array_map(fn (array $one): bool => $one['wrong'] !== [], array_slice($told, 2)));
        $shared = (string) $this->get("/s/{$this->lifts->share_code}")->getContent();
        self::assertStringNotContainsString('ld+json', $shared, 'What is only tried is for no search engine.');
    }

    public function test_the_mark_at_the_foot_of_the_first_page_can_be_left_out(): void
    {
        $page = fn (): string => (string) $this->get("/a/{$this->lifts->slug}")->assertOk()->getContent();
        self::assertStringContainsString('"mark":"https:\/\/lifts.example\/"', $page());
        self::assertStringContainsString('"mark":""', (string) $this->get("/s/{$this->lifts->share_code}")->getContent());
        $edit = new Rewrite(str_replace("\nrelease\n", "\nrelease, without the mark of Lanai\n", $this->lifts->revision->read()->script()));
        app(RevisionBook::class)->edit($this->lifts, $this->founderOf($this->lifts), 1, $edit);
        app(RevisionBook::class)->goLive($this->lifts->refresh());
        self::assertStringContainsString('"mark":""', $page());
    }

    public function test_a_text_is_shared_with_a_link_to_where_one_is(): void
    {
        $outcome = $this->postJson("/device/live/{$this->lifts->slug}/do", [
            'zone' => 'UTC', 'screen' => 'lift', 'args' => [$this->lift], 'at' => '/screens/1/lines/2', 'tap' => 'a',
        ])->assertOk();
        self::assertSame([['do' => 'share here', 'text' => 'Look']], $outcome->json('outcome.onDevice'));
        self::assertMeets('view', (string) $outcome->getContent());
        $page = (string) $this->get("/a/{$this->lifts->slug}")->getContent();
        self::assertStringContainsString('"link":"https:\/\/lifts.example\/a\/'.$this->lifts->slug, $page);
    }

    public function test_the_studio_makes_links_to_screens_and_rows(): void
    {
        $this->actingAs($this->founderOf($this->lifts));
        $at = "/api/apps/{$this->lifts->id}/links";
        $link = $this->getJson("$at/lift?search=harb")->assertOk();
        self::assertMeets('studio', (string) $link->getContent(), 'LinkState');
        self::assertSame([['id' => $this->lift, 'label' => 'Harbour']], $link->json('rows'));
        self::assertSame([], $this->getJson("$at/lift?search=nowhere")->json('rows'));
        self::assertTrue($this->getJson("$at/start")->json('leads'));
        self::assertFalse($this->getJson("$at/both")->json('leads'));
        $this->getJson("$at/gone")->assertNotFound();
        $this->getJson("$at/lift?search[]=x")->assertUnprocessable();
    }
}
