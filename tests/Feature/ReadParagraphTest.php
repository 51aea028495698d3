<?php

declare(strict_types=1);

namespace Tests\Feature;

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
        self::assertSame(['tables', 'roles', 'acts', 'rights', 'questions', 'not'], array_keys($told));
        self::assertSame(['Boats', 'Boat'], [$told['tables'][0]['name'], $told['tables'][0]['singular']]);
        self::assertSame(['Name', 'Price'], array_column($told['tables'][0]['fields'], 'name'));
        self::assertSame('a price', mb_substr(self::TEXT, $told['tables'][0]['fields'][1]['from'][0], 7));
    }

    public function test_what_cannot_be_read_is_refused_with_a_sentence(): void
    {
        $this->artisan('lanai:read')->expectsOutput('Please give a paragraph, or a file that has one.')->assertFailed();
        $this->artisan('lanai:read', ['--file' => '/nowhere'])->assertFailed();
        $long = str_repeat('a ', Tagger::LONGEST);
        $this->artisan('lanai:read', ['paragraph' => $long])->expectsOutput('This is longer than 20,000 letters. Please say it in fewer.')->assertFailed();
    }
}
