<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\BeginRoutines;
use App\Jobs\SendWebhook;
use App\Models\RoutineRun;
use App\Models\Webhook;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Tests\PracticeServices;
use Tests\TestCase;

/** Routines that wait for a row, a time or a webhook; their log; and webhooks that go out. */
final class RoutinesByThemselvesTest extends TestCase
{
    use PracticeServices {
        setUp as private practised;
    }

    protected function setUp(): void
    {
        $this->practised();
        config(['queue.default' => 'sync']);
    }

    public function test_a_phrase_is_added_and_its_translation_and_its_sound_appear(): void
    {
        $id = $this->store()->add($this->table('Phrases'), ['words' => 'Never swim alone.']);
        $row = $this->store()->byIds($this->table('Phrases'), [$id])[$id]->values;

        if (trim((string) shell_exec('command -v espeak-ng')) !== '') {
            self::assertSame('Schwimm nie allein.', $row['german']);
            self::assertMatchesRegularExpression('/^[0-9a-f]{64}\.wav$/', $row['sound']);
        }
        $run = RoutineRun::query()->firstOrFail();
        self::assertSame(['Learn phrase', "Phrase $id was added", 'done'], [$run->routine, $run->because, $run->state], $run->said);
        $book = $this->getJson("/api/apps/{$this->demo->id}/routines/sandbox")->assertOk();
        self::assertMeets('studio', (string) $book->getContent(), 'RoutineBook');
        self::assertContains("changed Phrase $id in Phrases", $book->json('runs.0.steps'));
    }

    public function test_where_a_service_does_not_answer_it_is_tried_again_and_can_be_run_again(): void
    {
        Queue::fake();
        $this->practise('wordsmith', '401');
        $this->store()->add($this->table('Phrases'), ['words' => 'Look out for boats.']);
        $run = RoutineRun::query()->firstOrFail();
        foreach ([['waiting', 1], ['waiting', 2], ['refused', 3]] as $expected) {
            (new \App\Jobs\RunRoutine($run->id))->handle();
            $run->refresh();
            self::assertSame($expected, [$run->state, $run->tries]);
        }
        self::assertNull($this->store()->byIds($this->table('Phrases'), [1])[1]->values['german']);

        $this->practise();
        $this->postJson("/api/apps/{$this->demo->id}/routines/sandbox/runs/$run->id")->assertOk();
        $again = RoutineRun::query()->orderByDesc('id')->firstOrFail();
        (new \App\Jobs\RunRoutine($again->id))->handle();
        self::assertSame('done', $again->refresh()->state, $again->said);
    }

    public function test_what_is_taken_back_sets_nothing_off(): void
    {
        try {
            $this->store()->together(function (): void {
                $this->store()->add($this->table('Phrases'), ['words' => 'Never.']);
                throw new \RuntimeException('No.');
            });
        } catch (\RuntimeException) {
        }
        self::assertSame(0, RoutineRun::query()->count());
    }

    public function test_routines_that_set_one_another_off_come_to_an_end(): void
    {
        $this->edit("routine One way, when one Comment is changed\n  change comment.post\n    set Words = comment.post.words ~ \"!\"");
        $this->edit("routine Other way, when one Post is changed\n  for each of post.comments\n    change this\n      set Words = words ~ \"?\"");
        $this->store()->change($this->table('Comments'), 1, ['words' => 'Hello']);

        self::assertSame(['One way', 'Other way'], RoutineRun::query()->orderBy('id')->pluck('routine')->unique()->values()->all());
        self::assertLessThan(40, RoutineRun::query()->count());
    }

    public function test_a_routine_is_begun_at_its_time_and_once(): void
    {
        $this->edit("routine Morning, every day, at the time \"07:30\", in the time of \"Europe/Oslo\"\n  say \"Good morning\"");
        foreach (
            [
                '2026-07-01 05:29:30' => 0,
                '2026-07-01 05:30:10' => 1,
                '2026-07-01 05:30:40' => 1,
                '2026-12-01 05:30:00' => 1,
                '2026-12-01 06:30:00' => 2,
            ] as $time => $count
        ) {
            $this->travelTo(new \DateTimeImmutable("$time UTC"));
            $this->artisan(BeginRoutines::class)->assertSuccessful();
            self::assertSame($count, RoutineRun::query()->where('routine', 'Morning')->count(), $time);
        }
    }

    public function test_a_webhook_comes_in_at_an_address_that_nobody_can_guess(): void
    {
        $this->edit(
            "routine Report taking Words is a text and Stars is a whole number from 1 to 5, when a webhook comes in\n  add a Post\n"
                ."    set Words = words ~ \" \" ~ text(stars)\n    set Posted = now()",
        );
        $address = $this->getJson("/api/apps/{$this->demo->id}/routines/sandbox")->json('routines.1.hook');
        $path = (string) parse_url($address, PHP_URL_PATH);
        $count = fn (): int => $this->store()->count(new Query($this->table('Posts')));
        $before = $count();
        \Illuminate\Support\Facades\Auth::logout();

        $this->postJson($path, ['words' => 'From outside', 'stars' => 4])->assertAccepted();
        self::assertSame($before + 1, $count());
        $this->postJson($path, ['words' => 'Too many', 'stars' => 9])->assertUnprocessable();
        $this->postJson(substr($path, 0, -1).'0', ['words' => 'x'])->assertStatus(str_ends_with($path, '0') ? 202 : 404);
        self::assertSame($before + 1 + (str_ends_with($path, '0') ? 1 : 0), $count());
    }

