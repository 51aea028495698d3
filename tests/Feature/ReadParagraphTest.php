<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Models\App;
use Illuminate\Support\Facades\Artisan;
use Lanai\Core\Reading\Tagger;
use Tests\TestCase;

final class ReadParagraphTest extends TestCase
{
    private const TEXT = 'Each boat has a name and a price. Members book boats. Only the warden may add boats. No ads.';

    public function test_the_command_prints_sentences_or_json_from_what_it_is_told_or_from_a_file(): void
    {
        $this->artisan('lanai:read', ['paragraph' => self::TEXT])
            ->expectsOutput('You keep Boats: Name, Price (money).')
            ->expectsOutput('Only Wardens may add Boats.')
            ->assertOk();
        $file = $this->folder().'/paragraph.txt';
        file_put_contents($file, self::TEXT);
        self::assertSame(0, Artisan::call('lanai:read', ['--file' => $file, '--json' => true]));
        $told = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['tables', 'roles', 'acts', 'rights', 'sells', 'founders', 'questions', 'wants', 'not'], array_keys($told));
        self::assertSame(['Boats', 'Boat'], [$told['tables'][0]['name'], $told['tables'][0]['singular']]);
        self::assertSame(['Name', 'Price'], array_column($told['tables'][0]['fields'], 'name'));
        self::assertSame('a price', mb_substr(self::TEXT, $told['tables'][0]['fields'][1]['from'][0], 7));
    }

    public function test_while_it_is_written_a_founder_sees_what_is_understood(): void
    {
        $this->postJson('/api/read', ['text' => self::TEXT])->assertUnauthorized();
        $this->actingAs($this->stranger());
        $told = $this->postJson('/api/read', ['text' => 'A boat has a name.'])->assertOk();
        self::assertSame('You keep Boats: Name.', $told->json('sentences.0'));
        self::assertSame([['from' => 0, 'to' => 6, 'of' => 'data'], ['from' => 11, 'to' => 17, 'of' => 'data']], $told->json('marks'));
        $asks = $told->json('questions.0.asks');
        $this->postJson('/api/read', ['text' => 'A boat has a name.', 'answers' => [$asks => 'only you']])->assertJsonPath('questions', []);
        $this->postJson('/api/read', ['text' => null])->assertOk()->assertJsonPath('sentences', []);
        $this->postJson('/api/read', ['text' => str_repeat('a', 20_001)])->assertUnprocessable();
        $this->postJson('/api/read', ['text' => 'A boat.', 'answers' => [['x']]])->assertUnprocessable();
    }

    public function test_an_app_is_built_of_a_paragraph_and_runs_with_rows_to_look_at(): void
    {
        $founder = $this->stranger();
        $this->actingAs($founder);
        $id = $this->postJson('/api/apps', ['name' => 'Boats', 'text' => self::TEXT])->assertCreated()->json('id');
        $app = App::query()->findOrFail($id);
        self::assertSame([], Facts::findings($app));
        $rows = $this->getJson("/api/apps/$id/rows/sandbox/boats")->assertOk();
        self::assertCount(6, $rows->json('rows'));
        $seen = $this->postJson("/device/share/$app->share_code/view", ['screen' => ''])->assertOk();
        self::assertMeets('view', (string) $seen->getContent());
        self::assertSame('Boats', $seen->json('view.title'));
        // Without a paragraph it begins empty, as ever.
        $this->postJson('/api/apps', ['name' => 'Empty', 'text' => ' '])->assertCreated();
        $this->postJson('/api/apps', ['name' => '', 'text' => self::TEXT])->assertUnprocessable();
        $this->postJson('/api/apps', ['name' => 'Long', 'text' => str_repeat('a', 20_001)])->assertUnprocessable();
        self::assertSame(2, $founder->apps()->count());
    }

    public function test_the_command_builds_one_and_prints_what_is_found(): void
    {
        $this->demo();
        $file = $this->folder().'/paragraph.txt';
        file_put_contents($file, self::TEXT);
        $this->artisan('lanai:build', ['name' => 'Boats', '--file' => $file])->expectsOutputToContain('and 0 findings.')->assertOk();
        $this->artisan('lanai:build', ['name' => 'Boats'])->assertFailed();
        $this->artisan('lanai:build', ['name' => 'Boats', '--file' => $file, '--for' => 'nobody@founders.example'])
            ->expectsOutput('There is no such founder.')->assertFailed();
    }

    public function test_what_cannot_be_read_is_refused_with_a_sentence(): void
    {
        $this->artisan('lanai:read')->expectsOutput('Please give a paragraph, or a file that has one.')->assertFailed();
        $this->artisan('lanai:read', ['--file' => '/nowhere'])->assertFailed();
        $long = str_repeat('a ', Tagger::LONGEST);
        $this->artisan('lanai:read', ['paragraph' => $long])->expectsOutput('This is longer than 20,000 letters. Please say it in fewer.')->assertFailed();
    }

    public function test_the_first_revision_tells_how_each_part_came_about(): void
    {
        $this->actingAs($this->stranger());
        $corrections = [['at' => 'table Boat', 'do' => 'add', 'to' => 'Sail', 'as' => 'text']];
        $id = $this->postJson('/api/apps', ['name' => 'Boats', 'text' => self::TEXT, 'corrections' => $corrections])->assertCreated()->json('id');
        $told = $this->getJson("/api/apps/$id/revisions")->assertOk();
        $now = array_merge(...array_column($told->json('0.sentences'), 'now'));
        self::assertContains('You keep Boats: Name, Price (money), Sail. From “Each boat”, “a name”, “a price”.', $now);
        self::assertContains('There are no adverts. From “No ads”.', $now);
        self::assertContains('Only Wardens may add Boats. As you have said beside it.', $now);
    }
}
