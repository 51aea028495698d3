<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\LayoutSurvey;
use App\Apps\RevisionBook;
use App\Models\App;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** An app that speaks several languages, on devices, in the studio, in files and on the command line. */
final class LanguagesTest extends TestCase
{
    private const APP = <<<'APP'
        app Lifts

        table Lifts, each a Lift
          may be seen by everyone
          may be added by everyone
          Place is a text, required
          Seats is a decimal
          Starts is a date

        screen Start, first
          Heading "Lifts near you"
          Text "{count(lifts), plural, one {# lift} other {# lifts}}"
          Form for a new Lift asking Place, Seats
          List of Lifts
            shows place as title
            shows seats as note
            shows starts as aside
          Choice of the language

        language German
          for "Lifts near you" say "Mitfahrten"
          for "{0, plural, one {# lift} other {# lifts}}" say "{0, plural, one {# Fahrt} other {# Fahrten}}"
          for "Place" say "Ort"
        language Finnish, not shown yet
          for "Lifts near you" say "Kyydit"
        language Arabic
          for "Lifts near you" say "توصيلات"

        release
        APP;

    private App $lifts;

    protected function setUp(): void
    {
        parent::setUp();
        $book = app(RevisionBook::class);
        $this->lifts = $book->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $book->goLive($this->lifts);
        $this->lifts->refresh();
    }

    /** @param  array<string, mixed>  $sent  @return array<string, mixed> */
    private function looked(array $sent, string $way = ''): array
    {
        $way = $way === '' ? "live/{$this->lifts->slug}" : $way;
        $answer = $this->postJson("/device/$way/view", $sent + ['zone' => 'Europe/Vienna'])->assertOk();
        self::assertMeets('view', (string) $answer->getContent());

        return $answer->json('view');
    }

    public function test_people_get_the_language_of_their_phone_or_the_one_that_they_chose(): void
    {
        $this->postJson("/device/live/{$this->lifts->slug}/do", [
            'zone' => 'UTC', 'at' => '/screens/0/lines/2', 'inputs' => ['place' => 'Harbour', 'seats' => '2.5'], 'tap' => 'a',
        ])->assertOk();

        $german = $this->looked(['languages' => ['de-AT', 'en']]);
        self::assertSame(['Mitfahrten', '1 Fahrt'], [$german['nodes'][0]['text'], $german['nodes'][1]['text']]);
        self::assertSame('2,5', $german['nodes'][3]['items'][0]['note']);
        self::assertSame(['de', 'ltr'], [$german['theme']['lang'], $german['theme']['dir']]);
        self::assertSame(['tag' => 'de', 'name' => 'Deutsch'], $german['nodes'][4]['languages'][1]);
        self::assertCount(3, $german['nodes'][4]['languages']);

        self::assertSame('توصيلات', $this->looked(['languages' => ['de'], 'language' => 'ar'])['nodes'][0]['text']);
        self::assertSame('Lifts near you', $this->looked(['languages' => ['fi', 'ja']])['nodes'][0]['text']);
        self::assertSame('Lifts near you', $this->looked([])['nodes'][0]['text']);
    }

    /** Whatever an app is made of, it is the same in every language. */
    public function test_all_screens_of_the_demo_are_there_in_every_language(): void
    {
        $this->demo();
        $demo = App::query()->with('revision')->where('slug', 'saltlark')->firstOrFail();
        $problems = fn (string $tongue): array => array_column((new LayoutSurvey($demo, $tongue))->screens(1), 'problem', 'slug');
        $own = $problems('');

        self::assertCount(29, $own);
        foreach (['de', 'ar', 'en-XA', 'ar-XB'] as $tongue) {
            $there = $problems($tongue);
            self::assertSame(array_keys($own), array_keys($there));
            self::assertSame(array_keys($own, '', true), array_keys($there, '', true), $tongue);
        }
        foreach (['Conditions', 'Night charts'] as $name) {
            self::assertSame($demo->revision->read()->table($name), $demo->revision->spoken('de')->table($name));
        }
        self::assertSame($demo->revision->read()->holdings(), $demo->revision->spoken('de')->holdings());
    }

    public function test_what_is_refused_is_refused_in_their_language_and_the_device_learns_its_words(): void
    {
        $refused = $this->postJson("/device/live/{$this->lifts->slug}/do", [
            'zone' => 'UTC', 'at' => '/screens/0/lines/2', 'inputs' => ['seats' => 'many'], 'tap' => 'b', 'languages' => ['de'],
        ])->assertOk()->json('outcome.errors');
        self::assertSame(['place' => 'Bitte fülle das aus.', 'seats' => '„many“ ist keine Zahl. Schreibe Dezimalstellen mit Punkt, wie in 18.5.'], $refused);

        $words = $this->getJson("/device/live/{$this->lifts->slug}/words/de")->assertOk()->json('words');
        self::assertSame('Noch einmal versuchen', $words['Try again']);
        self::assertArrayNotHasKey('Please sign in first.', $words);
        self::assertSame([], $this->getJson("/device/live/{$this->lifts->slug}/words/fi")->json('words'));
        $this->get("/a/{$this->lifts->slug}", ['Accept-Language' => 'ar-EG,en;q=0.5'])->assertSee('<html lang="ar" dir="rtl">', false);
    }

    public function test_what_is_not_shown_yet_and_what_nobody_speaks_are_for_the_deck(): void
    {
        $this->actingAs($this->founderOf($this->lifts));

        self::assertSame('Kyydit', $this->looked(['language' => 'fi'], "deck/{$this->lifts->id}")['nodes'][0]['text']);
        self::assertStringStartsWith('Ļîƒţš ñéáŕ ýöû', $this->looked(['language' => 'en-XA'], "deck/{$this->lifts->id}")['nodes'][0]['text']);
        self::assertSame('rtl', $this->looked(['language' => 'ar-XB'], "deck/{$this->lifts->id}")['theme']['dir']);
        self::assertSame('Lifts near you', $this->looked(['language' => 'en-XA'])['nodes'][0]['text']);
        self::assertSame('Lifts near you', $this->looked(['language' => 'fi'])['nodes'][0]['text']);
    }

