<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\PeoplesUploads;
use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Upload;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What people send to an app: only what a screen takes, only so much, and only as long as something speaks of it. */
final class PeoplesUploadsTest extends TestCase
{
    private const OPEN = "  may be seen by everyone\n  may be added by everyone\n  may be changed by everyone\n";

    #[TestWith(['  Text "nothing is taken"', 422, 422])]
    #[TestWith(['  Form for a new Card asking Name', 422, 422])]
    #[TestWith(['  Form for a new Card asking Name, Photo', 201, 422])]
    #[TestWith(['  Form for a new Card asking Paper', 422, 201])]
    #[TestWith(['  Input Snap is a picture', 201, 422])]
    #[
        TestWith([
            "  List of Cards\n    tapped:\n      go to Card with this\nscreen Card, about one Card\n  Form to change card asking Photo, Paper",
            201,
            201,
        ]),
    ]
    #[TestWith(["  Button \"b\"\n    tapped:\n      ask \"Which?\" for Paper is a file", 422, 201])]
    public function test_only_what_a_screen_takes(string $lines, int $picture, int $paper): void
    {
        $app = $this->begin($lines);

        self::assertSame(
            [$picture, $paper],
            [$this->send($app, $this->picture())->status(), $this->send($app, UploadedFile::fake()->createWithContent('a.txt', 'words'))->status()],
        );
    }

    public function test_a_picture_of_too_many_points_is_refused_before_it_is_decoded(): void
    {
        $app = $this->begin('  Input Snap is a picture');
        // A head that says 30,000 times 30,000 points: decoding it would take 3.6 GB.
        $png = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 30000, 30000, 8, 2, 0, 0, 0);
        $png .= pack('N', crc32(substr($png, 12))).pack('N', 0).'IEND'.pack('N', crc32('IEND'));
        $before = memory_get_peak_usage();

        $this->send($app, UploadedFile::fake()->createWithContent('a.png', $png))
            ->assertUnprocessable()
            ->assertJsonPath(
                'errors.picture.0',
                'This picture has 30000 times 30000 points, which is too large. Please choose one of at most 40 megapixels.',
            );
        self::assertLessThan(20_000_000, memory_get_peak_usage() - $before);
    }

    public function test_one_person_sends_so_much_in_a_day_and_another_still_can(): void
    {
        $app = $this->begin('  Input Paper is a file');
        Upload::query()->create(['app_id' => $app->id, 'name' => 'x', 'by' => 'address 127.0.0.1', 'bytes' => PeoplesUploads::A_DAY - 3]);

        $this->send($app, UploadedFile::fake()->createWithContent('a.txt', 'four'))
            ->assertUnprocessable()
            ->assertJsonPath('errors.picture.0', 'That is as much as one person can send in a day. Please go on tomorrow.');
        $this->withServerVariables(['REMOTE_ADDR' => '198.51.100.3']);
        $this->send($app, UploadedFile::fake()->createWithContent('a.txt', 'four'))->assertCreated();
        Upload::query()->create(['app_id' => $app->id, 'name' => 'y', 'by' => 'live 3', 'bytes' => PeoplesUploads::ALL]);
        $this->withServerVariables(['REMOTE_ADDR' => '198.51.100.4']);
        $this->send($app, UploadedFile::fake()->createWithContent('a.txt', 'four'))
            ->assertUnprocessable()
            ->assertJsonPath('errors.picture.0', 'This app has no room for more files.');
    }

    public function test_what_nothing_speaks_of_is_gone_after_a_day(): void
    {
        $app = $this->begin('  Input Paper is a file');
        $names = [];
        foreach (['unused', 'in a row', 'in a removed row', 'in a revision', 'of today'] as $text) {
            if ($text === 'of today') {
                $this->travel(25)->hours();
            }
            $names[$text] = $this->send($app, UploadedFile::fake()->createWithContent('a.txt', $text))
                ->assertCreated()
                ->json('name');
        }
        $store = new EloquentRecordStore($app, DataSet::Live, $app->revision->read());
        $store->add($app->revision->read()->tables[0], ['paper' => $names['in a row']]);
        $store = new EloquentRecordStore($app, DataSet::Sandbox, $app->revision->read());
        $id = $store->add($app->revision->read()->tables[0], ['paper' => $names['in a removed row']]);
        $this->actingAs($this->founderOf($app))
            ->postJson("/api/apps/$app->id/rows/sandbox/cards/remove", ['ids' => [$id]])
            ->assertOk();
        $this->postJson("/api/apps/$app->id/edits", [
            'base' => 1,
            'edit' => ['do' => 'write', 'list' => '/screens/0/lines', 'text' => "Text \"{$names['in a revision']}\""],
        ])->assertOk();

        $this->artisan('lanai:sweep')->assertSuccessful()->expectsOutputToContain('1 files removed');
        $left = array_map(fn (string $name): bool => is_file($app->folder('pictures')."/$name"), $names);
        self::assertSame(['unused' => false, 'in a row' => true, 'in a removed row' => true, 'in a revision' => true, 'of today' => true], $left);
    }

    private function begin(string $lines): App
    {
        $app = app(RevisionBook::class)->begin(
            $this->stranger(),
            Blueprint::fromScript(
                "app Files\ntable Cards, each a Card\n".self::OPEN."  Name is a text\n  Photo is a picture\n  Paper is a file\nscreen S, first\n$lines\n",
            ),
        );
        app(RevisionBook::class)->goLive($app);

        return $app->refresh();
    }

    private function picture(): UploadedFile
    {
        return UploadedFile::fake()->image('a.png', 20, 20);
    }

    private function send(App $app, UploadedFile $file): TestResponse
    {
        return $this->post("/device/live/$app->slug/pictures", ['picture' => $file], ['Accept' => 'application/json']);
    }
}
