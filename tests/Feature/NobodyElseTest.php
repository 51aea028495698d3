<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Apps\RevisionBook;
use App\Models\ServiceSecret;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Query\Query;
use Tests\TestCase;

/** What is one person's, one founder's or not yet public stays so. */
final class NobodyElseTest extends TestCase
{
    public function test_the_answer_to_a_tap_is_told_to_nobody_else_and_nowhere_else(): void
    {
        $app = app(RevisionBook::class)->begin(
            $this->stranger(),
            Blueprint::fromScript(
                "app Taps\ntable People, each a Person, who sign in\n  may be seen by everyone\n  Name is a text\ntable Jars, each a Jar\n"
                    ."  may be seen by everyone\n  may be added by everyone\n  Name is a text\nscreen S, first\n  Button \"add\"\n    tapped:\n"
                        ."      add a Jar\n        set Name = me.name ?? \"nobody\"\n      say \"For {me.name}\"\n  Button \"other\"\n    tapped:\n"
                            ."      say \"The other\"\n  List of Jars\n    tapped:\n      say \"{name}\"\nscreen T\n  Text \"x\"\n",
            ),
        );
        $store = new EloquentRecordStore($app, DataSet::Sandbox, $app->revision->read());
        foreach (['Ada', 'Bo'] as $name) {
            $store->add($app->revision->read()->tables[0], ['name' => $name]);
        }
        $this->actingAs($this->founderOf($app));
        $tap = fn (?int $person, string $at, ?int $item = null): ?string => $this->postJson("/device/deck/$app->id/do", [
            'screen' => 's',
            'person' => $person,
            'at' => $at,
            'item' => $item,
            'tap' => str_repeat('a', 32),
            'revision' => 1,
        ])
            ->assertOk()
            ->json('outcome.say.0');

        self::assertSame(
            ['For Ada', 'For Ada', 'For Bo', 'The other'],
            [$tap(1, '/screens/0/lines/0'), $tap(1, '/screens/0/lines/0'), $tap(2, '/screens/0/lines/0'), $tap(1, '/screens/0/lines/1')],
        );
        self::assertSame(2, $store->count(new Query($app->revision->read()->tables[1])));
        self::assertSame(['Ada', 'Bo'], [$tap(1, '/screens/0/lines/2', 1), $tap(1, '/screens/0/lines/2', 2)]);
    }

    public function test_public_pages_of_what_is_not_live_are_for_its_founder(): void
    {
        $app = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript("app Quiet\nscreen S\n"));
        $this->get("/p/$app->slug/privacy")->assertNotFound();
        $this->actingAs($this->founderOf($app))
            ->get("/p/$app->slug/privacy")
            ->assertOk();
        app(RevisionBook::class)->goLive($app);
        $this->app['auth']->forgetGuards();
        $this->get("/p/$app->slug/privacy")->assertOk();
    }

    public function test_the_document_of_the_api_is_public_only_where_its_founder_says_so(): void
    {
        $app = $this->demo();
        $at = '/rest/saltlark/live/openapi.json';
        $this->getJson($at)->assertUnauthorized();
        $this->actingAs($this->founderOf($app))->getJson($at)->assertOk();
        $this->postJson("/api/apps/$app->id/tokens/document", ['public' => true])
            ->assertOk()
            ->assertJsonPath('public', true);
        $this->app['auth']->forgetGuards();
        $this->getJson($at)->assertOk();
        $this->getJson('/rest/saltlark/sandbox/openapi.json')->assertUnauthorized();
        $this->actingAs($this->stranger())
            ->postJson("/api/apps/$app->id/tokens/document", ['public' => true])
            ->assertNotFound();
    }

    public function test_answers_say_little_about_the_server_and_https_is_kept_where_it_is_set(): void
    {
        config(['lanai.hsts' => 86400]);

        self::assertNull($this->get('/sign-in')->headers->get('X-Powered-By'));
        self::assertNull($this->get('/sign-in')->headers->get('Strict-Transport-Security'));
        self::assertSame('max-age=86400', $this->get('https://localhost/sign-in')->headers->get('Strict-Transport-Security'));
    }

    public function test_a_kept_key_that_is_typed_into_a_text_is_found_though_it_looks_like_words(): void
    {
        $app = $this->demo();
        $kept = ServiceSecret::query()->where('app_id', $app->id)->firstOrFail()->secret;
        $found = fn (): array => array_map(
            fn (Finding $f): string => $f->at,
            array_values(array_filter(Facts::findings($app->refresh()), fn (Finding $f): bool => $f->rule === 'SecretTyped')),
        );
        self::assertSame([], $found());
        foreach (["$kept", "the key is ($kept)", "x$kept=1"] as $text) {
            app(RevisionBook::class)->edit($app, $this->founderOf($app), $app->revision->number, new Fill('/release/description', $text));
            self::assertSame(['/release/description'], $found(), $text);
        }
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $app->revision->number, new Fill('/release/description', substr($kept, 1)));
        self::assertSame([], $found());
    }
}
