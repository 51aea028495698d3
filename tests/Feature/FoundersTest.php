<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Founder;
use Tests\TestCase;

final class FoundersTest extends TestCase
{
    public function test_a_founder_signs_up_in_and_out(): void
    {
        $this->postJson('/api/founders', ['name' => 'Ada', 'email' => 'ada@founders.example', 'password' => 'quite long enough'])
            ->assertOk()
            ->assertJsonPath('founder.name', 'Ada');
        self::assertNotSame('quite long enough', Founder::query()->firstOrFail()->password);
        $this->deleteJson('/api/session')->assertOk();
        $this->getJson('/api/apps')->assertUnauthorized();
        $this->postJson('/api/session', ['email' => 'ada@founders.example', 'password' => 'wrong'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'This address and password do not belong together.');
        $this->postJson('/api/session', ['email' => 'ada@founders.example', 'password' => 'quite long enough'])->assertOk();
        $this->getJson('/api/apps')->assertOk()->assertExactJson(['apps' => [], 'removed' => []]);
    }

    public function test_bad_input_gets_a_clear_sentence(): void
    {
        $this->postJson('/api/founders', ['name' => '', 'email' => 'nonsense', 'password' => 'short'])
            ->assertUnprocessable()
            ->assertJsonPath('errors.name.0', 'Please write your name.')
            ->assertJsonPath('errors.email.0', 'Please write your e-mail address.')
            ->assertJsonPath('errors.password.0', 'Please choose a password of at least 10 characters.');
    }

    public function test_the_demo_form_is_filled_in(): void
    {
        $demo = $this->getJson('/api/session')->assertOk()->json('demo');
        $this->demo();

        $this->postJson('/api/session', $demo)->assertOk()->assertJsonPath('founder.name', 'Noor Vahl');
    }

    public function test_another_founders_app_is_not_there(): void
    {
        $app = $this->demo();
        $this->actingAs($this->stranger());

        foreach (['', '/script', '/revisions', '/release', '/key', '/icon.png', '/rows/sandbox/swims', '/blank?at=/name', '/mend?finding=x'] as $path) {
            $this->getJson("/api/apps/$app->id$path")->assertNotFound();
        }
        foreach (['/edits', '/undo', '/redo', '/live', '/builds', '/submissions', '/assets', '/rows/sandbox/swims'] as $path) {
            $this->postJson("/api/apps/$app->id$path")->assertNotFound();
        }
        $this->deleteJson("/api/apps/$app->id/rows/sandbox/swims/1")->assertNotFound();
        $this->postJson("/device/deck/$app->id/view")->assertNotFound();
        $this->get("/deck/$app->id")->assertNotFound();
        self::assertSame(1, $app->refresh()->revision->number);
    }

    public function test_without_signing_in_there_is_nothing(): void
    {
        $app = $this->demo();

        $this->getJson("/api/apps/$app->id")->assertUnauthorized();
        $this->postJson("/device/deck/$app->id/view")->assertNotFound();
    }
}
