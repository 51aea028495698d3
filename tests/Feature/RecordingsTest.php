<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Recordings;
use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Films and sounds that people send: they are what their ending says, and no longer and no larger than they may be. */
final class RecordingsTest extends TestCase
{
    private ?Founder $owner = null;

    /**
     * A sound of so many seconds: RIFF, 8-bit PCM, 8,000 samples a second (Multimedia Programming Interface and Data Specifications 1.0,
     * IBM and Microsoft 1991; from memory).
     */
    private static function wav(float $seconds): string
    {
        $data = str_repeat("\x80", (int) (8000 * $seconds));
        $format = pack('vvVVvv', 1, 1, 8000, 8000, 1, 8);

        return 'RIFF'.pack('V', 36 + strlen($data)).'WAVEfmt '.pack('V', 16).$format.'data'.pack('V', strlen($data)).$data;
    }

    /** The head of a film of so many seconds: boxes ftyp and moov with mvhd (ISO/IEC 14496-12; from memory). */
    private static function mp4(float $seconds): string
    {
        $box = fn (string $type, string $body): string => pack('N', 8 + strlen($body)).$type.$body;
        $head = pack('NNNNN', 0, 0, 0, 1000, (int) ($seconds * 1000)).pack('Nnn', 0x00010000, 0x0100, 0).str_repeat("\0", 8);
        $head .= pack('N9', 0x00010000, 0, 0, 0, 0x00010000, 0, 0, 0, 0x40000000).str_repeat("\0", 24).pack('N', 2);

        return $box('ftyp', 'isom'.pack('N', 512).'isommp42').$box('moov', $box('mvhd', $head)).$box('mdat', str_repeat("\0", 64));
    }

    #[DataProvider('files')]
    public function test_only_what_it_says_it_is_and_no_longer_than_it_may_be(string $type, string $name, string $bytes, ?string $refused): void
    {
        $answer = $this->send($this->begin("  Input Clip is $type"), self::file($name, $bytes));
        if ($refused === null) {
            $answer->assertCreated();
            self::assertStringEndsWith(strtolower(strrchr($name, '.') ?: ''), $answer->json('name'));
        } else {
            $answer->assertUnprocessable()->assertJsonPath('errors.picture.0', $refused);
        }
    }

    /** @return iterable<string, array{string, string, string, string|null}> */
    public static function files(): iterable
    {
        $long = 'This lasts for 3 seconds at the most; yours for 4. Please cut it, or choose another one.';
        $kind = 'This app does not take files of this kind.';
        yield 'a sound' => ['a sound', 'a.wav', self::wav(9), null];
        yield 'a sound that is short enough' => ['a sound of at most 3 seconds', 'a.wav', self::wav(3.2), null];
        yield 'one that is too long' => ['a sound of at most 3 seconds', 'a.wav', self::wav(4), $long];
        yield 'a film' => ['a video', 'a.mp4', self::mp4(9), null];
        yield 'a film that is short enough' => ['a video of at most 3 seconds', 'a.MP4', self::mp4(2), null];
        yield 'a film that is too long' => ['a video of at most 3 seconds', 'a.mp4', self::mp4(3.8), $long];
        yield 'a sound called a film' => ['a video', 'a.mp4', self::wav(1), 'This file is not what its ending .mp4 says.'];
        yield 'words called a sound' => ['a sound', 'a.mp3', 'Only words.', 'This file is not what its ending .mp3 says.'];
        yield 'no length to be read' => [
            'a video of at most 3 seconds',
            'a.mp4',
            self::mp4(0),
            'How long this is cannot be read from the file. Please choose another one.',
        ];
        yield 'a film where sounds are taken' => ['a sound', 'a.mp4', self::mp4(1), $kind];
        yield 'a sound where pictures are taken' => ['a picture', 'a.wav', self::wav(1), $kind];
        yield 'a sound where files are taken, as ever' => ['a file', 'a.wav', self::wav(1), null];
    }

    public function test_the_longest_of_several_boxes_counts_and_no_limit_is_longer_than_any(): void
    {
        $two = fn (string $other): App => $this->begin("  Input Clip is a sound of at most 3 seconds\n  Input Other is a sound$other");
        $send = fn (App $app): int => $this->send($app, self::file('a.wav', self::wav(5)))->status();
        self::assertSame([201, 422, 201], [$send($two(' of at most 6 seconds')), $send($two(' of at most 2 seconds')), $send($two(''))]);
    }

    public function test_a_film_keeps_the_picture_that_stands_for_it_and_answers_in_parts(): void
    {
        $app = $this->begin('  Input Clip is a video');
        $poster = UploadedFile::fake()->image('p.jpg', 320, 180);
        $name = $this->send($app, self::file('a.mp4', self::mp4(2)), $poster)->assertCreated()->json('name');
        $shown = $this->get("/media/$app->id/$name?poster=1")->assertOk();
        self::assertSame('image/jpeg', $shown->headers->get('Content-Type'));
        self::assertSame([320, 180], array_slice((array) getimagesize((string) $shown->baseResponse->getFile()), 0, 2));
        $this->get("/media/$app->id/$name", ['Range' => 'bytes=4-7'])->assertStatus(206)->assertHeader('Content-Range');

        // What is no picture is left out, and the film is kept.
        $odd = self::file('p.jpg', 'no picture');
        $other = $this->send($app, self::file('b.mp4', self::mp4(3)), $odd)->assertCreated()->json('name');
        $this->get("/media/$app->id/$other?poster=1")->assertNoContent();
        $file = $app->folder('pictures')."/$name";
        Recordings::forget($file);
        self::assertFileDoesNotExist(Recordings::poster($file));
        self::assertFileExists($file);
    }

    public function test_how_large_a_file_may_be_is_told(): void
    {
        $app = $this->begin('  Input Clip is a sound');
        $this->send($app, UploadedFile::fake()->create('a.wav', 21 * 1024))->assertJsonPath('errors.picture.0', 'Please choose a file of at most 20 MB.');
        $this->send($app, UploadedFile::fake()->create('a.png', 9 * 1024))->assertJsonPath('errors.picture.0', 'Please choose a file of at most 8 MB.');
    }

    /** A file as a browser sends it: what it is, is seen from what is in it. */
    private static function file(string $name, string $bytes): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'lanai-sent');
        file_put_contents($path, $bytes);

        return new UploadedFile($path, $name, null, null, true);
    }

    private function begin(string $lines): App
    {
        $script = "app Cards\n\ntable Cards, each a Card\n  may be seen by everyone\n  Name is a text\n\nscreen Start, first\n$lines\n";

        $book = app(RevisionBook::class);
        $app = $book->begin($this->owner ??= $this->stranger(), Blueprint::fromScript($script));
        $book->goLive($app);

        return $app->refresh();
    }

    private function send(App $app, UploadedFile $file, ?UploadedFile $poster = null): TestResponse
    {
        return $this->post(
            "/device/live/$app->slug/pictures",
            ['picture' => $file] + ($poster === null ? [] : ['poster' => $poster]),
            ['Accept' => 'application/json'],
        );
    }
}
