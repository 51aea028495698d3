<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\SmallerPictures;
use App\Models\App;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

final class AssetsTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->actingAs($this->founderOf($this->demo));
    }

    public function test_a_picture_is_drawn_anew_made_smaller_and_named_by_its_content(): void
    {
        $jpeg = $this->picture(2000, 1000, 'jpg')."<?php echo 'hidden'; ?>";
        $name = $this->upload($jpeg)->assertCreated()->json('name');

        $shown = (string) $this->get("/media/{$this->demo->id}/$name")
            ->assertOk()
            ->baseResponse->getFile()
            ->getContent();
        self::assertSame([1600, 800], array_slice((array) getimagesizefromstring($shown), 0, 2));
        self::assertStringNotContainsString('hidden', $shown);
        self::assertSame($name, hash('sha256', $shown).'.jpg');
        self::assertSame($name, $this->upload($jpeg)->json('name'), 'The same picture is kept once.');
    }

    public function test_a_picture_is_given_in_the_widths_that_screens_want_and_in_no_other(): void
    {
        $name = $this->upload($this->picture(960, 480, 'png'))->json('name');
        $size = fn (string $query): array => array_slice(
            (array) getimagesize((string) $this->get("/media/{$this->demo->id}/$name$query")->assertOk()->baseResponse->getFile()),
            0,
            3,
        );

        foreach ([160 => 80, 320 => 160, 640 => 320] as $width => $height) {
            self::assertSame([$width, $height, IMAGETYPE_WEBP], $size("?w=$width"));
            self::assertSame([$width, $height, IMAGETYPE_WEBP], $size("?w=$width"), 'It is kept.');
        }
        foreach (['?w=1080', '?w=161', '?w=-1', '?w=9999999', '?w[]=160', ''] as $query) {
            self::assertSame([960, 480, IMAGETYPE_PNG], $size($query), $query);
        }
    }

    public function test_a_view_brings_along_what_its_pictures_look_like_from_far_away(): void
    {
        $show = fn (): array => $this->postJson("/device/deck/{$this->demo->id}/view", ['screen' => 'spots'])->assertOk()->json('view');
        $shown = fn (array $view): array => array_unique(array_filter(array_column(array_merge(...array_column($view['nodes'], 'items')), 'picture')));
        $all = $shown($show());
        self::assertGreaterThan(4, count($all));
        // A few are made with each view, so that none takes long.
        foreach ($all as $name) {
            SmallerPictures::forget($this->demo->folder('pictures')."/$name");
        }
        self::assertCount(4, $show()['soft']);
        $show();
        $view = $show();
        self::assertEqualsCanonicalizing(array_values($all), array_keys($view['soft']));
        foreach ($view['soft'] as $small) {
            $bytes = (string) base64_decode($small, true);
            self::assertSame([20, IMAGETYPE_WEBP], [((array) getimagesizefromstring($bytes))[0], ((array) getimagesizefromstring($bytes))[2]]);
            self::assertLessThan(400, strlen($bytes));
        }
        self::assertMeets('view', (string) $this->postJson("/device/deck/{$this->demo->id}/view", ['screen' => 'spots'])->getContent());
    }

    /** Exif 2.32, 4.6.4, tag 0x0112: 6 is a picture that has to be turned to the right, 3 one upside down (from memory). */
    public function test_a_picture_stands_as_it_was_taken(): void
    {
        $jpeg = $this->picture(300, 200, 'jpg');
        foreach ([1 => [300, 200], 3 => [300, 200], 6 => [200, 300], 8 => [200, 300]] as $orientation => $expected) {
            $exif = "Exif\0\0II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, $orientation, 0).pack('V', 0);
            $told = substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
            $name = $this->upload($told)->assertCreated()->json('name');
            $file = (string) $this->get("/media/{$this->demo->id}/$name")->baseResponse->getFile();
            self::assertSame($expected, array_slice((array) getimagesize($file), 0, 2), "Orientation $orientation");
        }
    }

    public function test_what_is_no_picture_is_refused_with_a_sentence(): void
    {
        $this->upload('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>')
            ->assertUnprocessable()
            ->assertJsonPath('errors.picture.0', 'This file is not a picture that can be read. Please choose a PNG, JPEG or WebP.');
        $this->postJson("/api/apps/{$this->demo->id}/assets", [])
            ->assertUnprocessable()
            ->assertJsonPath('errors.picture.0', 'Please choose a file of at most 8 MB.');
    }

    public function test_other_files_are_kept_as_they_are_and_never_shown_as_pages(): void
    {
        $file = UploadedFile::fake()->createWithContent('notes.txt', "Read me.\n");
        $name = $this->postJson("/api/apps/{$this->demo->id}/assets", ['picture' => $file])
            ->assertCreated()
            ->json('name');
        self::assertSame(hash('sha256', "Read me.\n").'.txt', $name);
        $shown = $this->get("/media/{$this->demo->id}/$name")
            ->assertOk()
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        self::assertStringStartsWith('attachment', (string) $shown->headers->get('Content-Disposition'));

        file_put_contents($this->folder().'/lie', '<html><script>alert(1)</script></html>');
        $lying = new UploadedFile($this->folder().'/lie', 'manual.pdf', null, null, true);
        $this->postJson("/api/apps/{$this->demo->id}/assets", ['picture' => $lying])
            ->assertUnprocessable()
            ->assertJsonPath('errors.picture.0', 'This file is not what its ending .pdf says.');
        $page = UploadedFile::fake()->createWithContent('page.html', '<script>alert(1)</script>');
        $this->postJson("/api/apps/{$this->demo->id}/assets", ['picture' => $page])->assertUnprocessable();
    }

    public function test_only_pictures_of_that_app_are_served(): void
    {
        $name = $this->upload($this->picture(10, 10, 'png'))->json('name');

        $this->get("/media/{$this->demo->id}/$name")
            ->assertOk()
            ->assertHeader('X-Content-Type-Options', 'nosniff');
        $this->get("/media/99/$name")->assertNotFound();
        foreach (['../sandbox.sqlite', 'sandbox.sqlite', str_repeat('a', 64).'.php'] as $other) {
            self::assertNotSame('image/png', $this->get("/media/{$this->demo->id}/$other")->headers->get('Content-Type'));
        }
    }

    public function test_an_uploaded_icon_is_painted_on_the_package(): void
    {
        $name = $this->upload($this->picture(300, 300, 'png', [200, 30, 40]))->json('name');
        $this->postJson("/api/apps/{$this->demo->id}/edits", ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '/release/icon', 'text' => $name]])->assertOk();

        $icon =
            imagecreatefromstring(
                (string) $this->get("/api/apps/{$this->demo->id}/icon.png")
                    ->assertOk()
                    ->getContent(),
            ) ?:
            self::fail('No picture.');
        self::assertSame(['red' => 200, 'green' => 30, 'blue' => 40, 'alpha' => 0], imagecolorsforindex($icon, (int) imagecolorat($icon, 96, 96)));
    }

    private function upload(string $bytes): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/apps/{$this->demo->id}/assets", ['picture' => UploadedFile::fake()->createWithContent('picture.jpg', $bytes)]);
    }

    /** @param  array{int, int, int}  $colour */
    private function picture(int $width, int $height, string $kind, array $colour = [10, 120, 130]): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, ...$colour));
        ob_start();
        $kind === 'png' ? imagepng($image) : imagejpeg($image);

        return (string) ob_get_clean();
    }
}
