<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use Illuminate\Support\Facades\Artisan;
use Lanai\Core\Edits\Kinds\Rewrite;
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

    public function test_it_is_printed(): void
    {
        $app = $this->demo();
        self::assertSame(0, Artisan::call('lanai:declarations', ['app' => $app->slug, '--json' => true]));
        $printed = json_decode(Artisan::output(), true);
        self::assertSame($this->actingAs($this->founderOf($app))->getJson("/api/apps/$app->id/declarations")->json(), $printed);
        $this->artisan('lanai:declarations', ['app' => $app->slug])
            ->expectsOutputToContain('E-mail addresses, to let people sign in; kept until the account is deleted.')
            ->expectsOutputToContain('Are there adverts in it? Yes: Bunting.')
            ->expectsOutputToContain('Do people see where others are? No.')
            ->assertSuccessful();
        $this->artisan('lanai:declarations', ['app' => 'nowhere'])->assertFailed();
    }
}
