<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\OwnHost;
use App\Outbound\Guard;
use App\Outbound\TextRecords;
use App\Packaging\ServerAddress;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** An app has a name of its own on the web, once it was shown to be its founder's. */
final class OwnAddressTest extends TestCase
{
    private App $reef;

    private string $at;

    /** @var array<string, string> what stands elsewhere on the web, by addresses */
    private array $files = [];

    protected function setUp(): void
    {
        parent::setUp();
        config(['app.url' => 'http://lanai.example:8700']);
        $this->reef = $this->live('Reef');
        $this->at = "/api/apps/{$this->reef->id}/own-host";
        $this->actingAs($this->founderOf($this->reef));
        $this->stands([]);
        Guard::resolving(fn (): array => ['192.88.98.7']);
        Http::fake(fn (Request $asked) => Http::response($this->files[$asked->url()] ?? '', isset($this->files[$asked->url()]) ? 200 : 404));
    }

    protected function tearDown(): void
    {
        Guard::resolving(null);
        parent::tearDown();
    }

    public function test_by_a_text_in_the_dns_it_is_shown_whose_a_name_is_and_the_app_is_found_there_and_nothing_else(): void
    {
        $own = $this->postJson($this->at, ['host' => ' https://Swim.Reef.example/ '])->assertOk();
        self::assertMeets('studio', (string) $own->getContent(), 'ReleaseState');
        self::assertSame(['swim.reef.example', false, '_lanai.swim.reef.example'], [
            $own->json('ownHost.host'), $own->json('ownHost.proven'), $own->json('ownHost.record'),
        ]);
        $text = $own->json('ownHost.text');
        self::assertStringContainsString('server_name swim.reef.example;', $own->json('ownHost.proxy'));
        self::assertStringContainsString('proxy_pass http://127.0.0.1:8700;', $own->json('ownHost.proxy'));

        $this->postJson("$this->at/prove")->assertUnprocessable();
        $this->stands(['_lanai.swim.reef.example' => ['v=spf1 -all', "$text "]]);
        $this->stands(['swim.reef.example' => [$text]]);
        $this->postJson("$this->at/prove")->assertUnprocessable();
        self::assertSame('http://lanai.example:8700', ServerAddress::of($this->reef));
        $this->there('/')->assertOk();

        $this->stands(['_lanai.swim.reef.example' => ['v=spf1 -all', "$text "]]);
        $this->postJson("$this->at/prove")->assertOk()->assertJsonPath('ownHost.proven', true);
        self::assertSame('https://swim.reef.example', ServerAddress::of($this->reef));
        $other = $this->live('Cay');
        auth()->logout();
        $this->there('/?from=letter')->assertRedirect('/a/reef?from=letter');
        $this->there('/a/reef')->assertOk()->assertSee('"base":"\/device\/live\/reef"', false);
        $this->there("/s/{$this->reef->share_code}")->assertOk();
        foreach (['/a/cay', "/s/$other->share_code", '/apps', '/api/session', '/deck/1', '/p/cay/privacy', '/device/live/cay/pulse'] as $none) {
            $this->there($none)->assertNotFound();
        }
        $this->get('http://SWIM.reef.example/a/cay')->assertNotFound();
        // Each place tells search engines of what is there.
        self::assertStringContainsString('https://swim.reef.example/a/reef</loc>', (string) $this->there('/sitemap.xml')->getContent());
        self::assertStringNotContainsString('/a/cay', (string) $this->there('/sitemap.xml')->getContent());
        $here = (string) $this->get('http://lanai.example:8700/sitemap.xml')->getContent();
        self::assertStringContainsString('/a/cay</loc>', $here);
        self::assertStringNotContainsString('/a/reef', $here);

        $this->actingAs($this->founderOf($this->reef))->deleteJson($this->at)->assertOk()->assertJsonPath('ownHost', null);
        $this->there('/a/cay')->assertOk();
    }

