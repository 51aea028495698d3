<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use App\Ways\Doors;
use App\Ways\Painted;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** How people find a live app from elsewhere. */
final class WaysInTest extends TestCase
{
    private const PHONE = 'Mozilla/5.0 (Linux; Android 14; Pixel 7) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/120.0 Mobile Safari/537.36';

    private const OTHER_PHONE = 'Mozilla/5.0 (iPhone; CPU iPhone OS 17_0 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Mobile/15E148';

    private const TABLET = 'Mozilla/5.0 (iPad; CPU OS 12_2 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Mobile/15E148';

    private const COMPUTER = 'Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.0 Safari/605.1.15';

    private const APP = <<<'APP'
        app "Lifts </script>"
        table Lifts, each a Lift
          may be seen by everyone
          Name is a text
          Photo is a picture
        table Notes, each a Note
          may be seen by nobody
          Words is a text
        screen Start, first
          Text "Welcome"
        screen Lift, about one Lift, titled "To {lift.name}"
          Picture of lift.photo
          Text "A lift with {lift.name}"
        screen Note, about one Note, titled "{note.words}"
          Text "{note.words}"
        language German
          for "Welcome" say "Willkommen"
        release
          package is "com.lifts.app"
          summary is "Find a ride"
        APP;

    private App $lifts;

    private string $home;

    protected function setUp(): void
    {
        parent::setUp();
        config(['app.url' => 'https://lifts.example']);
        $this->lifts = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        app(RevisionBook::class)->goLive($this->lifts->refresh());
        $this->lifts->refresh();
        $this->home = "https://lifts.example/a/{$this->lifts->slug}";
    }

    #[TestWith([self::PHONE, 'android'])]
    #[TestWith([self::OTHER_PHONE, 'ios'])]
    #[TestWith([self::TABLET, 'ios'])]
    #[TestWith([self::COMPUTER, 'other'])]
    #[TestWith(['', 'other'])]
    public function test_what_somebody_opens_a_link_with_is_told_by_what_it_says(string $agent, string $phone): void
    {
        self::assertSame($phone, Doors::phone($agent));
    }

    public function test_the_one_link_leads_each_phone_to_its_store_and_to_the_web_before_there_is_one(): void
    {
        foreach ([self::PHONE, self::OTHER_PHONE, self::TABLET] as $agent) {
            self::assertSame("$this->home?at=lift/3&from=poster#/lift/3", $this->opens('?at=lift/3&from=poster', $agent));
        }
        $this->submitted('quay', 'in review', '');
        self::assertSame($this->home, $this->opens('', self::PHONE), 'What is in review is in no store.');
        $this->submitted('quay', 'released', 'https://quay.example/lifts');
        self::assertSame('https://quay.example/lifts', $this->opens('', self::PHONE));
        self::assertSame($this->home, $this->opens('', self::OTHER_PHONE));
        $this->submitted('pier', 'released', 'https://pier.example/lifts');
        $this->submitted('pier', 'released', 'https://pier.example/lifts-2');
        self::assertSame('https://pier.example/lifts-2', $this->opens('', self::TABLET));
        self::assertSame('https://pier.example/lifts-2', $this->opens('?phone=ios', self::COMPUTER), 'A tablet that says that it is a computer.');
    }

    #[TestWith(['?at=//elsewhere.example', '', 'A place that is none is left out.'])]
    #[TestWith(['?from=%3Cscript%3E', '', 'So is a word that is none.'])]
    public function test_what_cannot_be_read_leads_to_the_start(string $query, string $rest, string $why): void
    {
        self::assertSame($this->home.$rest, $this->opens($query, self::PHONE), $why);
    }

    public function test_at_a_computer_one_is_shown_how_to_go_on_with_a_phone(): void
    {
        $page = (string) $this->get("/a/{$this->lifts->slug}/get?at=lift/3", ['User-Agent' => self::COMPUTER])->assertOk()->getContent();
        self::assertStringContainsString('data-link="'.e("$this->home/get?at=lift/3#/lift/3").'"', $page);
        self::assertStringContainsString('href="'.e("$this->home?at=lift/3#/lift/3").'"', $page);
        self::assertStringContainsString('Scan this with your phone.', $page);
        self::assertStringNotContainsString('Lifts </script>', $page);
        $german = (string) $this->get("/a/{$this->lifts->slug}/get", ['User-Agent' => self::COMPUTER, 'Accept-Language' => 'de'])->getContent();
        self::assertStringContainsString('Richte die Kamera deines Telefons hierauf.', $german);
        $this->get('/a/nothing/get')->assertNotFound();
    }

