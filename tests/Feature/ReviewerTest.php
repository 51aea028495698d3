<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\People\Reviewer;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Model\Blueprint;
use Standins\Inspection;
use Standins\Review;
use Tests\TestCase;

/** Reviewers of stores sign in to what is live and are in the practice data, and nobody else is. */
final class ReviewerTest extends TestCase
{
    private const SCRIPT = <<<'SCRIPT'
    app Reef
    sign-in at Door
      with e-mail and password
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
    table Notes, each a Note
      may be seen by everyone
      may be added by signed-in people
      Words is a text, required
    screen Start, first, titled "Hello {me.name}"
      List of Notes
        shows words as title
      Form for a new Note asking Words, saying "Keep it"
    screen Door
      Input Mail is an e-mail address
      Input Secret is a password
      Button "Sign in"
        tapped: sign in with input.mail, password input.secret
    SCRIPT;

    private App $reef;

    protected function setUp(): void
    {
        parent::setUp();
        $founder = Founder::query()->create(['name' => 'Ada', 'email' => 'ada@founders.example', 'password' => 'long enough to be']);
        $book = app(RevisionBook::class);
        $this->reef = $book->begin($founder, Blueprint::fromScript(self::SCRIPT));
        $book->goLive($this->reef);
        $this->adds(DataSet::Sandbox, 'People', ['name' => 'Sample Sam']);
        $this->adds(DataSet::Sandbox, 'Notes', ['words' => 'For practice']);
        $this->adds(DataSet::Live, 'People', ['name' => 'Real Rita']);
        $this->adds(DataSet::Live, 'Notes', ['words' => 'For real']);
        $this->actingAs($founder);
    }

    public function test_a_reviewer_signs_in_to_what_is_live_and_is_in_the_practice_data_until_they_sign_out(): void
    {
        $state = $this->postJson("/api/apps/{$this->reef->id}/reviewer")->assertOk();
        self::assertMeets('studio', (string) $state->getContent(), 'ReleaseState');
        ['email' => $email, 'password' => $password] = $state->json('reviewer');
        $this->app['auth']->forgetGuards();
        $this->flushSession();

        self::assertSame(['Hello ', ['For real']], $this->sees(''));
        $this->signsIn($email, 'not the password')->assertJsonPath('outcome.session', null);
        $token = $this->signsIn($email, $password)->assertOk()->json('outcome.session');
        self::assertIsString($token);
        self::assertSame(['Hello Sample Sam', ['For practice']], $this->sees($token));

        // What they enter stays there, and nobody real sees it; nor do they see what is real.
        $this->withToken($token)->postJson('/device/live/reef/do', [
            'screen' => 'start', 'at' => '/screens/0/lines/1', 'inputs' => ['words' => 'By the reviewer'],
            'tap' => bin2hex(random_bytes(8)),
        ])->assertOk();
        self::assertSame(['Hello ', ['For real']], $this->sees(''));
        // Whether anything is new is asked without a name; it must not look new each time.
        $pulse = $this->withToken('')->getJson('/device/live/reef/pulse')->json('pulse');
        self::assertSame($pulse, $this->withToken($token)->postJson('/device/live/reef/view', ['screen' => 'start'])->json('pulse'));

        // Taken away: the session is worth nothing any more.
        $this->actingAs($this->founderOf($this->reef))->deleteJson("/api/apps/{$this->reef->id}/reviewer")->assertOk()->assertJsonPath('reviewer', null);
        self::assertSame(['Hello ', ['For real']], $this->sees($token));
        $this->signsIn($email, $password)->assertJsonPath('outcome.session', null);
    }

    public function test_another_password_ends_the_one_before_and_a_session_of_the_practice_data_opens_nothing_live(): void
    {
        $first = Reviewer::make($this->reef);
        $old = $this->signsIn($first->email, $first->password)->json('outcome.session');
        $second = Reviewer::make($this->reef->refresh());
        self::assertNotSame($first->password, $second->password);
        self::assertSame(['Hello ', ['For real']], $this->sees($old));
        self::assertStringNotContainsString($second->password, (string) $this->reef->refresh()->getRawOriginal('reviewer'), 'It is sealed.');
        self::assertArrayNotHasKey('reviewer', $this->reef->toArray());

        // Somebody else of the practice data stays outside of what is live.
        $sandbox = new \App\People\People($this->reef, DataSet::Sandbox, $this->reef->revision->read());
        $ben = $this->adds(DataSet::Sandbox, 'People', ['name' => 'Ben']);
        $other = $sandbox->accounts()->create(['person' => $ben, 'email' => 'ben@sea.example', 'guest' => false]);
        $token = (new \App\People\Sessions($sandbox))->open($other, 'password', 'a test');
        self::assertSame(['Hello ', ['For real']], $this->sees($token));
    }

    public function test_an_app_without_passwords_is_refused_and_another_founder_is_not_served(): void
    {
        $codes = app(RevisionBook::class)->begin($this->founderOf($this->reef), Blueprint::fromScript(
            "app Codes\nsign-in at Door\n  with a code by e-mail\ntable People, each a Person, who sign in\n  Name is a text\nscreen Door, first\n  Text \"x\"",
        ));
        $this->postJson("/api/apps/$codes->id/reviewer")->assertUnprocessable()->assertJsonPath(
            'message',
            'Reviewers need a way in with e-mail and password, and this app has none. A code would go to an address that they do not read.',
        );
        $this->actingAs($this->stranger());
        $this->postJson("/api/apps/{$this->reef->id}/reviewer")->assertNotFound();
        $this->deleteJson("/api/apps/{$this->reef->id}/reviewer")->assertNotFound();
    }

    public function test_a_store_turns_down_what_it_cannot_get_into(): void
    {
        $looked = fn (array $access): array => array_values(array_filter(
            array_column(Review::reasons(new Inspection(), ['access' => $access], [], null), 'code'),
            fn (string $code): bool => $code === 'access',
        ));
        self::assertSame(['access'], $looked(['signIn' => true]));
        self::assertSame(['access'], $looked(['signIn' => true, 'email' => 'a@b.example', 'password' => '']));
        self::assertSame([], $looked(['signIn' => true, 'email' => 'a@b.example', 'password' => 'secret']));
        self::assertSame([], $looked(['signIn' => true, 'guest' => true]));
        self::assertSame([], $looked(['signIn' => false]));
    }

    /** @return array{string, list<string>} what a phone with this token sees on the first screen of what is live */
    private function sees(string $token): array
    {
        $view = $this->withToken($token)->postJson('/device/live/reef/view', ['screen' => 'start'])->assertOk()->json('view');

        return [$view['title'], array_column($view['nodes'][0]['items'], 'title')];
    }

    private function signsIn(string $email, string $password): TestResponse
    {
        return $this->withToken('')->postJson('/device/live/reef/do', [
            'screen' => 'door', 'at' => '/screens/1/lines/2', 'inputs' => ['mail' => $email, 'secret' => $password], 'tap' => bin2hex(random_bytes(8)),
        ]);
    }

    /** @param  array<string, mixed>  $values */
    private function adds(DataSet $set, string $table, array $values): int
    {
        $store = new EloquentRecordStore($this->reef, $set, $this->reef->revision->read());

        return $store->add($store->blueprint()->table($table) ?? self::fail($table), $values);
    }
}