    public function test_a_file_shows_it_too_and_lanai_never_stands_in_for_it(): void
    {
        $text = $this->postJson($this->at, ['host' => 'reef.example'])->json('ownHost.text');
        $this->get('http://reef.example/.well-known/lanai-proof.txt')->assertDontSee($text);
        $this->files = ['http://reef.example/.well-known/lanai-proof.txt' => "$text and more"];
        $this->postJson("$this->at/prove")->assertUnprocessable();
        $this->files = ['http://reef.example/.well-known/lanai-proof.txt' => "$text\n"];
        $this->postJson("$this->at/prove")->assertOk()->assertJsonPath('ownHost.proven', true);
    }

    public function test_a_name_is_whoever_has_shown_last_that_it_is_theirs(): void
    {
        $mine = $this->postJson($this->at, ['host' => 'reef.example'])->json('ownHost.text');
        $this->stands(['_lanai.reef.example' => [$mine]]);
        $this->postJson("$this->at/prove")->assertOk();
        $cay = $this->live('Cay');
        $theirs = $this->postJson("/api/apps/$cay->id/own-host", ['host' => 'reef.example'])->json('ownHost.text');
        self::assertNotSame($mine, $theirs);
        $this->postJson("/api/apps/$cay->id/own-host/prove")->assertUnprocessable();
        self::assertSame('https://reef.example', ServerAddress::of($this->reef));
        $this->stands(['_lanai.reef.example' => [$mine, $theirs]]);
        $this->postJson("/api/apps/$cay->id/own-host/prove")->assertOk();
        self::assertSame(['http://lanai.example:8700', 'https://reef.example'], [ServerAddress::of($this->reef), ServerAddress::of($cay)]);
        self::assertNull(OwnHost::query()->where('app_id', $this->reef->id)->value('proven_at'));

        // Another name has to be shown anew.
        $this->postJson("/api/apps/$cay->id/own-host", ['host' => 'cay.example'])->assertJsonPath('ownHost.proven', false);
        self::assertSame('http://lanai.example:8700', ServerAddress::of($cay));
        $this->actingAs(\App\Models\Founder::query()->create(['name' => 'Ben', 'email' => 'ben@founders.example', 'password' => 'long enough to be']));
        $this->postJson("/api/apps/$cay->id/own-host/prove")->assertNotFound();
    }

    public function test_names_in_other_letters_are_written_as_the_dns_has_them(): void
    {
        $this->postJson($this->at, ['host' => 'Bäder.example'])->assertJsonPath('ownHost.host', 'xn--bder-loa.example');
    }

    #[TestWith(['localhost'])]
    #[TestWith(['203.0.113.7'])]
    #[TestWith(['lanai.example'])]
    #[TestWith(['reef'])]
    #[TestWith(['reef.example/a'])]
    #[TestWith(['reef.example:80'])]
    #[TestWith(['-reef.example'])]
    #[TestWith(["reef.example\nx"])]
    #[TestWith(['*.example'])]
    public function test_what_is_no_name_of_ones_own_is_refused(string $host): void
    {
        $this->postJson($this->at, ['host' => $host])->assertUnprocessable()->assertJsonValidationErrors('host');
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function there(string $path): TestResponse
    {
        return $this->get("https://swim.reef.example$path");
    }

    private function live(string $name): App
    {
        $book = app(RevisionBook::class);
        $founder = \App\Models\Founder::query()->where('email', 'else@founders.example')->first() ?? $this->stranger();
        $app = $book->begin($founder, Blueprint::fromScript("app $name\n\nscreen Start, first\n  Text \"Here\"\n"));
        $book->goLive($app);
        Cache::flush();

        return $app;
    }

    /** @param  array<string, list<string>>  $texts  by the names under which they stand in the DNS */
    private function stands(array $texts): void
    {
        $this->app->instance(TextRecords::class, new class($texts) extends TextRecords
        {
            /** @param  array<string, list<string>>  $texts */
            public function __construct(private readonly array $texts)
            {
            }

            public function of(string $name): array
            {
                return $this->texts[$name] ?? [];
            }
        });
    }
}
