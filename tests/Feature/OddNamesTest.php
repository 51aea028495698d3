<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Packaging\Packager;
use App\Packaging\Target;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use ZipArchive;

/** Names that nobody prepared for go through every tool to the end. */
final class OddNamesTest extends TestCase
{
    #[TestWith(["Ann's \"Cove\" & <Friends>"])]
    #[TestWith(['@home \\ 100%'])]
    #[TestWith(['Žluťoučký kůň'])]
    #[TestWith(['水泳の会'])]
    #[TestWith(['app and table, with screen'])]
    public function test_an_app_of_any_name_is_kept_shown_and_packaged(string $name): void
    {
        $blueprint = Blueprint::begin($name);
        $script = $blueprint->script();
        self::assertSame($name, Blueprint::fromScript($script)->name);

        $blueprint = Blueprint::fromScript(str_replace('release', "release\n  package is \"com.example.odd\"\n  icon letter is \"O\"", $script));
        $book = app(RevisionBook::class);
        $app = $book->begin($this->stranger(), $blueprint);
        $book->goLive($app);
        $this->postJson("/device/live/$app->slug/view")->assertOk()->assertJsonPath('view.app', $name);
        $this->get("/a/$app->slug")->assertOk()->assertSee($name);

        self::assertSame([], Packager::refusals($app->refresh(), here: true));
        $file = $this->folder().'/app.apk';
        Packager::make($app, $blueprint, Target::Apk, $file, fn () => null, fn (): bool => false);
        $badging = (new Process(['aapt', 'dump', 'badging', $file], null, ['LC_ALL' => 'C.UTF-8']))->mustRun()->getOutput();
        // aapt writes backslashes and double quotes escaped.
        self::assertStringContainsString("application-label:'".strtr($name, ['\\' => '\\\\', '"' => '\\"'])."'", $badging);
        $zip = new ZipArchive;
        $zip->open($file);
        self::assertStringContainsString('<title>'.e($name).'</title>', (string) $zip->getFromName('assets/www/index.html'));
    }
}
