<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Jobs\SendNotice;
use App\Jobs\TakeFeedbackPicture;
use App\Models\App;
use App\Models\Feedback;
use App\Models\Tester;
use App\Packaging\Camera;
use App\Stores\Testing;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** People who try an app before it is in the stores: invited by letter, heard, and gone again. */
final class TestersTest extends TestCase
{
    private App $reef;

    /** @var list<string> */
    private array $letters = [];

    protected function setUp(): void
    {
        parent::setUp();
        $script = "app Reef\n\nscreen Start, first\n  Text \"Here\"\n\nscreen Cove\n  Text \"There\"\n\nrelease\n  what is new is \"A <cove>.\"\n";
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript($script));
        $this->actingAs($this->founderOf($this->reef));
        Queue::fake();
    }

    public function test_somebody_is_invited_opens_the_page_tells_how_it_was_and_is_read(): void
    {
        $this->invite("Ada@friends.example,\n ben@friends.example", 'Divers')->assertOk()->assertJsonPath('sent', 2)->assertJsonCount(2, 'testers');
        $keys = $this->keys();
        self::assertCount(2, array_unique($keys));
        self::assertStringContainsString('Will you try Reef?', $this->letters[0]);

        auth()->logout();
        $page = $this->get("/try/$keys[0]")->assertOk()->assertSee('A &lt;cove&gt;.', false)->assertSee("/s/{$this->reef->share_code}?try=$keys[0]");
        $page->assertDontSee('package for Android');
        $this->post("/try/$keys[0]/tell", ['words' => "It is <b>cold</b>.\nAnd wet.", 'screen' => 'Cove'])->assertOk()->assertSee('Thank you. It is told.');

        $this->actingAs($this->founderOf($this->reef));
        $state = $this->getJson("/api/apps/{$this->reef->id}/testers")->assertOk();
        self::assertMeets('studio', (string) $state->getContent(), 'TestersState');
        self::assertSame(['ada@friends.example', '/screens/1', "It is <b>cold</b>.\nAnd wet."], [
            $state->json('feedback.0.by'), $state->json('feedback.0.at'), $state->json('feedback.0.words'),
        ]);
        self::assertSame([true, false], array_map(fn (?string $opened): bool => $opened !== null, $state->json('testers.*.opened')));
        $this->deleteJson("/api/apps/{$this->reef->id}/feedback/{$state->json('feedback.0.id')}")->assertOk()->assertJsonCount(0, 'feedback');
    }

    public function test_from_inside_the_app_it_is_told_how_it_is_with_a_picture_of_the_page(): void
    {
        $this->invite('ada@friends.example, ben@friends.example', 'Divers')->assertOk();
        [$key] = $this->keys();
        auth()->logout();
        $code = $this->reef->share_code;
        $entry = fn (string $query): string => (string) $this->get("/s/$code$query")->assertOk()->getContent();
        self::assertStringContainsString("\"tester\":\"$key\"", $entry("?try=$key"));
        foreach (['', '?try=', '?try='.str_repeat('a', 40), '?try[]=x'] as $nobody) {
            self::assertStringContainsString('"tester":""', $entry($nobody));
        }
        $told = ['tester' => $key, 'words' => 'Too dark.', 'screen' => 'cove', 'args' => [], 'width' => 390, 'height' => 780];
        $tell = fn (array $more, string $of = ''): TestResponse => $this->postJson('/device/share/'.($of === '' ? $code : $of).'/tell', $more + $told);
        $tell([])->assertCreated();
        Queue::assertPushed(TakeFeedbackPicture::class, Camera::refusal() === '' ? 1 : 0);
        $tell(['words' => ''])->assertUnprocessable()->assertJsonPath('message', 'Please say in a few words how it is, in 2,000 characters at most.');
        $tell(['width' => 9000])->assertUnprocessable();
        $tell(['tester' => str_repeat('a', 40)])->assertNotFound();
        // A screen that is not there is none; the words count all the same.
        $tell(['screen' => 'nowhere', 'words' => 'And cold.'])->assertCreated();
        // The key of one app says nothing of another.
        $other = app(RevisionBook::class)->begin($this->founderOf($this->reef), Blueprint::fromScript("app Other\nscreen Start, first\n  Text \"x\""));
        $tell([], $other->share_code)->assertNotFound();

        $this->actingAs($this->founderOf($this->reef));
        $state = $this->getJson("/api/apps/{$this->reef->id}/testers")->assertOk();
        self::assertSame([['And cold.', ''], ['Too dark.', 'Cove']], array_map(null, $state->json('feedback.*.words'), $state->json('feedback.*.screen')));
        $this->travel(91)->days();
        $tell([])->assertNotFound();
        self::assertStringContainsString('"tester":""', $entry("?try=$key"));
    }

    public function test_a_picture_is_drawn_anew_and_what_is_none_is_refused_with_what_was_written_kept(): void
    {
        $this->invite('ada@friends.example');
        [$key] = $this->keys();
        $picture = UploadedFile::fake()->image('screen.png', 300, 600);
        $this->post("/try/$key/tell", ['words' => 'See.', 'picture' => $picture])->assertOk();
        self::assertFileExists($this->reef->folder('pictures').'/'.Feedback::query()->value('picture'));
        $this->from("/try/$key")->post("/try/$key/tell", ['words' => 'See this.', 'picture' => UploadedFile::fake()->createWithContent('a.png', 'text')])
            ->assertRedirect("/try/$key");
        $this->get("/try/$key")->assertSee('not a picture that can be read')->assertSee('See this.');
        self::assertSame(1, Feedback::query()->count());
    }

    public function test_a_key_opens_nothing_once_it_is_over_taken_away_or_written_anew(): void
    {
        $this->invite('ada@friends.example');
        [$first] = $this->keys();
        $this->get("/try/$first")->assertOk();
        $this->invite('ada@friends.example')->assertUnprocessable()
            ->assertJsonPath('message', 'They were written to a moment ago. A letter may take some minutes.');
        $this->get("/try/$first")->assertOk();
        $this->travel(11)->minutes();
        $this->invite('ada@friends.example')->assertOk();
        [, $second] = $this->keys();
        $this->get("/try/$first")->assertNotFound();
        $this->get("/try/$second")->assertOk();
        $this->travel(Testing::DAYS + 1)->days();
        $this->get("/try/$second")->assertStatus(410);
        $this->post("/try/$second/tell", ['words' => 'Late.'])->assertStatus(410);
        $this->travelBack();
        $tester = Tester::query()->value('id');
        $this->deleteJson("/api/apps/{$this->reef->id}/testers/$tester")->assertOk()->assertJsonCount(0, 'testers');
        $this->get("/try/$second")->assertNotFound();
    }

    public function test_the_newest_android_package_is_there_for_them_alone(): void
    {
        $this->invite('ada@friends.example');
        [$key] = $this->keys();
        $this->get("/try/$key/package")->assertNotFound();
        $build = $this->reef->builds()->create([
            'revision_id' => $this->reef->revision->id, 'target' => 'apk', 'version' => '1.0.0', 'number' => 1, 'state' => 'done',
            'file' => 'reef.apk', 'here' => true,
        ]);
        File::ensureDirectoryExists(dirname($build->path()));
        File::put($build->path(), 'a package');
        $this->get("/try/$key")->assertSee('package for Android');
        self::assertSame('a package', $this->get("/try/$key/package")->assertOk()->streamedContent());
        $this->get('/try/'.str_repeat('a', 40).'/package')->assertNotFound();
    }

    public function test_a_group_stays_on_a_revision_while_the_founder_goes_on(): void
    {
        $this->invite('ada@friends.example', 'Divers');
        $this->invite('ben@friends.example');
        [$ada, $ben] = $this->keys();
        $at = "/api/apps/{$this->reef->id}/testers";
        $this->postJson("$at/group", ['group' => 'Sailors', 'stays' => true])->assertUnprocessable()->assertJsonPath('message', 'Nobody is in this group.');
        $this->postJson("$at/group", ['group' => 'Divers', 'stays' => true])->assertOk()->assertJsonPath('groups.1.revision', 1);
        $this->rewritten('"Here"', '"Newer"', 1);
        $seen = fn (string $key): string => $this->postJson("/device/share/{$this->reef->share_code}/view", ['screen' => 'start'], ['Lanai-Tester' => $key])
            ->assertOk()->json('view.nodes.0.text');
        self::assertSame(['Here', 'Newer', 'Newer'], [$seen($ada), $seen($ben), $seen('')]);
        $code = $this->reef->share_code;
        self::assertSame('1-', substr($this->getJson("/device/share/$code/pulse", ['Lanai-Tester' => $ada])->json('pulse'), 0, 2));
        $this->post("/try/$ada/tell", ['words' => 'It is cold.', 'screen' => 'Cove'])->assertOk();
        self::assertSame(1, Feedback::query()->value('revision'));

        // Of another app the key is nothing.
        $other = app(RevisionBook::class)->begin($this->founderOf($this->reef), Blueprint::fromScript("app Cay\n\nscreen Start, first\n  Text \"Cay\"\n"));
        $this->postJson("/device/share/$other->share_code/view", ['screen' => 'start'], ['Lanai-Tester' => $ada])->assertJsonPath('view.nodes.0.text', 'Cay');

        // Where what is kept has changed, they have the newest.
        $this->rewritten('screen Cove', "table Spots, each a Spot\n  Name is a text\n\nscreen Cove", 2);
        self::assertSame('Newer', $seen($ada));
        $state = $this->getJson($at)->assertJsonPath('groups.1.why', 'What is kept, or what holds for everybody, has changed since.');
        self::assertMeets('studio', (string) $state->getContent(), 'TestersState');
        $this->postJson("$at/group", ['group' => 'Divers', 'stays' => false])->assertOk()->assertJsonPath('groups.1.revision', null);
    }

    private function rewritten(string $from, string $to, int $base): void
    {
        $app = $this->reef->refresh();
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $base, new Rewrite(str_replace($from, $to, $app->revision->read()->script())));
    }

    #[TestWith(['ada', '“ada” is not an e-mail address.'])]
    #[TestWith(["ada@friends.example\nben@", '“ben@” is not an e-mail address.'])]
    #[TestWith([' , ', 'Please write at least one e-mail address.'])]
    public function test_what_is_no_address_is_refused_and_nobody_is_written_to(string $emails, string $said): void
    {
        $this->invite($emails)->assertUnprocessable()->assertJsonPath('message', $said);
        Queue::assertNothingPushed();
        self::assertSame(0, Tester::query()->count());
    }

    public function test_there_are_so_many_at_the_most_and_they_are_the_founders_alone(): void
    {
        $all = implode(' ', array_map(fn (int $i): string => "t$i@friends.example", range(1, Testing::MOST)));
        $this->invite($all)->assertOk();
        $this->invite('one-more@friends.example')->assertUnprocessable();
        // Who is there already is written to once more.
        $this->travel(11)->minutes();
        $this->invite('t7@friends.example')->assertOk();
        $this->actingAs(\App\Models\Founder::query()->create(['name' => 'Ben', 'email' => 'ben@founders.example', 'password' => 'long enough to be']));
        $this->getJson("/api/apps/{$this->reef->id}/testers")->assertNotFound();
        $this->invite('mine@friends.example')->assertNotFound();
    }

    private function invite(string $emails, string $group = ''): TestResponse
    {
        return $this->postJson("/api/apps/{$this->reef->id}/testers", ['emails' => $emails, 'group' => $group]);
    }

    /** @return list<string> in the order in which they were written */
    private function keys(): array
    {
        $this->letters = array_map(fn (SendNotice $letter): string => print_r($letter, true), Queue::pushed(SendNotice::class)->all());
        preg_match_all('~/try/([A-Za-z0-9]{40})~', implode("\n", $this->letters), $found);

        return $found[1];
    }
}
