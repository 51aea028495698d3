<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\UploadedFile;
use Illuminate\Testing\PendingCommand;
use Tests\TestCase;

/** Saying a change over HTTP and on the command line: proposed with pictures, taken on the revision that was seen, refused to others. */
final class SayingTest extends TestCase
{
    private const SAYING = 'make the list of posts on Feed tiles. Add a rating to spots';

    public function test_it_is_proposed_and_taken_in_part(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));

        $heard = $this->postJson("/api/apps/$app->id/say", ['text' => self::SAYING, 'drawn' => true])->assertOk();
        foreach ($heard->json('parts') as $part) {
            self::assertMeets('studio', (string) json_encode($part), 'Heard');
        }
        self::assertSame('Feed', $heard->json('parts.0.proposals.0.pictures.0.screen'));
        self::assertSame('Spot', $heard->json('parts.1.proposals.0.pictures.0.screen'));
        self::assertSame(1, $app->refresh()->revision->number);

        $taken = $this->postJson("/api/apps/$app->id/say/take", ['text' => self::SAYING, 'take' => [null, 0], 'base' => 1]);
        $taken->assertOk();
        self::assertNotNull($app->refresh()->revision->read()->table('Spots')?->field('Rating'));
        self::assertStringNotContainsString('List of Posts, by Posted downward, as tiles, with an advert', $app->revision->read()->script());
        $this->postJson("/api/apps/$app->id/undo", ['base' => 2])->assertOk();
        self::assertNull($app->refresh()->revision->read()->table('Spots')?->field('Rating'));
    }

    public function test_whoever_saw_an_older_revision_is_told_where_its_place_has_changed(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $this->postJson("/api/apps/$app->id/say/take", ['text' => 'make it blue', 'take' => [0], 'base' => 1])->assertOk();

        $this->postJson("/api/apps/$app->id/say/take", ['text' => 'make it green', 'take' => [0], 'base' => 1])->assertStatus(409);
    }

    public function test_bad_input_gets_a_sentence(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));

        $this->postJson("/api/apps/$app->id/say", ['text' => ''])->assertUnprocessable();
        $this->postJson("/api/apps/$app->id/say", ['text' => str_repeat('a ', 300)])->assertUnprocessable();
        $this->postJson("/api/apps/$app->id/say/take", ['text' => 'make it blue', 'take' => ['x'], 'base' => 1])->assertUnprocessable();
        $this->postJson("/api/apps/$app->id/say/take", ['text' => 'make it blue', 'take' => [2], 'base' => 1])
            ->assertStatus(409)
            ->assertJsonPath('message', '“make it blue” cannot be done as things stand now. Please say it again.');
        self::assertSame(1, $app->refresh()->revision->number);
    }

    public function test_steps_that_would_come_next(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));

        foreach ($this->getJson("/api/apps/$app->id/next")->assertOk()->json('steps') as $step) {
            self::assertMeets('studio', (string) json_encode($step), 'NextStep');
        }
        $this->actingAs($this->stranger());
        $this->getJson("/api/apps/$app->id/next")->assertNotFound();
        $this->postJson("/api/apps/$app->id/say", ['text' => 'make it blue'])->assertNotFound();
        $this->postJson("/api/apps/$app->id/say/take", ['text' => 'make it blue', 'take' => [0], 'base' => 1])->assertNotFound();
    }

    public function test_on_the_command_line(): void
    {
        $app = $this->demo();

        $say = fn (string $saying, int $take = 0): PendingCommand => $this->said(['app' => $app->slug, 'saying' => $saying, '--take' => $take ?: null]);
        $say('who can see bookings?')->expectsOutputToContain('Bookings may be seen by')->assertSuccessful();
        $say('make it blue', 1)->expectsOutputToContain('is at revision 2')->assertSuccessful();
        self::assertSame('#1C61BA', $app->refresh()->revision->read()->theme->main);
        $say('make it blue', 3)->assertFailed();
        $this->artisan('lanai:say', ['app' => 'nowhere', 'saying' => 'make it blue'])->assertFailed();
    }

    /** @param  array<string, string|int|null>  $options */
    private function said(array $options): PendingCommand
    {
        $command = $this->artisan('lanai:say', array_filter($options, fn (mixed $one): bool => $one !== null));

        return $command instanceof PendingCommand ? $command : self::fail();
    }

    public function test_why_something_did_not_go_is_told_with_what_could_be_said(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $told = $this->postJson("/api/apps/$app->id/amiss", ['said' => 'Only a Host may add a Swim.', 'person' => 'Tomas Lindqvist'])->assertOk();
        self::assertMeets('studio', (string) $told->getContent(), 'Amiss');
        self::assertStringContainsString('Swims may be added by a Host, and this was a Swimmer.', $told->json('cause'));
        self::assertSame('Swimmers may add Swims', $told->json('sayings.0'));
        $this->postJson("/api/apps/$app->id/amiss", ['said' => '', 'person' => null])->assertUnprocessable();
        $this->postJson("/api/apps/$app->id/amiss", ['said' => str_repeat('x', 1001), 'person' => null])->assertUnprocessable();
        $this->actingAs($this->stranger());
        $this->postJson("/api/apps/$app->id/amiss", ['said' => 'x', 'person' => null])->assertNotFound();
    }

    public function test_a_picture_of_the_app_becomes_its_look_and_a_torn_one_is_told(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $path = $this->folder().'/red.png';
        $image = imagecreatetruecolor(200, 100) ?: self::fail();
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 250, 250, 250));
        imagefilledrectangle($image, 20, 20, 90, 80, (int) imagecolorallocate($image, 179, 38, 30));
        imagepng($image, $path);
        $file = $this->post(
            "/api/apps/$app->id/assets",
            ['picture' => new UploadedFile($path, 'Red.png', 'image/png', null, true)],
        )->assertCreated()->json('name');
        $this->postJson("/api/apps/$app->id/edits", ['base' => 1, 'edit' => ['do' => 'addAsset', 'file' => $file, 'called' => 'Red.png']])->assertOk();
        $hear = fn () => $this->postJson("/api/apps/$app->id/say", ['text' => 'make it look like "Red"', 'here' => ''])->assertOk();
        self::assertSame('A look like Red', $hear()->json('parts.0.proposals.0.label'));
        self::assertStringContainsString('main colour is #B', (string) json_encode($hear()->json('parts.0.proposals.0.sentences')));
        file_put_contents($app->folder('pictures')."/$file", 'torn');
        self::assertStringContainsString('Nothing can be seen in “Red”', $hear()->json('parts.0.answer'));
    }
}
