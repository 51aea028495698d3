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