    public function test_a_card_is_drawn_from_the_row_and_shows_nothing_that_not_everybody_may_see(): void
    {
        $space = Space::of($this->lifts, DataSet::Live) ?? self::fail('Nothing is live.');
        $add = fn (string $table, array $values): int => $space->store()->whole()->add($space->blueprint()->table($table) ?? self::fail($table), $values);
        $picture = imagecreatetruecolor(800, 400);
        imagefilledrectangle($picture, 0, 0, 800, 400, (int) imagecolorallocate($picture, 250, 10, 10));
        ob_start();
        imagepng($picture);
        $name = str_repeat('a', 64).'.png';
        is_dir($this->lifts->folder('pictures')) || mkdir($this->lifts->folder('pictures'), 0700, true);
        file_put_contents($this->lifts->folder('pictures')."/$name", (string) ob_get_clean());
        $with = $add('Lifts', ['name' => 'Harbour', 'photo' => $name]);
        $without = $add('Lifts', ['name' => 'Mill']);
        $note = $add('Notes', ['words' => 'A secret']);
        $red = function (string $png): bool {
            $colour = imagecolorat(imagecreatefromstring($png) ?: self::fail('No picture.'), 1000, 300);

            return ($colour >> 16 & 255) > 220 && ($colour >> 8 & 255) < 60 && ($colour & 255) < 60;
        };
        [$one, $two, $secret, $start] = [$this->card("lift/$with"), $this->card("lift/$without"), $this->card("note/$note"), $this->card('')];
        foreach ([$one, $two, $secret, $start] as $png) {
            self::assertSame(Painted::CARD, array_slice(getimagesizefromstring($png) ?: [], 0, 2));
        }
        self::assertSame([true, false], [$red($one), $red($two)]);
        self::assertNotSame($two, $start);
        self::assertSame($start, $secret, 'What nobody may see is shown as the start is.');
        self::assertSame($start, $this->card('lift/999'));
    }

    #[TestWith(['Lifts', true])]
    #[TestWith(['Łódź – Ελλάδα, Привет “€”', true])]
    #[TestWith(['ركوب', false])]
    #[TestWith(['乗る', false])]
    #[TestWith(["tab\t", false])]
    public function test_letters_that_must_be_joined_are_not_drawn_wrongly(string $text, bool $is): void
    {
        self::assertSame($is, Painted::isDrawn($text));
        $painted = new Painted($this->lifts, Blueprint::fromScript('app A'));
        foreach ([$painted->card($text, str_repeat("$text ", 80)), $painted->card(str_repeat($text, 60), '')] as $png) {
            self::assertSame(Painted::CARD, array_slice(getimagesizefromstring($png) ?: [], 0, 2));
        }
        self::assertSame(Painted::BADGE, array_slice(getimagesizefromstring($painted->badge($text)) ?: [], 0, 2));
    }

    public function test_the_strip_speaks_each_language_of_the_app_and_cannot_be_broken_by_a_name(): void
    {
        $answer = $this->get("/a/{$this->lifts->slug}/strip.js")->assertOk();
        self::assertStringStartsWith('text/javascript', (string) $answer->headers->get('Content-Type'));
        preg_match('/var strip = (\{.*\})\n/', (string) $answer->getContent(), $found);
        $strip = json_decode($found[1] ?? '', true);
        self::assertSame(['Lifts </script>', "$this->home/get?from=strip", false], [$strip['name'], $strip['link'], $strip['always']]);
        self::assertSame(['Open', 'Öffnen'], [$strip['words']['en']['open'], $strip['words']['de']['open']]);
        self::assertStringNotContainsString('</script>', (string) $answer->getContent());
        preg_match('/var strip = (\{.*\})\n/', (string) $this->get("/a/{$this->lifts->slug}/strip.js?show=1")->getContent(), $shown);
        self::assertTrue(json_decode($shown[1] ?? '', true)['always']);
    }

