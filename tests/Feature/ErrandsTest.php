<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Space;
use App\Studio\ErrandDesk;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Errands\Roamed;
use Lanai\Core\Model\ErrandStep;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Text\Pattern;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Errands are done in a copy of the sandbox: as a person would, from the same beginning each, and nothing of it stays. */
final class ErrandsTest extends TestCase
{
    private const LAST_PLACE = <<<'SCRIPT'
        errand Last place, as "Tomas Lindqvist"
          then tap "Buoy to buoy"
          then see "1 place left"
          then type "Tomas" into "Name"
          then tap "Count me in"
          then see "See you at"
          then see "This swim is full"
          then see no "Count me in"
          then open "Mine"
          then tap "Buoy to buoy"
          then tap "Cancel my place"
          then see "Your place is free again"

        errand Offer, as "Ines Okafor"
          then open "Offer"
          then type "Late dip" into "Title"
          then type "kelp point" into "Spot"
          then type "2099-06-01 18:00" into "Starts"
          then type "4" into "Places"
          then tap "Put it on the list"
          then see "Your swim is on the list"
          then tap "Late dip"
          then see "4 places left"
          then tap "Back"
          then see "Swims this week"

        SCRIPT;

    public function test_they_are_done_to_their_end_and_nothing_of_it_stays(): void
    {
        Mail::fake();
        $app = $this->with(self::LAST_PLACE);
        $bookings = fn (): int => Space::sandbox($app)->store()->whole()->count(new Query($app->revision->read()->table('Bookings') ?? self::fail()));
        $before = [$bookings(), count(File::directories((string) config('lanai.apps')))];

        // Both begin from the same: the place that one takes is there for the other, and the next time.
        foreach ([1, 2] as $time) {
            $done = (new ErrandDesk())->all($app);
            self::assertSame(['', ''], array_column($done, 'wrong'), "The $time. time.");
            self::assertSame([11, 11], array_map(fn (array $one): int => count($one['steps']), $done));
        }
        self::assertSame($before, [$bookings(), count(File::directories((string) config('lanai.apps')))]);
        Mail::assertNothingOutgoing();
    }

    public function test_over_http_and_on_the_command_line_a_broken_one_says_what_is_there_instead(): void
    {
        $app = $this->with("errand Broken\n  then tap \"Dawn dip\"\n  then tap \"Count us in\"\n  then see \"never\"\n");
        $this->actingAs($this->founderOf($app));

        $answer = $this->getJson("/api/apps/$app->id/errands")->assertOk();
        self::assertMeets('studio', (string) json_encode($answer->json('errands.0')), 'ErrandDone');
        self::assertStringStartsWith('“Count us in” is not there on “Dawn dip”. There is: Count me in, ', $answer->json('errands.0.wrong'));
        self::assertCount(2, $answer->json('errands.0.steps'));
        $this->artisan('lanai:errands', ['app' => $app->slug])->expectsOutputToContain('1 errands, 1 broken.')->assertFailed();
        $this->actingAs($this->stranger());
        $this->getJson("/api/apps/$app->id/errands")->assertNotFound();
    }

    #[TestWith(['then tap "Nothing"', '“Nothing” is not there on “Swims this week”.'])]
    #[TestWith(['then open "Nowhere"', 'There is no screen “Nowhere”.'])]
    #[TestWith(['then open "Swim"', '“Swim” is about something: tap what leads to it.'])]
    #[TestWith(['then type "x" into "y"', 'There is no box “y” on “Swims this week”.'])]
    #[TestWith(['then see "Atlantis"', '“Atlantis” is not to be seen on “Swims this week”. There is: '])]
    #[TestWith(['then see no "Dawn dip"', '“Dawn dip” is to be seen on “Swims this week”.'])]
    #[TestWith(['then tap "Back"', 'There is nothing to go back to.'])]
    public function test_what_cannot_be_done_is_told_with_a_sentence(string $step, string $wrong): void
    {
        self::assertStringStartsWith($wrong, (new ErrandDesk())->all($this->with("errand One\n  $step\n"))[0]['wrong']);
    }

    public function test_somebody_who_is_not_there_and_an_errand_without_steps(): void
    {
        $done = (new ErrandDesk())->all($this->with("errand One, as \"Nobody Known\"\n  then open \"Mine\"\n\nerrand Two\n"));

        self::assertSame(['There is nobody called “Nobody Known” in the sandbox.', 'It has no steps yet.'], array_column($done, 'wrong'));
    }

