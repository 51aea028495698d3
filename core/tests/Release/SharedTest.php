<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Release;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\WebManifest;
use PHPUnit\Framework\TestCase;

/** A text that is shared to an app opens the screen that takes it. */
final class SharedTest extends TestCase
{
    private function app(string $screens): Blueprint
    {
        return Blueprint::fromScript("app X\n\nscreen Start, first\n  Text \"Hi\"\n\n$screens");
    }

    /** @return list<Finding> */
    private function found(Blueprint $app): array
    {
        return array_values(array_filter(Findings::in(Reading::of($app)), fn (Finding $f): bool => $f->rule === 'SharedWithoutText'));
    }

    public function test_the_screen_that_is_given_one_text_takes_it_and_the_manifest_says_so(): void
    {
        $app = $this->app("screen Words, taking Said is a text, takes what is shared\n  Text \"{said}\"\n");
        self::assertSame('words', $app->sharedScreen()?->slug());
        self::assertSame([], $this->found($app));
        // Web Share Target API (W3C draft), "share_target member".
        self::assertSame(
            ['action' => '/a/x', 'method' => 'GET', 'params' => ['title' => 'shared-title', 'text' => 'shared-text', 'url' => 'shared-url']],
            WebManifest::of($app, '/a/x', '/a/x')['share_target'] ?? null,
        );
        self::assertArrayNotHasKey('share_target', WebManifest::of($this->app(''), '/a/x', '/a/x'));
    }

    public function test_one_that_is_given_nothing_or_something_else_is_found_and_mended(): void
    {
        $bare = $this->app("screen Words, takes what is shared\n  Text \"Hi\"\n");
        [$finding] = $this->found($bare);
        self::assertNull($bare->sharedScreen());
        self::assertSame('Words takes what is shared, but it is not given a text and nothing else.', $finding->sentence);
        $mended = EditResult::by($bare, new Patch($finding->mend->operations ?? []))->blueprint;
        self::assertSame([[], 'words'], [$this->found($mended), $mended->sharedScreen()?->slug()]);

        $number = $this->app("screen Words, taking Count is a whole number, takes what is shared\n  Text \"Hi\"\n");
        [$finding] = $this->found($number);
        $mended = EditResult::by($number, new Patch($finding->mend->operations ?? []))->blueprint;
        self::assertSame([[], null], [$this->found($mended), $mended->sharedScreen()]);
    }

    public function test_only_one_screen_takes_it(): void
    {
        $two = $this->app(
            "screen Words, taking Said is a text, takes what is shared\n  Text \"{said}\"\n\n"
                ."screen Other, taking Said is a text, takes what is shared\n  Text \"{said}\"\n",
        );
        [$finding] = $this->found($two);
        self::assertSame(['/screens/2', 'What is shared opens Words, and never Other.'], [$finding->at, $finding->sentence]);
    }
}