    public function test_manifests_and_pages_name_what_there_is_of_the_app(): void
    {
        $related = fn (): array => $this->get("/a/{$this->lifts->slug}/manifest.webmanifest")->json('related_applications');
        $web = ['platform' => 'webapp', 'url' => "$this->home/manifest.webmanifest"];
        self::assertSame([$web], $related());
        self::assertStringNotContainsString('app-id=', (string) $this->get("/a/{$this->lifts->slug}")->getContent());
        $this->submitted('quay', 'released', 'https://quay.example/lifts');
        $this->submitted('pier', 'released', 'https://pier.example/lifts');
        $android = ['platform' => 'play', 'url' => 'https://quay.example/lifts', 'id' => 'com.lifts.app'];
        self::assertSame([$web, $android], $related());
        self::assertSame([], $this->get('/.well-known/apple-app-site-association')->assertOk()->json('applinks.details'));
        $this->says("  team for iPhones is \"ABCDE12345\"\n  number in the store for iPhones is \"1234567890\"");
        self::assertSame([$web, $android, ['platform' => 'itunes', 'url' => 'https://pier.example/lifts', 'id' => '1234567890']], $related());
        self::assertStringContainsString(
            '<meta name="apple-itunes-app" content="app-id=1234567890, app-argument='.$this->home.'">',
            (string) $this->get("/a/{$this->lifts->slug}")->getContent(),
        );
        $links = $this->get('/.well-known/apple-app-site-association')->assertOk();
        self::assertSame('application/json', $links->headers->get('Content-Type'));
        self::assertSame(
            [['appIDs' => ['ABCDE12345.com.lifts.app'], 'components' => [['/' => "/a/{$this->lifts->slug}"], ['/' => "/a/{$this->lifts->slug}/*"]]]],
            $links->json('applinks.details'),
        );
        $this->says("  team for iPhones is \"abcde\"\n  number in the store for iPhones is \"12 34\"");
        self::assertSame([[], [$web, $android]], [$this->get('/.well-known/apple-app-site-association')->json('applinks.details'), $related()]);
    }

    public function test_the_station_has_it_all_to_be_pasted(): void
    {
        $this->actingAs($this->founderOf($this->lifts));
        $answer = $this->getJson("/api/apps/{$this->lifts->id}/ways-in")->assertOk();
        self::assertMeets('studio', (string) $answer->getContent(), 'WaysIn');
        self::assertSame(["$this->home/get", $this->home, ''], [$answer->json('link'), $answer->json('web'), $answer->json('meta')]);
        self::assertStringContainsString('alt="Get Lifts &lt;/script&gt;"', $answer->json('badge'));
        $this->get((string) $answer->json('badgePicture'))->assertOk()->assertHeader('Content-Type', 'image/png');
        $new = app(RevisionBook::class)->begin($this->founderOf($this->lifts), Blueprint::fromScript('app New'));
        self::assertSame('{"live":false}', $this->getJson("/api/apps/$new->id/ways-in")->assertOk()->getContent());
        $this->get("/a/$new->slug/card.png")->assertNotFound();
    }

    private function opens(string $query, string $agent): string
    {
        return (string) $this->get("/a/{$this->lifts->slug}/get$query", ['User-Agent' => $agent])->assertRedirect()->headers->get('Location');
    }

    private function card(string $at): string
    {
        return (string) $this->get("/a/{$this->lifts->slug}/card.png?at=$at")->assertOk()->assertHeader('Content-Type', 'image/png')->getContent();
    }

    /** Says more of the release, and makes it live. */
    private function says(string $more): void
    {
        $app = $this->lifts->refresh();
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $app->revision->number, new Rewrite(self::APP."\n$more"));
        app(RevisionBook::class)->goLive($app->refresh());
        $this->lifts->refresh();
    }

    private function submitted(string $store, string $state, string $page): void
    {
        $number = $this->lifts->builds()->count() + 1;
        $build = $this->lifts->builds()->create([
            'revision_id' => $this->lifts->revision->id, 'target' => 'apk', 'version' => '1.0.0', 'number' => $number, 'state' => 'done', 'here' => false,
        ]);
        $this->lifts->submissions()->create([
            'build_id' => $build->id, 'store' => $store, 'remote_id' => "$number", 'state' => $state, 'reasons' => [], 'page' => $page,
        ]);
    }
}
