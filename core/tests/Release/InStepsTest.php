<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Release;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\InSteps;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class InStepsTest extends TestCase
{
    private const APP = "app Reef\n\ntable Spots, each a Spot\n  Name is a text\n\nscreen Start, first\n  Text \"Here\"\n";

    public function test_as_many_have_it_as_are_said_and_whoever_has_it_keeps_it(): void
    {
        $first = [];
        foreach ([1, 2, 77, 100, 101, 4000] as $number) {
            $before = [];
            foreach ([...InSteps::SHARES, 100] as $share) {
                $have = array_values(array_filter(range(0, InSteps::LOTS - 1), fn (int $lot): bool => InSteps::isFirst($lot, $number, $share)));
                self::assertCount($share, $have);
                self::assertSame($before, array_values(array_intersect($before, $have)));
                $before = $have;
            }
            $first[] = array_values(array_filter(range(0, InSteps::LOTS - 1), fn (int $lot): bool => InSteps::isFirst($lot, $number, 1)))[0];
        }
        self::assertGreaterThan(3, count(array_unique($first)), 'Not always the same have it first.');
    }

    public function test_each_has_it_first_once_in_a_hundred_revisions(): void
    {
        $first = array_map(fn (int $number): int => self::first($number), range(1, 100));
        sort($first);
        self::assertSame(range(0, 99), $first);
    }

    private static function first(int $number): int
    {
        foreach (range(0, 99) as $lot) {
            if (InSteps::isFirst($lot, $number, 1)) {
                return $lot;
            }
        }

        return -1;
    }

    /** @return array<string, array{string, string}> */
    public static function changes(): array
    {
        return [
            'another text' => ['Text "Here"', ''],
            'another screen' => ["screen Later\n  Text \"So\"\n", ''],
            'a look' => ["theme, also in the dark\n", ''],
            'a field' => ["table Swims, each a Swim\n  Title is a text\n", 'what is kept'],
            'who may see' => ['', 'what is kept'],
            'sign-in' => ["table People, each a Person, who sign in\n  Name is a text\n\nscreen Door\n\nsign-in at Door\n  as a guest\n", 'what is kept'],
            'a role' => ["role Host\n", 'roles'],
            'a routine' => ["routine Tidy\n  say \"So\"\n", 'several steps'],
        ];
    }

    #[DataProvider('changes')]
    public function test_only_what_is_shown_can_go_to_some_people_first(string $added, string $why): void
    {
        $live = Blueprint::fromScript(self::APP);
        $text = $added === '' ? str_replace('  Name is a text', "  may be seen by everyone\n  Name is a text", self::APP) : self::APP."\n$added";
        $text = $added === 'Text "Here"' ? str_replace('Here', 'There', self::APP) : $text;
        $refusal = InSteps::refusal($live, Blueprint::fromScript($text));
        self::assertStringContainsString($why, $refusal);
        self::assertSame($why === '', $refusal === '');
    }
}
