<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\NamedFiles;
use App\Apps\RevisionBook;
use App\Compact;
use App\Models\App;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Edits\Kinds\Fill;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is kept in few bytes comes back as it was, and what an older version kept as JSON is read, too. */
final class CompactTest extends TestCase
{
    public function test_what_is_written_comes_back(): void
    {
        $data = ['text' => "a\0b “ä” 🌊", 'numbers' => [0, -1, PHP_INT_MAX, 0.1, 1e300], 'none' => null, 'yes' => true, 'empty' => [], '3' => ['' => ['deep']]];
        $this->assertSame($data, Compact::read(Compact::written($data)));
        $this->assertSame(['a' => [1, 'b' => null]], Compact::read('{"a": {"0": 1, "b": null}}'));
    }

    #[DataProvider('broken')]
    public function test_what_cannot_be_read_is_not_taken_for_an_empty_app(string $kept): void
    {
        $this->expectException(\UnexpectedValueException::class);
        Compact::read($kept);
    }

    /** @return array<string, array{string}> */
    public static function broken(): array
    {
        return [
            'nothing' => [''],
            'half of it' => [substr(Compact::written(range(1, 100)), 0, 60)],
            'no array' => [(string) igbinary_serialize('text')],
            'half a JSON' => ['{"name": "Sal'],
        ];
    }

    public function test_a_revision_that_an_older_version_kept_is_read_and_edited(): void
    {
        $app = $this->demo();
        $data = $app->revision->blueprint;
        DB::table('revisions')->where('id', $app->revision_id)->update(['blueprint' => json_encode($data)]);
        $app = App::query()->findOrFail($app->id);
        $this->assertSame($data, $app->revision->blueprint);
        app(RevisionBook::class)->edit($app, $this->founderOf($app), $app->revision->number, new Fill('/screens/0/title', 'As new'));
        $this->assertSame('As new', App::query()->findOrFail($app->id)->revision->blueprint['screens'][0]['title']);
        $this->assertStringStartsWith("\0\0\0\2", DB::table('revisions')->where('id', $app->fresh()?->revision_id)->value('blueprint'));
    }

    public function test_a_file_that_any_revision_names_is_found_however_it_is_kept(): void
    {
        $app = $this->demo();
        $name = str_repeat('ab', 20).'.png';
        $data = $app->revision->blueprint;
        $data['assets'] = [['name' => 'Cover', 'file' => $name]];
        $this->assertFalse((new NamedFiles($app))->has($name));
        foreach ([json_encode($data), Compact::written($data)] as $kept) {
            DB::table('revisions')->where('id', $app->revision_id)->update(['blueprint' => $kept]);
            $this->assertTrue((new NamedFiles($app))->has($name));
            $this->assertFalse((new NamedFiles($app))->has('other'.$name));
        }
    }
}
