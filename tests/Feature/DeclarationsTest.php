<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Apps\RevisionBook;
use Illuminate\Support\Facades\Artisan;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Findings\Finding;
use Tests\TestCase;

/** What an app declares to the stores, as its founder reads it and as it is printed. */
final class DeclarationsTest extends TestCase
{
    public function test_it_follows_from_the_sentences_and_from_every_edit(): void
    {
        $app = $this->demo();
        $founder = $this->founderOf($app);
        $read = fn () => $this->actingAs($founder)->getJson("/api/apps/$app->id/declarations")->assertOk();
        self::assertMeets('studio', (string) $read()->getContent(), 'DeclarationsState');
        $of = fn (string $kind): ?array => collect($read()->json('data'))->firstWhere('kind', $kind);
        self::assertSame(['NSPrivacyCollectedDataTypeEmailAddress', ['NSPrivacyCollectedDataTypePurposeAppFunctionality']], array_values($of('email')['ios']));
        self::assertSame(['Personal info: Email address', ['Account management']], array_values($of('email')['android']));
        self::assertNull($of('phone'));
        self::assertContains('telephone numbers', $read()->json('none'));
        $script = $app->revision->read()->script();
        $more = str_replace("  About is a text\n", "  About is a text\n  Call is a phone number\n", $script);
        $more = str_replace('asking Name, About', 'asking Name, Call, About', $more);
        self::assertNotSame($script, $more);
        app(RevisionBook::class)->edit($app, $founder, $app->revision->number, new Rewrite($more));
        $app->refresh();
        self::assertSame(['People: Call'], $of('phone')['fields'] ?? null);
        $this->actingAs($this->stranger())->getJson("/api/apps/$app->id/declarations")->assertNotFound();
    }

    public function test_what_a_store_was_told_before_is_held_against_what_the_app_does_now(): void
    {
        $app = $this->demo();
        $founder = $this->founderOf($app);
        $since = fn (): array => $this->actingAs($founder)->getJson("/api/apps/$app->id/declarations")->assertOk()->json('since');
        $build = $app->builds()->create(['revision_id' => $app->revision->id, 'target' => 'apk', 'version' => '1.0.0', 'number' => 4, 'here' => true]);
        $script = $app->revision->read()->script();
        $changed = str_replace('  About is a text', "  About is a text\n  Call is a phone number", $script);
        $changed = str_replace('asking Name, About', 'asking Name, Call', $changed);
        $changed = (string) preg_replace('/^  Conversation with .*$/m', '  Web page at "https://sea.example"', $changed);
        app(RevisionBook::class)->edit($app, $founder, $app->revision->number, new Rewrite($changed));
        self::assertSame([], $since(), 'No store has taken anything yet.');
        $submission = $app->submissions()->create(['build_id' => $build->id, 'store' => 'quay', 'remote_id' => '1', 'state' => 'in review', 'reasons' => []]);
        self::assertSame([], $since());
        $submission->update(['state' => 'approved']);
        $says = ['It keeps telephone numbers.', 'Are there pages of the web in it? Now: yes.'];
        self::assertSame([['store' => 'Quay', 'version' => '1.0.0', 'number' => 4, 'says' => $says]], $since());
        self::assertSame(
            array_map(fn (string $said): string => "Something else than Quay was told with version 1.0.0 (4): $said It is handed in with the next package; "
                .'put it live after that.', $says),
            array_column(array_filter(Facts::findings($app->refresh()), fn (Finding $f): bool => $f->rule === 'DeclaredOtherwise'), 'sentence'),
        );
        $back = str_replace('asking Name, Call', 'asking Name', $changed);
        app(RevisionBook::class)->edit($app, $founder, $app->refresh()->revision->number, new Rewrite($back));
        self::assertSame([['Are there pages of the web in it? Now: yes.']], array_column($since(), 'says'));
        // Taken anew from what the app is now, nothing differs any more.
        $app->submissions()->create(['state' => 'released', 'build_id' => $app->builds()->create(
            ['revision_id' => $app->refresh()->revision->id, 'target' => 'apk', 'version' => '1.1.0', 'number' => 5, 'here' => true],
        )->id, 'store' => 'quay', 'remote_id' => '2', 'reasons' => []]);
        self::assertSame([], $since());
    }

    public function test_it_is_printed(): void
    {
        $app = $this->demo();
        self::assertSame(0, Artisan::call('lanai:declarations', ['app' => $app->slug, '--json' => true]));
        $printed = json_decode(Artisan::output(), true);
        self::assertSame($this->actingAs($this->founderOf($app))->getJson("/api/apps/$app->id/declarations")->json(), $printed + ['since' => []]);
        $this->artisan('lanai:declarations', ['app' => $app->slug])
            ->expectsOutputToContain('E-mail addresses, to let people sign in; kept until the account is deleted.')
            ->expectsOutputToContain('Are there adverts in it? Yes: Bunting.')
            ->expectsOutputToContain('Do people see where others are? No.')
            ->assertSuccessful();
        $this->artisan('lanai:declarations', ['app' => 'nowhere'])->assertFailed();
    }
}
