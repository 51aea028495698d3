<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Rows;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Template;
use Lanai\Core\Model\Row;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EvaluationTest extends TestCase
{
    /** @return iterable<array{string, mixed}> */
    public static function values(): iterable
    {
        yield ['title', 'Dawn dip'];
        yield ['spot.name', 'Lantern Cove'];
        yield ['host.name', null];
        yield ['host == null', true];
        yield ['places * 2 + 1', 13];
        yield ['places / 4', 1.5];
        yield ['places / 0', null];
        yield ['7 % 3', 1];
        yield ['spot.water >= 15.5', true];
        yield ['host.name ?? "nobody"', 'nobody'];
        yield ['host.name == "x"', false];
        yield ['not (host.name == "x")', true];
        yield ['starts > now()', true];
        yield ['title starts with "Dawn" and title ends with "dip"', true];
        yield ['places in [5, 6]', true];
        yield ['title not in ["a"]', true];
        yield ['upper(title) ~ "!"', 'DAWN DIP!'];
        yield ['length("Zoë")', 3];
        yield ['number(" 3 ")', 3];
        yield ['number("three")', null];
        yield ['round(2.345, 2)', 2.35];
        yield ['plural(1, "place", "places")', '1 place'];
        yield ['plural(places, "place", "places")', '6 places'];
        yield ['relative(starts)', 'in 2 hours'];
        yield ['date(starts) ~ " " ~ time(starts)', 'Thu 24 Dec 12:00'];
        yield ['min(places, 2) + max(places, 9)', 11];
        yield ['input.name ?? "a guest"', 'Ines'];
        yield ['this == swim', true];
        yield ['null < 3', false];
    }

    #[DataProvider('values')]
    public function test_a_formula_is_computed(string $formula, mixed $value): void
    {
        self::assertSame($value, self::evaluation(World::moment())->of(Formula::of($formula)));
    }

    public function test_a_text_shows_its_formulas_and_keeps_doubled_braces(): void
    {
        self::assertSame(
            '{6} left on Thu 24 Dec, 12:00 at Lantern Cove, hosted by .',
            self::evaluation(World::moment())->text(Template::of('{{{places}}} left on {starts} at {spot.name}, hosted by {host}.')),
        );
    }

    public function test_every_cell_that_was_read_is_told(): void
    {
        $evaluation = self::evaluation(World::moment());
        $evaluation->of(Formula::of('spot.name'));

        self::assertSame([['Swims', 'Spot'], ['Spots', 'Name']], array_map(fn (array $r): array => [$r['table'], $r['field']], $evaluation->reads));
    }

    /** IANA time zone database: Europe/Berlin leaves winter time at 01:00 UTC on 29 March 2026, so that day has 23 hours. */
    public function test_a_day_later_is_the_same_clock_time_across_the_spring_change(): void
    {
        $berlin = new Moment(new DateTimeImmutable('2026-03-28T11:00:00Z'), new DateTimeZone('Europe/Berlin'));

        self::assertSame('Sun 29 Mar 12:00', self::evaluation($berlin)->of(Formula::of('date(addDays(now(), 1)) ~ " " ~ time(addDays(now(), 1))')));
        self::assertEquals(new DateTimeImmutable('2026-03-29T10:00:00Z'), self::evaluation($berlin)->of(Formula::of('addDays(now(), 1)')));
        self::assertEquals(new DateTimeImmutable('2026-03-27T23:00:00Z'), self::evaluation($berlin)->of(Formula::of('today()')));
    }

    private static function evaluation(Moment $moment): Evaluation
    {
        $world = World::saltlark();
        $spot = $world->add('Spots', ['name' => 'Lantern Cove', 'water' => 15.5]);
        $id = $world->add('Swims', ['title' => 'Dawn dip', 'spot' => $spot, 'places' => 6, 'starts' => $world->at('2026-12-24 12:00')]);
        $table = $world->blueprint->table('Swims');
        assert($table !== null);
        $swim = $world->store->byIds($table, [$id])[$id];
        assert($swim instanceof Row);

        return new Evaluation($moment, new Reader($world->store), ['swim' => $swim, 'this' => $swim], ['name' => 'Ines'], $swim);
    }
}