    public function test_a_row_that_a_webhook_names_by_its_id_is_that_row(): void
    {
        $this->edit("routine Report taking Swim is one Swim, when a webhook comes in\n  add a Post\n    set Words = swim.title\n    set Posted = now()");
        $path = (string) parse_url($this->getJson("/api/apps/{$this->demo->id}/routines/sandbox")->json('routines.1.hook'), PHP_URL_PATH);
        $swim = $this->store()->rows(new Query($this->table('Swims'), limit: 1))[0];
        $words = fn (): array => array_map(fn (Row $r): mixed => $r->values['words'], $this->store()->rows(new Query($this->table('Posts'))));

        $this->postJson($path, ['swim' => $swim->id])->assertAccepted();
        self::assertContains($swim->values['title'], $words());
    }

    public function test_a_webhook_that_goes_out_is_signed(): void
    {
        Http::fake(['*' => Http::response('', 200)]);
        $made = $this->postJson("/api/apps/{$this->demo->id}/routines/sandbox/webhooks", [
            'url' => 'http://93.184.216.34/hook',
            'tables' => ['comments'],
        ])->assertCreated();
        self::assertMeets('studio', (string) $made->getContent(), 'RoutineBook');
        $this->store()->change($this->table('Comments'), 1, ['words' => 'Changed']);
        $this->store()->change($this->table('Posts'), 1, ['words' => 'Not told']);

        self::assertCount(1, Http::recorded());
        $request = Http::recorded()[0][0];
        $body = json_decode($request->body(), true);
        self::assertSame(['comments.changed', 1, 'Changed'], [$body['type'], $body['data']['id'], $body['data']['words']]);
        $signed = "{$request->header('webhook-id')[0]}.{$request->header('webhook-timestamp')[0]}.{$request->body()}";
        self::assertSame(
            'v1,'.base64_encode(hash_hmac('sha256', $signed, (string) base64_decode(substr($made->json('secret'), 6)), true)),
            $request->header('webhook-signature')[0],
        );
        self::assertSame('The last one was taken.', Webhook::query()->firstOrFail()->state);
        self::assertStringNotContainsString($made->json('secret'), (string) $this->getJson("/api/apps/{$this->demo->id}/routines/sandbox")->getContent());
    }

    public function test_a_webhook_does_not_reach_a_stand_in_that_is_not_for_apps(): void
    {
        Http::fake(['*' => Http::response('', 200)]);
        $this->postJson("/api/apps/{$this->demo->id}/routines/sandbox/webhooks", [
            'url' => 'stand-in:quay/submissions',
            'tables' => ['comments'],
        ])->assertCreated();
        $this->store()->change($this->table('Comments'), 1, ['words' => 'Changed']);

        self::assertCount(0, Http::recorded());
        self::assertSame('This part of the stand-ins is not for apps.', Webhook::query()->firstOrFail()->state);
    }

    public function test_what_a_routine_waits_for_is_told_in_words(): void
    {
        $this->edit("routine Morning, every day, at the time \"04:00\"\n  say \"x\"");

        self::assertSame(
            ['when one Phrase is added', 'every day at 04:00 (UTC)'],
            $this->getJson("/api/apps/{$this->demo->id}/routines/sandbox")->json('routines.*.waits'),
        );
    }

    /** RFC 4231, test case 2, in base64, with the message cut at its dots. */
    public function test_the_signature_is_hmac_with_sha_256(): void
    {
        self::assertSame(
            'v1,'.base64_encode(hash_hmac('sha256', 'what do ya.1.want for nothing?', 'Jefe', true)),
            SendWebhook::signature('whsec_'.base64_encode('Jefe'), 'what do ya', 1, 'want for nothing?'),
        );
        self::assertSame('5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843', hash_hmac('sha256', 'what do ya want for nothing?', 'Jefe'));
    }

    private function store(): EloquentRecordStore
    {
        $this->demo->refresh()->load('revision');

        return new EloquentRecordStore($this->demo, DataSet::Sandbox, $this->demo->revision->read());
    }

    private function table(string $name): Table
    {
        return $this->demo->revision->read()->table($name) ?? throw new \LogicException($name);
    }

    private function edit(string $text): void
    {
        $this->postJson("/api/apps/{$this->demo->id}/edits", [
            'base' => 9999,
            'edit' => ['do' => 'write', 'list' => '/routines', 'text' => $text],
        ])->assertOk();
        $this->demo->refresh()->load('revision');
    }
}
