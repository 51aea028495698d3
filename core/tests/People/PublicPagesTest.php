<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\People;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\People\PublicPages;
use PHPUnit\Framework\TestCase;

final class PublicPagesTest extends TestCase
{
    private static function text(string $script, string $key): string
    {
        return implode(
            "\n",
            array_map(
                fn (string|array $p): string => is_string($p) ? $p : implode("\n", $p),
                (new PublicPages(Blueprint::fromScript($script), ['Almanac, for the weather']))->paragraphs($key),
            ),
        );
    }

    private const APP = "app Hens\nsign-in at In\n  with e-mail and password\n  through Porch\n  leaving takes along Notes\n"
        ."table People, each a Person, who sign in\n  Name is a text\ntable Notes, each a Note\n  may be seen by anyone if by == me\n"
            ."  Words is a text\n  By is one Person\ntable Eggs, each an Egg\n  may be seen by everyone\n  Hen is a text\n  Finder is one Person\n"
                ."table Nests, each a Nest\n  Label is a text\n";

    public function test_the_privacy_page_names_what_is_kept_of_whom_it_is_seen_and_who_is_asked(): void
    {
        $text = self::text(self::APP, 'privacy');
        foreach (
            [
                'Your e-mail address, and your password in a form that cannot be read back',
                'sign in through Porch',
                "Notes\nWords, By\nThis may be seen by anyone if By is me.",
                "Eggs\nHen, Finder\nThis may be seen by everyone.",
                'Almanac, for the weather',
                'download all of it',
            ] as $part
        ) {
            self::assertStringContainsString($part, $text);
        }
        // What belongs to nobody is nothing personal.
        self::assertStringNotContainsString('Nests', $text);
    }

    public function test_what_is_sold_is_told_with_its_terms_and_what_is_kept_of_it(): void
    {
        $app = self::APP."product Club is a subscription\n  plan Yearly, every year at 29.99 EUR, after 7 days free\nproduct Map is bought once, at 2.00 EUR\n";
        self::assertStringContainsString('Hens never sees your card.', self::text($app, 'privacy'));
        self::assertStringNotContainsString('What you buy', self::text(self::APP, 'privacy'));
        $terms = self::text($app, 'terms');
        self::assertStringContainsString('Club, Yearly: 29.99 EUR every year, after 7 days free.', $terms);
        self::assertStringContainsString('Map: 2.00 EUR, paid once.', $terms);
        self::assertStringContainsString('at the latest a day before', $terms);
    }

    public function test_adverts_and_counting_are_told_as_they_are(): void
    {
        $plain = self::text(self::APP, 'privacy');
        self::assertStringContainsString('It is counted how many come on a day', $plain);
        self::assertStringNotContainsString('Adverts', $plain);
        self::assertStringNotContainsString('You can say in the app that you do not want to be counted', $plain);
        $app = self::APP."adverts through Bunting\nscreen S, first\n  Button \"No\"\n    tapped: do not count me\n";
        $text = self::text($app, 'privacy');
        self::assertStringContainsString('Adverts come through Bunting. They are told your country, your language and the kind of your device', $text);
        self::assertStringContainsString('Only where you allow it, they are told a number', $text);
        self::assertStringContainsString('You can say in the app that you do not want to be counted', $text);
        $children = self::text(str_replace('through Bunting', 'through Bunting, also for children', $app), 'privacy');
        self::assertStringContainsString('They are never about you.', $children);
        self::assertStringNotContainsString('they are told a number', $children);
    }

    public function test_what_fewer_may_see_than_the_row_is_told_field_by_field(): void
    {
        $notes = fn (string $said): string => self::text(str_replace('  may be seen by anyone if by == me', $said, self::APP), 'privacy');

        self::assertStringContainsString(
            "Notes\nWords, By\nThis may be seen by everyone.\nOf it, Words may be seen only by the person in By.\n",
            $notes("  may be seen by everyone\n  may be seen by the person in By, as to Words"),
        );
        $some = $notes('  may be seen by everyone, as to Words');
        self::assertStringContainsString('Of it, Words may be seen by everyone.', $some);
        self::assertStringContainsString('Of it, By may be seen only by nobody.', $some);
        self::assertStringNotContainsString('Of it', $notes('  may be seen by everyone'));
    }

    public function test_the_deletion_page_tells_what_goes_and_what_stays(): void
    {
        $text = self::text(self::APP, 'deletion');

        self::assertStringContainsString("What you told about yourself\nNotes", $text);
        self::assertStringContainsString("What stays, without your name\nEggs", $text);
        self::assertStringContainsString('has no accounts', self::text("app B\n", 'deletion'));
        self::assertNotSame('', self::text("app B\n", 'terms'));
    }
}