    /** @param  array<string, mixed>  $sent */
    #[TestWith([['languages' => 'de']])]
    #[TestWith([['languages' => [['de']]]])]
    #[TestWith([['language' => ['de']]])]
    #[TestWith([['language' => 'a language that is much too long to be one']])]
    public function test_what_is_no_language_is_refused(array $sent): void
    {
        $this->postJson("/device/live/{$this->lifts->slug}/view", $sent)->assertUnprocessable();
    }

    public function test_the_studio_shows_the_texts_and_takes_and_gives_files(): void
    {
        $this->actingAs($this->founderOf($this->lifts));
        $at = "/api/apps/{$this->lifts->id}/languages/de";
        $state = $this->getJson($at)->assertOk();
        self::assertMeets('studio', $state->getContent(), 'LanguageState');
        $place = array_values(array_filter($state->json('texts'), fn (array $text): bool => $text['source'] === 'Place'))[0];
        self::assertSame(['Ort', ['On Lifts'], '/tables/0/fields/0/name'], [$place['says'], $place['where'], $place['at']]);

        foreach (['xliff' => 'lifts-de.xlf', 'po' => 'lifts-de.po', 'csv' => 'lifts-de.csv'] as $format => $name) {
            $file = $this->get("$at/file?format=$format")->assertOk()->assertHeader('Content-Disposition', "attachment; filename=\"$name\"");
            $taken = $this->postJson("$at/file", ['file' => UploadedFile::fake()->createWithContent($name, (string) $file->getContent())])->assertOk();
            self::assertMeets('studio', $taken->getContent(), 'WordsTaken');
            self::assertCount(3, $taken->json('says'));
            $again = UploadedFile::fake()->createWithContent($name, (string) $file->getContent());
            $this->postJson("/api/apps/{$this->lifts->id}/languages/fi/file", ['file' => $again])
                ->assertUnprocessable()
                ->assertJsonPath('message', 'This file is in German, and Finnish is open here. Nothing was taken.');
        }
        $this->getJson("$at/file?format=exe")->assertUnprocessable();
        $this->postJson("$at/file", ['file' => UploadedFile::fake()->createWithContent('x.png', "\x89PNG\0\0")])->assertUnprocessable();
        $this->getJson("/api/apps/{$this->lifts->id}/languages/nl")->assertNotFound();

        $layout = $this->getJson("$at/layout")->assertOk();
        self::assertMeets('studio', $layout->getContent(), 'LanguageLayout');
        self::assertSame([], $layout->json('screens'));
        $this->postJson("/api/apps/{$this->lifts->id}/edits", [
            'base' => 1,
            'edit' => ['do' => 'translate', 'tongue' => 'fi', 'says' => [['source' => 'Place', 'says' => str_repeat('Kilpailukykyiset', 8)]]],
        ])->assertOk();
        self::assertNotSame([], $this->getJson("/api/apps/{$this->lifts->id}/languages/fi/layout")->json('screens'));
    }

    public function test_a_stranger_sees_and_changes_nothing(): void
    {
        $other = app(RevisionBook::class)->begin($this->founderOf($this->lifts), Blueprint::begin('Other'));
        $this->actingAs(\App\Models\Founder::query()->create(['name' => 'Nobody', 'email' => 'nobody@founders.example', 'password' => 'long enough to be']));
        foreach (['', '/file?format=csv', '/layout'] as $what) {
            $this->getJson("/api/apps/$other->id/languages/de$what")->assertNotFound();
        }
        $this->postJson("/api/apps/$other->id/languages/de/propose", ['request' => 'x', 'sources' => ['y']])->assertNotFound();
    }

    public function test_the_command_line_gives_takes_and_counts(): void
    {
        $folder = $this->folder();
        $this->artisan('lanai:languages', ['app' => $this->lifts->slug])
            ->expectsOutputToContain('German: 3 of 6 texts')
            ->expectsOutputToContain('not shown yet')
            ->assertSuccessful();
        foreach (['xliff' => 'xlf', 'po' => 'po', 'csv' => 'csv'] as $format => $ending) {
            self::assertSame(0, Artisan::call('lanai:languages', ['app' => $this->lifts->slug, '--out' => $folder, '--format' => $format]));
            self::assertFileExists("$folder/{$this->lifts->slug}-de.$ending");
            self::assertFileExists("$folder/{$this->lifts->slug}-ar.$ending");
        }
        file_put_contents("$folder/back.csv", "Text,Finnish\r\nPlace,Paikka\r\nGone,Poissa\r\n");
        $this->artisan('lanai:languages', ['app' => $this->lifts->slug, '--in' => "$folder/back.csv"])
            ->expectsOutputToContain('1 texts were taken.')
            ->expectsOutputToContain('It stands nowhere in the app.')
            ->assertSuccessful();
        self::assertStringContainsString('for "Place" say "Paikka"', $this->lifts->refresh()->revision->read()->script());
        $this->artisan('lanai:languages', ['app' => $this->lifts->slug, '--in' => "$folder/none.csv"])->assertFailed();
        $this->artisan('lanai:languages', ['app' => $this->lifts->slug, '--out' => "$folder/none"])->assertFailed();
        $this->artisan('lanai:languages', ['app' => $this->lifts->slug, '--out' => $folder, '--format' => 'exe'])->assertFailed();
    }
}