    public function test_everything_is_tapped_as_one_of_the_people_and_nothing_of_it_stays(): void
    {
        Mail::fake();
        Http::fake();
        $app = $this->with('');
        $this->actingAs($this->founderOf($app));
        $before = [$this->rows($app), $this->mail($app)];
        foreach ([null, 'Tomas Lindqvist'] as $person) {
            $came = $this->postJson("/api/apps/$app->id/errands/roam", ['person' => $person])->assertOk();
            self::assertMeets('studio', (string) json_encode($came->json()), 'Roam');
            self::assertSame([[], true, ''], [$came->json('broken'), $came->json('whole'), $came->json('trouble')]);
            self::assertGreaterThan(30, $came->json('taps'));
        }
        self::assertSame($before, [$this->rows($app), $this->mail($app)]);
        Mail::assertNothingOutgoing();
        // No service is asked for it.
        Http::assertNothingSent();

        $this->postJson("/api/apps/$app->id/errands/roam", ['person' => 'Nobody Known'])->assertJsonPath(
            'trouble',
            'There is nobody called “Nobody Known” in the sandbox.',
        );
        $this->postJson("/api/apps/$app->id/errands/roam", ['person' => str_repeat('x', 201)])->assertUnprocessable();
        $this->artisan(
            'lanai:errands',
            ['app' => $app->slug, '--roam' => true, '--as' => 'Tomas Lindqvist'],
        )->expectsOutputToContain(' taps, 0 broken.')->assertOk();
        $this->actingAs($this->stranger());
        $this->postJson("/api/apps/$app->id/errands/roam", ['person' => null])->assertNotFound();
        $this->getJson("/api/apps/$app->id/errands.txt")->assertNotFound();
    }

    public function test_a_button_that_leads_to_nothing_is_found_with_the_way_there(): void
    {
        $app = $this->with('');
        $script = strtr(
            $app->revision->read()->script(),
            ['screen Sign in,' => "screen Cellar\n  Button \"Down\"\n    tapped:\n      go to Swim with last(where(swims, places > 900))\n\nscreen Sign in,"],
        );
        $script = Pattern::replace('~^(  Button "Offer a swim", quiet)$~m', "  Button \"To the cellar\"\n    tapped:\n      go to Cellar\n$1", $script);
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $app->revision->number, new Rewrite($script));

        ['taps' => $taps] = (new ErrandDesk())->roam($app->refresh(), '');
        $broken = array_values(array_filter($taps, fn (Roamed $one): bool => $one->wrong !== ''));
        self::assertSame(['Down'], array_map(fn (Roamed $one): string => $one->label, $broken));
        self::assertSame(['tap “To the cellar”', 'tap “Down”'], array_map(fn (ErrandStep $step): string => $step->said(), $broken[0]->steps));
        $this->artisan(
            'lanai:errands',
            ['app' => $app->slug, '--roam' => true],
        )->expectsOutputToContain('broken  Down on Cellar: This Swim is not there')->assertFailed();
    }

    public function test_they_are_done_on_three_devices_and_saved_as_text(): void
    {
        $app = $this->with(self::LAST_PLACE);
        $this->actingAs($this->founderOf($app));
        $answer = $this->getJson("/api/apps/$app->id/errands?by=hand&devices=1")->assertOk();
        self::assertMeets('studio', (string) json_encode($answer->json()), 'ErrandsDone');
        self::assertSame(
            [['name' => 'Android phone', 'wrong' => ''], ['name' => 'iPhone', 'wrong' => ''], ['name' => 'tablet in a browser', 'wrong' => '']],
            $answer->json('errands.1.devices'),
        );
        $text = $this->get("/api/apps/$app->id/errands.txt")->assertOk()->getContent();
        self::assertSame(strtr(trim(self::LAST_PLACE), ['" into' => '", into']), trim((string) $text));
        $this->artisan('lanai:errands', ['app' => $app->slug, '--devices' => true])->expectsOutputToContain('2 errands, 0 broken.')->assertOk();
    }

    /** What a service of others is asked may cost something: after an edit it is not asked by itself. */
    public function test_after_an_edit_services_of_others_are_not_asked_by_themselves(): void
    {
        $app = $this->with(self::LAST_PLACE);
        $this->actingAs($this->founderOf($app));
        $this->getJson("/api/apps/$app->id/errands")->assertJsonPath('waits', [])->assertJsonCount(2, 'errands');
        $script = strtr(
            $app->revision->read()->script(),
            ['service Almanac is at "stand-in:almanac/v1"' => 'service Almanac is at "https://almanac.example/v1"'],
        );
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $app->revision->number, new Rewrite($script));
        $this->getJson("/api/apps/$app->id/errands")->assertJsonPath('waits', ['Almanac'])->assertJsonCount(0, 'errands');
        $this->getJson("/api/apps/$app->id/errands?by=hand")->assertJsonPath('waits', [])->assertJsonCount(2, 'errands');
    }

    /** @return list<mixed> of each person of the sandbox: unread messages, and which channels are on */
    private function mail(App $app): array
    {
        $space = Space::sandbox($app);
        $people = $space->store()->whole()->rows(new Query($app->revision->read()->peopleTable() ?? self::fail(), limit: 20));

        return array_map(fn ($row): array => [$space->messaging()?->unread($row->id), $space->messaging()?->switches($row->id)], $people);
    }

    /** @return list<int> rows of each table of the sandbox */
    private function rows(App $app): array
    {
        $store = Space::sandbox($app)->store()->whole();

        return array_map(fn (Table $table): int => $store->count(new Query($table)), $app->revision->read()->tables);
    }

    private function with(string $errands): App
    {
        $app = $this->demo();
        // Without the errands that the demo has itself.
        $script = explode("\nerrand ", $app->revision->read()->script())[0]."\n$errands";
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $app->revision->number, new Rewrite($script));

        return $app->refresh();
    }
}
