<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Jobs\SendNotice;
use App\Models\App;
use App\People\Invitations;
use App\People\People;
use App\Records\DataSet;
use App\Space;
use Illuminate\Support\Facades\Queue;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Somebody invites somebody else: who it was is known when the account is made, and what was promised is done once. */
final class InvitationsTest extends TestCase
{
    private const APP = <<<'APP'
        app Reef
        sign-in at In
          with e-mail and password, of at least 10
          with a code by e-mail
          as a guest
          invited:
            raise inviter.teas by 2
            raise me.teas by 1
        table People, each a Person, who sign in
          may be seen by the person themselves
          may be changed by nobody
          Name is a text
          Teas is a whole number
        screen Start, first
          Button "Tell a friend"
            tapped: share "Come along!", with a link here, as an invitation
          Button "Out"
            tapped: sign out
        screen In
          Input Name is a text
          Input E-mail is an e-mail address
          Input Password is a password
          Input Code is a text
          Button "Make it"
            tapped: sign up with input.eMail, password input.password, named input.name
          Button "Go on"
            tapped: check the code input.code
          Button "Guest"
            tapped: sign in as a guest
          Button "A code"
            tapped: send a code to input.eMail
        APP;

    private App $reef;

    private string $token = '';

    private string $pending = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        app(RevisionBook::class)->goLive($this->reef->refresh());
        $this->reef->refresh();
        Queue::fake([SendNotice::class]);
    }

    public function test_who_invited_a_newcomer_is_rewarded_once_and_so_is_the_newcomer(): void
    {
        $this->signsUp('ada@reef.example');
        $by = $this->shares();
        self::assertMatchesRegularExpression('/^\d+-[0-9a-f]{20}$/', (string) $by);
        self::assertSame(0, $this->teas('ada@reef.example'));
        $this->token = '';
        $this->signsUp('ben@reef.example', (string) $by);
        self::assertSame([2, 1], [$this->teas('ada@reef.example'), $this->teas('ben@reef.example')]);
        // Coming in again with the same link earns nothing, nor does a letter of a code to somebody who is known.
        $this->does('In', 'A code', ['eMail' => 'ben@reef.example'], (string) $by);
        $this->does('In', 'Go on', ['code' => $this->code('ben@reef.example')], (string) $by);
        self::assertSame([2, 1], [$this->teas('ada@reef.example'), $this->teas('ben@reef.example')]);
        $this->token = '';
        $this->signsUp('cem@reef.example', (string) $by);
        self::assertSame([4, 1], [$this->teas('ada@reef.example'), $this->teas('cem@reef.example')]);
        self::assertSame(['by' => null, 'others' => 2], (new Invitations($this->people()))->of($this->person('ada@reef.example')->id));
    }

    public function test_a_guest_invites_nobody_and_is_invited_when_they_make_an_account(): void
    {
        $this->signsUp('ada@reef.example');
        $by = (string) $this->shares();
        $this->token = '';
        self::assertNull($this->shares(), 'Who is not signed in shares a link like any other.');
        $this->does('In', 'Guest', [], $by);
        self::assertNull($this->shares());
        self::assertSame(0, $this->teas('ada@reef.example'));
        $this->signsUp('ben@reef.example', $by);
        self::assertSame([2, 1], [$this->teas('ada@reef.example'), $this->teas('ben@reef.example')]);
    }

    #[TestWith(['1-'])]
    #[TestWith(['1-00000000000000000000'])]
    #[TestWith(['nonsense'])]
    #[TestWith([''])]
    public function test_nobody_invites_with_a_code_that_they_made_up(string $code): void
    {
        $this->signsUp('ada@reef.example');
        $this->token = '';
        $this->signsUp('ben@reef.example', $code);
        self::assertSame([0, 0], [$this->teas('ada@reef.example'), $this->teas('ben@reef.example')]);
    }

    public function test_nobody_invites_from_another_app_or_set_nor_who_is_gone(): void
    {
        $this->signsUp('ada@reef.example');
        $ada = $this->person('ada@reef.example')->id;
        $invitations = new Invitations($this->people());
        $sandbox = new Invitations(new People($this->reef, DataSet::Sandbox, $this->people()->blueprint));
        self::assertSame($ada, $invitations->inviter($invitations->code($ada)));
        self::assertNull($invitations->inviter($sandbox->code($ada)));
        self::assertNull($invitations->inviter($invitations->code($ada + 40)), 'There is nobody with that number.');
        // Nobody invites themselves.
        $invitations->took($ada, $invitations->code($ada));
        self::assertNull($invitations->owed($ada));
        $code = $invitations->code($ada);
        (new \App\People\Departure($this->people()))->of($ada);
        self::assertNull($invitations->inviter($code));
    }

    public function test_where_nothing_is_promised_it_is_still_known_and_leaving_forgets_it(): void
    {
        $this->signsUp('ada@reef.example');
        $by = (string) $this->shares();
        $this->token = '';
        $this->signsUp('ben@reef.example', $by);
        $ben = $this->person('ben@reef.example')->id;
        $invitations = new Invitations($this->people());
        self::assertSame($this->person('ada@reef.example')->id, $invitations->of($ben)['by']);
        (new \App\People\Departure($this->people()))->of($ben);
        self::assertSame(['by' => null, 'others' => 0], $invitations->of($this->person('ada@reef.example')->id));
    }

    private function signsUp(string $email, string $by = ''): void
    {
        $this->does('In', 'Make it', ['name' => strstr($email, '@', true), 'eMail' => $email, 'password' => 'three grey seals swim'], $by);
        $this->does('In', 'Go on', ['code' => $this->code($email)], $by);
        self::assertNotSame('', $this->token);
    }

    /** By which the link says who invites; null for nobody. */
    private function shares(): ?string
    {
        $shared = $this->does('Start', 'Tell a friend')['onDevice'][0];
        self::assertSame(['share here', 'Come along!'], [$shared['do'], $shared['text']]);

        return $shared['by'] ?? null;
    }

    /**
     * @param  array<string, mixed>  $inputs
     * @return array<string, mixed> the outcome
     */
    private function does(string $screen, string $label, array $inputs = [], string $by = ''): array
    {
        $blueprint = $this->people()->blueprint;
        $index = $blueprint->screenIndex($screen) ?? self::fail($screen);
        $line = array_search($label, array_map(fn (object $line): string => $line->label ?? '', $blueprint->screens[$index]->lines()), true);
        $body = ['screen' => strtolower($screen), 'at' => "/screens/$index/lines/$line", 'inputs' => $inputs, 'pending' => $this->pending];
        $answer = $this->withHeaders($this->token === '' ? [] : ['Authorization' => "Bearer $this->token"])
            ->postJson("/device/live/{$this->reef->slug}/do", $body + ['tap' => bin2hex(random_bytes(8)), 'invitedBy' => $by])
            ->assertOk();
        self::assertMeets('view', (string) $answer->getContent());
        $this->flushHeaders();
        self::assertSame('', $answer->json('outcome.refused'));
        $this->token = $answer->json('session') ?? $answer->json('outcome.session') ?? $this->token;
        $this->pending = $answer->json('outcome.pending') ?? $this->pending;

        return $answer->json('outcome');
    }

    private function code(string $email): string
    {
        $about = '';
        foreach (Queue::pushed(SendNotice::class) as $job) {
            $letter = (fn (): array => [$this->email, $this->about])->call($job);
            $about = $letter[0] === $email ? $letter[1] : $about;
        }

        return substr($about, 0, 6);
    }

    private function people(): People
    {
        return (Space::of($this->reef, DataSet::Live) ?? self::fail('Nothing is live.'))->people();
    }

    private function person(string $email): Row
    {
        $person = $this->people()->accounts()->where('email', $email)->firstOrFail()->person;

        return $this->people()->store()->byIds($this->people()->table(), [$person])[$person];
    }

    private function teas(string $email): int
    {
        return (int) ($this->person($email)->values['teas'] ?? 0);
    }
}
