<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\SendNotice;
use App\Models\App;
use App\People\People;
use App\Records\DataSet;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** What the founder sees and does at the station of people. */
final class PeopleStationTest extends TestCase
{
    private App $demo;

    private string $path;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->path = "/api/apps/{$this->demo->id}";
        Queue::fake([SendNotice::class]);
        $this->actingAs($this->founderOf($this->demo));
    }

    public function test_people_are_listed_searched_and_looked_at(): void
    {
        $all = $this->getJson("$this->path/people/live")->assertOk();
        self::assertMeets('studio', (string) $all->getContent(), 'RollPage');
        self::assertSame(['Marit Solheim', 'Tomas Lindqvist', 'Ines Okafor'], array_column($all->json('people'), 'name'));
        $names = fn (string $query): array => array_column($this->getJson("$this->path/people/live?$query")->json('people'), 'name');
        self::assertSame(['Tomas Lindqvist'], $names('search=LINDQ'));
        self::assertSame(['Ines Okafor'], $names('search=ines%40'));
        self::assertSame([], $names('search=%25'));
        self::assertSame(['Marit Solheim'], $names('only=Keeper'));
        self::assertSame([], $names('only=guests'));
        $one = $this->getJson("$this->path/people/live/2")
            ->assertOk()
            ->assertJsonPath('email', 'tomas@lindqvist.example');
        self::assertMeets('studio', (string) $one->getContent(), 'OnePerson');
        self::assertSame(
            [
                ['table' => 'Swims', 'rows' => 4, 'goes' => false],
                ['table' => 'Bookings', 'rows' => 7, 'goes' => true],
                ['table' => 'Posts', 'rows' => 3, 'goes' => false],
                ['table' => 'Comments', 'rows' => 2, 'goes' => false],
                ['table' => 'Orders', 'rows' => 1, 'goes' => true],
            ],
            $one->json('leaving'),
        );
        $this->getJson("$this->path/people/live/99")->assertNotFound();
    }

    public function test_who_came_and_who_signed_in_is_counted_day_by_day(): void
    {
        $people = new People($this->demo, DataSet::Live, $this->demo->revision->read());
        $people->events()->delete();
        $people->accounts()->update(['created_at' => now()]);
        $people
            ->accounts()
            ->where('id', 1)
            ->update(['created_at' => now()->subDays(3)]);
        $people->note('signed in', 1);
        $people->note('signed in', 1);
        $people->note('wrong password', 1);
        $counts = $this->getJson("$this->path/people/live")->json('counts');

        self::assertSame([3, 0, 30, now()->format('Y-m-d')], [$counts['accounts'], $counts['guests'], count($counts['days']), $counts['days'][29]['day']]);
        self::assertSame(
            [[1, 0], [2, 2]],
            [[$counts['days'][26]['joined'], $counts['days'][26]['signedIn']], [$counts['days'][29]['joined'], $counts['days'][29]['signedIn']]],
        );
    }

    public function test_a_founder_changes_roles_ends_sessions_and_removes_people(): void
    {
        $this->postJson("$this->path/people/sandbox/2", ['what' => 'role', 'role' => 'Keeper'])->assertOk();
        $this->postJson("$this->path/people/sandbox/2", ['what' => 'role', 'role' => 'King'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'There is no such role.');
        self::assertSame('Keeper', $this->getJson("$this->path/people/sandbox?search=tomas")->json('people.0.role'));
        $this->asPerson($this->demo, 'tomas@lindqvist.example', DataSet::Sandbox)->flushHeaders();
        $this->postJson("$this->path/people/sandbox/2", ['what' => 'sign out'])->assertOk();
        self::assertSame([], $this->getJson("$this->path/people/sandbox/2")->json('sessions'));
        $this->postJson("$this->path/people/sandbox/2", ['what' => 'delete'])->assertOk();
        $this->postJson("$this->path/people/sandbox/2", ['what' => 'delete'])->assertUnprocessable();
        $this->postJson("$this->path/people/sandbox/2", ['what' => 'promote'])->assertUnprocessable();
        self::assertSame(2, $this->getJson("$this->path/people/sandbox")->json('count'));
        self::assertSame(3, $this->getJson("$this->path/people/live")->json('count'));
    }

    public function test_invitations_go_out_by_letter(): void
    {
        $this->postJson("$this->path/people/live/invite", ['email' => 'New@lanai.example'])->assertOk();
        $this->postJson("$this->path/people/live/invite", ['email' => 'nobody'])->assertUnprocessable();
        Queue::assertPushed(SendNotice::class, 1);
    }

    public function test_no_other_founder_gets_near(): void
    {
        $this->actingAs($this->stranger());
        foreach (['people/live', 'people/live/1', 'access', 'access/swims/1', 'sights', 'providers', 'pages'] as $page) {
            $this->getJson("$this->path/$page")->assertNotFound();
        }
        foreach (['people/live/1', 'people/live/invite', 'providers/live', 'pages'] as $page) {
            $this->postJson("$this->path/$page", ['what' => 'delete', 'email' => 'a@lanai.example', 'name' => 'Gatehouse'])->assertNotFound();
        }
    }

    public function test_every_screen_is_run_as_every_person(): void
    {
        $sights = $this->getJson("$this->path/sights")->assertOk();
        self::assertMeets('studio', (string) $sights->getContent(), 'SightsState');
        $of = fn (string $slug): array => collect($sights->json('screens'))->firstWhere('slug', $slug)['cells'];
        self::assertSame(['nobody signed in', 'Ines Okafor', 'Tomas Lindqvist', 'Marit Solheim'], array_column($sights->json('people'), 'label'));
        self::assertSame(['Please sign in to see this.', '', '', ''], array_column($of('profile'), 'problem'));
        // Ines hosts and Marit keeps, who also sends a tea; Tomas sees what he asked for of neither.
        self::assertSame([0, 1, 0, 4], array_column($of('requests'), 'rows'));
        self::assertSame([0, 6, 7, 5], array_column($of('mine'), 'rows'));
    }

    public function test_it_is_told_whether_a_person_may_do_something_with_a_row(): void
    {
        $answer = $this->getJson("$this->path/access/bookings/5?person=2")->assertOk();
        self::assertMeets('studio', (string) $answer->getContent(), 'Verdicts');
        self::assertSame(
            [['see', false], ['change', false], ['remove', false]],
            array_map(fn (array $v): array => [$v['verb'], $v['may']], $answer->json('verdicts')),
        );
        self::assertStringContainsString(
            'only the person in Person (Marit Solheim) or somebody for whom Swim’s Host is me or a Keeper may',
            $answer->json('verdicts.0.sentence'),
        );
        $this->getJson("$this->path/access/bookings/999")->assertNotFound();
        $this->getJson("$this->path/access/nothing/1")->assertNotFound();
    }

    public function test_public_pages_open_for_everybody_and_tell_what_is_kept(): void
    {
        \Illuminate\Support\Facades\Auth::logout();
        $this->get('/p/saltlark/privacy')->assertOk()->assertSee('Privacy')->assertSee('Favourite spots')->assertSee('sign in through Gatehouse');
        $this->get('/p/saltlark/terms')->assertOk()->assertSee('Terms of use');
        $this->get('/p/saltlark/deletion')->assertOk()->assertSee('What stays, without your name')->assertSee('Your e-mail address');
        $this->get('/p/saltlark/secrets')->assertNotFound();
        $this->get('/p/nobody/privacy')->assertNotFound();
    }

    public function test_an_account_is_deleted_from_outside_of_the_app_by_a_code(): void
    {
        $this->withoutMiddleware(\Illuminate\Foundation\Http\Middleware\ValidateCsrfToken::class);
        $this->post('/p/saltlark/deletion', ['email' => 'tomas@lindqvist.example'])
            ->assertOk()
            ->assertSee('six digits');
        $job = Queue::pushed(SendNotice::class)->last();
        $code = substr((fn (): string => $this->about)->call($job), 0, 6);
        $this->post('/p/saltlark/deletion', ['code' => $code === '000000' ? '000001' : '000000'])
            ->assertUnprocessable()
            ->assertSee('not right');
        $this->post('/p/saltlark/deletion', ['code' => $code])
            ->assertOk()
            ->assertSee('no account for this address any more');
        self::assertSame(2, $this->getJson("$this->path/people/live")->json('count'));
        $this->post('/p/saltlark/deletion', ['code' => $code])->assertUnprocessable();
    }

    public function test_sign_in_is_written_into_an_app_that_has_none(): void
    {
        $id =
            $this->postJson('/api/apps', ['name' => 'Hens'])
                ->assertSuccessful()
                ->json('app.id') ?? App::query()->max('id');
        $this->postJson("/api/apps/$id/edits", ['base' => 1, 'edit' => ['do' => 'letPeopleIn']])->assertOk();
        $state = $this->getJson("/api/apps/$id")->json();
        self::assertSame(['Start', 'Sign in', 'Sign up', 'Code', 'Account', 'Profile'], array_column($state['screens'], 'name'));
        self::assertNotSame([], $state['signIn']);
        $this->postJson("/api/apps/$id/edits", ['base' => 2, 'edit' => ['do' => 'letPeopleIn']])->assertStatus(409);
        $share = $state['app']['shareCode'];
        $this->postJson("/device/share/$share/do", ['screen' => 'sign-in', 'at' => '/screens/1/lines/5'])
            ->assertJsonPath('outcome.done', true)
            ->assertJsonPath('outcome.arrives', 'start');
    }
}
