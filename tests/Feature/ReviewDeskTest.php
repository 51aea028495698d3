<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use App\Outbound\Guard;
use App\Stores\ReviewDesk;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Review\Opinion;
use Tests\TestCase;

/** An app looked at as a store would, with what is known of it beside its sentences. */
final class ReviewDeskTest extends TestCase
{
    private const SCRIPT = <<<'SCRIPT'
    app Kelp

    screen Start, first
      Text "Here"
      Button "Read"
        tapped:
          open "https://there.example/about"
      Button "Gone"
        tapped:
          open "https://gone.example/about"
      Button "Write"
        tapped:
          open "mailto:ada@kelp.example"

    screen Later

    release
      package is "com.example.kelp"
      icon letter is "K"
      title is "KELP FOREST"
      summary is "Kelp along the coast."
    SCRIPT;

    private App $kelp;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kelp = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::SCRIPT));
        Guard::resolving(fn (): array => ['93.184.215.14']);
        Http::fake(['there.example/*' => Http::response('there'), 'gone.example/*' => Http::response('', 404)]);
    }

    protected function tearDown(): void
    {
        Guard::resolving(null);
        parent::tearDown();
    }

    public function test_addresses_are_tried_and_remembered_for_a_while(): void
    {
        $said = $this->said();
        self::assertContains('Nobody gets to https://gone.example/about: it answers 404.', $said);
        self::assertNotContains('Nobody gets to https://there.example/about: nothing answers there.', $said);
        $this->said();
        Http::assertSentCount(2);
        $this->travel(11)->minutes();
        $this->said();
        Http::assertSentCount(4);
    }

    public function test_a_mend_of_a_reason_is_read_and_applied_like_any_other(): void
    {
        $this->actingAs($this->founderOf($this->kelp));
        $reasons = $this->getJson("/api/apps/{$this->kelp->id}/review?store=pier&here=1")->assertOk()->assertJsonPath('store', 'pier');
        self::assertMeets('studio', (string) $reasons->getContent(), 'ReviewState');
        $finding = collect($reasons->json('reasons'))->flatMap(fn (array $reason): array => $reason['findings'])->firstWhere(
            'sentence',
            'Nothing stands on “Later”.',
        );
        self::assertSame(['Remove it', true], [$finding['mend'], $finding['blocks']]);
        $this->getJson("/api/apps/{$this->kelp->id}/mend?finding=$finding[id]")->assertOk()->assertJsonPath('label', 'Remove it');
        $this->postJson("/api/apps/{$this->kelp->id}/mend", ['base' => 1, 'finding' => $finding['id']])->assertOk();
        self::assertCount(1, $this->kelp->refresh()->revision->read()->screens);
        $this->getJson("/api/apps/{$this->kelp->id}/mend?finding=$finding[id]")->assertStatus(409);
        $this->getJson("/api/apps/{$this->kelp->id}/review?store=corner-shop")->assertStatus(422);
        $this->actingAs(Founder::query()->create(['name' => 'Ben', 'email' => 'ben@founders.example', 'password' => 'long enough to be']));
        $this->getJson("/api/apps/{$this->kelp->id}/review?store=quay")->assertNotFound();
    }

    public function test_the_title_of_another_app_of_the_same_founder_counts(): void
    {
        $this->kelp->update(['live_revision_id' => $this->kelp->revision->id]);
        $twin = app(RevisionBook::class)->begin($this->founderOf($this->kelp), Blueprint::fromScript(self::SCRIPT));
        $said = array_column(array_merge(...array_map(fn (Opinion $o): array => $o->findings, (new ReviewDesk($twin))->opinions('quay', true))), 'sentence');
        self::assertContains('Another app of yours has the title “KELP FOREST”, too.', $said);
        self::assertNotContains('Another app of yours has the title “KELP FOREST”, too.', $this->said());
    }

    public function test_the_command_prints_every_reason_and_fails_where_one_is_certain(): void
    {
        self::assertSame(1, Artisan::call('lanai:review', ['app' => $this->kelp->slug, '--store' => 'pier', '--here' => true]));
        $printed = Artisan::output();
        self::assertStringContainsString('✗ The title is written as names are.', $printed);
        self::assertStringContainsString('(Write it “Kelp Forest”)', $printed);
        self::assertMatchesRegularExpression('/The store would turn it down for \d+ of 53 reasons\./', $printed);

        self::assertSame(1, Artisan::call('lanai:review', ['app' => $this->kelp->slug, '--json' => true]));
        $told = json_decode(Artisan::output(), true, 512, JSON_THROW_ON_ERROR);
        self::assertSame(['quay', 51], [$told['store'], count($told['reasons'])]);
        $this->artisan('lanai:review', ['app' => $this->kelp->slug, '--store' => 'corner-shop'])->assertFailed();
    }

    public function test_the_demo_passes_but_for_its_short_description(): void
    {
        $this->demo();
        $demo = App::query()->where('slug', 'saltlark')->firstOrFail();
        Cache::flush();
        foreach (['quay', 'pier'] as $store) {
            $against = array_filter((new ReviewDesk($demo))->opinions($store, true), fn (Opinion $opinion): bool => $opinion->turnsDown());
            self::assertSame(
                ['The short description has the length that stores take.'],
                array_values(array_map(fn (Opinion $o): string => $o->holds, $against)),
            );
        }
    }

    public function test_the_page_in_the_stores_is_told_in_each_language(): void
    {
        $this->demo();
        $demo = App::query()->where('slug', 'saltlark')->firstOrFail();
        $pages = $this->actingAs($this->founderOf($demo))->getJson("/api/apps/$demo->id/listing")->assertOk()->json('pages');
        foreach ($pages as $page) {
            self::assertMeets('studio', (string) json_encode($page), 'ListingState');
        }
        self::assertSame([['en', 'ltr'], ['de', 'ltr'], ['ar', 'rtl']], array_map(fn (array $page): array => [$page['tongue'], $page['direction']], $pages));
        self::assertSame([[], [], []], array_column($pages, 'missing'));
        self::assertCount(3, array_unique(array_column($pages, 'summary')));
    }

    /** @return list<string> */
    private function said(): array
    {
        $opinions = (new ReviewDesk($this->kelp->refresh()))->opinions('quay', true);

        return array_column(array_merge(...array_map(fn (Opinion $o): array => $o->findings, $opinions)), 'sentence');
    }
}
