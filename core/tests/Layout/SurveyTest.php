<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Layout;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Layout\Survey;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SurveyTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> lines of a screen; the test that finds something; words of it */
    public static function flaws(): iterable
    {
        yield 'a height that its text outgrows' => [
            "  Card, at height 48 dp\n    Heading \"Quite a long heading that needs lines\"\n    Text \"And more\"\n",
            'CutOff',
            'but its height is 48 dp',
        ];
        yield 'a column beyond the edge' => [
            "  Columns\n    Button \"One\", at width 300 dp\n      tapped:\n        go back\n    Button \"Two\", at width 300 dp\n      tapped:\n"
                ."        go back\n",
            'RunsOff',
            'off the side',
        ];
        yield 'a button too small for a finger' => [
            "  Button \"Ok\", at width 30 dp\n    tapped:\n      go back\n",
            'TooSmallToHit',
            'a finger needs 48 by 48',
        ];
        yield 'a word in two' => ["  Columns\n    Text \"Extraordinarily\", at width 40 dp\n    Text \"b\"\n", 'WrapsBadly', 'broken in two'];
        yield 'an empty tablet' => ["  Text \"Hello\"\n  Text \"my\"\n  Text \"friend\"\n", 'MostlyEmpty', 'of the screen is empty'];
    }

    private const BUTTON = "  Button \"One\"\n    tapped:\n      go back\n";

    /** @return iterable<string, array{string, string}> lines of a screen; what is found about its adverts, '' for nothing */
    public static function adverts(): iterable
    {
        $buttons = fn (int $n): string => str_repeat(self::BUTTON, $n);
        yield 'between buttons' => [$buttons(1)."  Advert Below\n".$buttons(1), ''];
        yield 'large, between buttons' => [$buttons(1)."  Advert Below, as a box\n".$buttons(1), ''];
        yield 'beside a button' => [
            "  Columns\n    Advert Below\n    Button \"One\"\n      tapped:\n        go back\n",
            'dp from something that is tapped; 16 have to be free',
        ];
        yield 'under a button that floats' => [
            "  Advert Below\n  Floating button \"Add\"\n    tapped:\n      go back\n",
            'the button that floats comes to lie upon the advert',
        ];
        yield 'in what is swiped' => [
            "  Pages\n    Page\n      Text \"One\"\n      Advert Below\n    Page\n      Text \"Two\"\n",
            'in what moves under the finger',
        ];
        yield 'pinned above the tabs' => ["  Advert Below, pinned to the bottom\n", ''];
        yield 'two in sight' => ["  Advert Above\n".$buttons(3)."  Advert Below\n", 'two adverts are in sight at once'];
        yield 'two far apart' => ["  Advert Above\n".$buttons(40)."  Advert Below\n", ''];
    }

    #[DataProvider('adverts')]
    public function test_adverts_too_near_to_a_finger_or_to_one_another_are_found(string $lines, string $words): void
    {
        $findings = $this->survey("app X\n\nadverts through Bunting\n\nscreen S, first\n$lines\ntab S as \"Here\"\n");
        $found = array_values(array_filter($findings, fn (Finding $f): bool => in_array($f->rule, ['AdvertTooNear', 'AdvertsInSight'], true)));

        self::assertSame($words === '' ? 0 : 1, count($found), implode("\n", array_map(fn (Finding $f): string => $f->sentence, $found)));
        self::assertStringContainsString($words, $found[0]->sentence ?? '');
    }

    public function test_a_list_has_no_more_adverts_after_its_mend_than_one_in_sight(): void
    {
        $script = "app X\n\nadverts through Bunting\n\ntable Posts, each a Post\n  Title is a text\n\nscreen S, first\n"
            ."  List of Posts, with an advert after every 4\n    shows title as title\n";
        $find = function (string $script): array {
            $world = World::of($script);
            for ($i = 0; $i < 60; $i++) {
                $world->add('Posts', ['title' => "Post $i"]);
            }
            $flaws = Survey::of(fn (): array => $world->show(), Device::every());

            return array_values(array_filter(Survey::findings($flaws, '/screens/0', 1), fn (Finding $f): bool => $f->rule === 'AdvertsInSight'));
        };
        $mend = $find($script)[0]->mend;
        self::assertStringStartsWith('One after every ', (string) $mend?->label);
        $mended = Blueprint::fromData((new Patch($mend->operations ?? []))->applyTo(Blueprint::fromScript($script)->data()));
        self::assertSame([], $find($mended->script()));
    }

    #[DataProvider('flaws')]
    public function test_what_goes_wrong_on_a_device_is_found(string $lines, string $rule, string $words): void
    {
        $findings = $this->survey("app X\n\nscreen S, first\n$lines");
        $found = array_values(array_filter($findings, fn (Finding $f): bool => $f->rule === $rule));

        self::assertNotSame([], $found, implode("\n", array_map(fn (Finding $f): string => "$f->rule $f->sentence", $findings)));
        self::assertStringContainsString($words, $found[0]->sentence);
    }

    public function test_a_plain_screen_has_no_flaws(): void
    {
        $lines = implode(
            '',
            array_map(
                fn (
                    int $i,
                ): string => "  Heading \"Part $i\"\n  Text \"A few words that say what this part is about, and then some more of them so that the "
                    ."page is not empty.\"\n  Picture of null\n",
                range(1, 4),
            ),
        );

        self::assertSame([], array_map(fn (Finding $f): string => $f->sentence, $this->survey("app X\n\nscreen S, first\n$lines")));
    }

    public function test_the_tabs_of_a_tablet_grow_with_its_text(): void
    {
        $findings = $this->survey("app X\n\nscreen S, first\n  Text \"Hello\"\n\ntab S as \"Beacon\"\n");

        self::assertSame([], array_filter($findings, fn (Finding $f): bool => $f->rule === 'CutOff'));
    }

    public function test_a_mend_of_a_fixed_height_puts_it_right(): void
    {
        $script = "app X\n\nscreen S, first\n  Card, at height 48 dp\n    Text \"One\"\n    Text \"Two\"\n    Text \"Three\"\n";
        $mend = array_values(array_filter($this->survey($script), fn (Finding $f): bool => $f->rule === 'CutOff'))[0]->mend;
        $mended = Blueprint::fromData((new Patch($mend->operations ?? []))->applyTo(Blueprint::fromScript($script)->data()));

        self::assertStringNotContainsString('at height', $mended->script());
        self::assertSame([], array_filter($this->survey($mended->script()), fn (Finding $f): bool => $f->rule === 'CutOff'));
    }

    public function test_devices_are_many_and_of_all_kinds(): void
    {
        $devices = Device::every();

        self::assertGreaterThanOrEqual(12, count(Device::all()));
        self::assertCount(2 * count(Device::all()), $devices);
        self::assertGreaterThan(2, count(array_filter(Device::all(), fn (Device $d): bool => $d->isTablet())));
        self::assertGreaterThan(2, count(array_filter(Device::all(), fn (Device $d): bool => $d->width > $d->height)));
    }

    /** @return list<Finding> */
    private function survey(string $script): array
    {
        $world = World::of($script);

        return Survey::findings(Survey::of(fn (string $form): array => $world->show(), Device::every()), '/screens/0', count(Device::every()));
    }
}
