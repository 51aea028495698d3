<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Packaging\DeviceFiles;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Hyphenation;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The language of an app's words is told by its page, its manifest and its package, and divides its texts. */
final class LanguageTest extends TestCase
{
    #[TestWith(['', 'en', 'ltr'])]
    #[TestWith(['German', 'de', 'ltr'])]
    #[TestWith(['Arabic', 'ar', 'rtl'])]
    public function test_the_language_is_told_wherever_the_app_is(string $name, string $lang, string $dir): void
    {
        $says = $name === '' ? '' : "\n  words are in $name";
        $blueprint = Blueprint::fromScript("app A\ntheme$says\nscreen Start, first\n  Text \"Geschwindigkeitsbegrenzung\"");
        $book = app(RevisionBook::class);
        $app = $book->begin($this->stranger(), $blueprint);
        $book->goLive($app);

        self::assertStringContainsString("<html lang=\"$lang\" dir=\"$dir\">", (string) $this->get("/a/$app->slug")->assertOk()->getContent());
        $manifest = $this->get("/a/$app->slug/manifest.webmanifest")->assertOk()->json();
        self::assertSame([$lang, $dir], [$manifest['lang'], $manifest['dir']]);
        self::assertStringContainsString("<html lang=\"$lang\" dir=\"$dir\">", DeviceFiles::of($app, $blueprint, 'https://example.org')['index.html']);
        $view = $this->postJson("/device/live/$app->slug/view", ['screen' => ''])->assertOk()->json('view');
        self::assertSame($lang === 'de', str_contains($view['nodes'][0]['text'], Hyphenation::SOFT));
        self::assertSame($name === '' ? null : $lang, $view['theme']['lang'] ?? null);
    }
}
