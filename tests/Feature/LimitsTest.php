<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Services\AnswerDatabase;
use Illuminate\Cache\RateLimiter;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Each purpose is counted by itself, and nobody is locked out by somebody else. */
final class LimitsTest extends TestCase
{
    public function test_one_purpose_never_locks_another(): void
    {
        $app = $this->demo();
        for ($n = 0; $n < 121; $n++) {
            $last = $this->get('/p/saltlark/privacy');
        }
        $last->assertStatus(429);
        $this->postJson('/device/live/saltlark/view', ['screen' => ''])->assertOk();
        $this->postJson('/api/session', ['email' => config('lanai.demo_email'), 'password' => config('lanai.demo_password')])->assertOk();
        $this->getJson("/api/apps/$app->id")->assertOk();
    }

    public function test_wrong_passwords_from_elsewhere_do_not_keep_a_founder_out(): void
    {
        $this->demo();
        $from = fn (string $ip, string $password) => $this->withServerVariables(['REMOTE_ADDR' => $ip])->postJson('/api/session', [
            'email' => config('lanai.demo_email'),
            'password' => $password,
        ]);
        for ($n = 0; $n < 10; $n++) {
            $from('198.51.100.7', "wrong $n")->assertUnprocessable();
        }
        $from('198.51.100.7', (string) config('lanai.demo_password'))
            ->assertStatus(429)
            ->assertJsonPath('message', 'That was too often in a short time. Please wait a minute and try again.');
        $from('198.51.100.8', (string) config('lanai.demo_password'))->assertOk();
    }

    public function test_who_called_is_believed_of_nobody_that_is_not_trusted(): void
    {
        $this->demo();
        for ($n = 0; $n < 10; $n++) {
            $this->withServerVariables(['REMOTE_ADDR' => '198.51.100.9'])
                ->withHeader('X-Forwarded-For', "203.0.113.$n")
                ->postJson('/api/session', ['email' => config('lanai.demo_email'), 'password' => 'wrong']);
        }
        $this->withServerVariables(['REMOTE_ADDR' => '198.51.100.9'])
            ->withHeader('X-Forwarded-For', '203.0.113.200')
            ->postJson('/api/session', ['email' => config('lanai.demo_email'), 'password' => 'wrong'])
            ->assertStatus(429);
    }

    public function test_a_flood_of_views_and_uploads_is_met_and_a_person_is_not(): void
    {
        $this->demo();
        for ($n = 0; $n < 1100; $n++) {
            $ok = $this->getJson('/device/live/nowhere/pulse')->status() === 404;
            if (! $ok) {
                break;
            }
        }
        self::assertSame(1000, $n, 'Forty phones that nobody knows, behind one address, are answered; a flood is not.');
        self::assertSame(
            404,
            $this->withToken('a-device')->getJson('/device/live/nowhere/pulse')->status(),
            'A device that shows a session is counted by itself.',
        );
    }

    public function test_limits_outlive_the_caches(): void
    {
        config([
            'lanai.answers' => 'answers',
            'database.connections.answers.database' => $this->folder().'/answers.sqlite',
            'cache.default' => 'file',
            'cache.stores.file.path' => $this->folder().'/cache',
        ]);
        (new \ReflectionProperty(AnswerDatabase::class, 'ready'))->setValue(null, false);
        DB::purge('answers');
        $this->app->forgetInstance(RateLimiter::class);
        $limiter = $this->app->make(RateLimiter::class);
        $limiter->hit('sign-in of somebody', 600);
        Cache::store('file')->put('x', 1);
        Artisan::call('cache:clear');

        self::assertNull(Cache::store('file')->get('x'));
        $this->app->forgetInstance(RateLimiter::class);
        self::assertSame(1, $this->app->make(RateLimiter::class)->attempts('sign-in of somebody'));
        (new \ReflectionProperty(AnswerDatabase::class, 'ready'))->setValue(null, false);
    }
}
