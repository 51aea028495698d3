<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Services\NearMiss;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NearMissTest extends TestCase
{
    #[
        TestWith([
            'https://a.example/v1/Spots/lantern-cove',
            ['https://a.example/v1/spots/gannet-slip'],
            '“Spots” is “spots” in what came so far, and capital letters count.',
        ]),
    ]
    #[
        TestWith([
            'https://a.example/v1/spots/Lantern-Cove/conditions?days=7',
            ['https://a.example/v1/spots/lantern-cove/conditions?days=1'],
            '“Lantern-Cove” is “lantern-cove” in what came so far, and capital letters count.',
        ]),
    ]
    #[TestWith(['https://a.example/v1/spots/Lantern-Cove', ['https://a.example/v1/spots/{spot}{?days}', 'https://a.example/v1/tides'], null])]
    #[
        TestWith([
            'https://a.example/v1/STATIONS/7/now',
            ['https://a.example/v1/Stations/{id}'],
            '“STATIONS” is “Stations” in what came so far, and capital letters count.',
        ]),
    ]
    #[TestWith(['https://a.example/v1/spots', ['https://a.example/v1/tides', 'https://a.example/v1/spots'], null])]
    #[TestWith(['https://a.example', ['https://a.example/v1'], null])]
    public function /** @param  list<string>  $known */
    test_the_step_that_differs_is_named(string $url, array $known, ?string $sentence): void
    {
        self::assertSame($sentence, NearMiss::address($url, $known));
    }

    #[TestWith(['water.Celsius', 'water.celsius'])]
    #[TestWith(['Water.CELSIUS', 'water.celsius'])]
    #[TestWith(['water.celsius', null])]
    #[TestWith(['water.depth', null])]
    #[TestWith(['"High Tide"', '"high tide"'])]
    #[TestWith(['high', null])]
    #[TestWith(['days[0].Date', null])]
    #[TestWith(['Water.celsius.deeper', null])]
    public function test_a_way_is_written_as_the_answer_writes_it(string $way, ?string $right): void
    {
        self::assertSame($right, NearMiss::way($way, ['water' => ['celsius' => 14], 'high tide' => '07:00', 'days' => [['date' => 'x']]]));
    }
}
