<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Saying;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Saying\Sayer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is understood of 120 sayings and refused of 30, all of an app that no rule was written for. Each expectation was written by a person. */
final class SayingTest extends TestCase
{
    /** Of the sayings, so many of a hundred at least. */
    private const AIM = 0.9;

    public static function app(): Blueprint
    {
        return Blueprint::fromScript((string) file_get_contents(__DIR__.'/kilnhouse.script'));
    }

    public function test_nine_of_ten_sayings_are_understood_as_somebody_meant_them(): void
    {
        /** @var list<array{string, string, list<string>}> $sayings */
        $sayings = require __DIR__.'/sayings.php';
        $sayer = new Sayer();
        $missed = [];
        foreach ($sayings as [$saying, $here, $expected]) {
            if (self::missing($sayer, $saying, $here, $expected) !== []) {
                $missed[] = $saying;
            }
        }

        self::assertGreaterThanOrEqual(120, count($sayings));
        self::assertGreaterThanOrEqual(self::AIM, 1 - count($missed) / count($sayings), "Missed:\n".implode("\n", $missed));
    }

    /**
     * @param  list<string>  $expected
     * @return list<string> what the first proposal does not bring
     */
    public static function missing(Sayer $sayer, string $saying, string $here, array $expected): array
    {
        $now = [];
        foreach ($sayer->hear(self::app(), $saying, $here) as ['understood' => $understood]) {
            foreach ($understood->proposals[0]->sentences ?? [] as $group) {
                array_push($now, ...array_map(trim(...), $group['now']), ...array_map(fn (string $one): string => '- '.trim($one), $group['was']));
            }
        }

        return array_values(array_diff($expected, $now));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refusals(): iterable
    {
        /** @var list<array{string, string}> $refusals */
        $refusals = require __DIR__.'/refusals.php';
        foreach ($refusals as $one) {
            yield $one[0] => $one;
        }
    }

    #[DataProvider('refusals')]
    public function test_what_cannot_be_done_is_refused_with_a_sentence_and_where_it_is_done(string $saying, string $station): void
    {
        foreach ((new Sayer())->hear(self::app(), $saying) as ['understood' => $understood]) {
            self::assertSame([], $understood->proposals);
            self::assertTrue($understood->cannot);
            self::assertMatchesRegularExpression('~^[A-Z“].+[.?]$~us', $understood->answer);
            self::assertSame($station, str_replace('station:', '', $understood->finds[0]['at'] ?? ''));
        }
    }
}
