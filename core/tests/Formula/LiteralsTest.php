<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use DateTimeImmutable;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Literals;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Query\Query;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Lanai\Core\Values\TimeOfDay;
use Lanai\Core\Wording\InWords;
use Lanai\Core\Wording\Picks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Constants of money, days, times and durations. */
final class LiteralsTest extends TestCase
{
    private const SCRIPT = "app A\ntable Trips, each a Trip\n  Name is a text\n  Price is money in EUR, at first 5 EUR\n"
        ."  Day is a date, at first 2026-12-24\n  At is a time of day, at first 07:30\n  Lasts is a duration, at first 1 h 30 min\n"
            ."  Starts is a date and time\n  Places is a whole number\n  Open is yes or no, at first yes\n"
                ."  Total = amount(places * 1.5, \"EUR\") + price\nscreen S, first\n  List of Trips where price >= 5 EUR and day > 2026-06-01\n"
                    ."  Text \"{count(where(trips, lasts < 90 min))} short\"\n";

    #[DataProvider('formulas')]
    public function test_constants_are_values(string $formula, mixed $value): void
    {
        $found = $this->evaluate($formula);

        self::assertSame(
            $value instanceof DateTimeImmutable ? $value->getTimestamp() : Literals::written($value) ?? $value,
            $found instanceof DateTimeImmutable ? $found->getTimestamp() : Literals::written($found) ?? $found,
            $formula,
        );
    }

    /** @return iterable<array{string, mixed}> */
    public static function formulas(): iterable
    {
        yield ['5 EUR', new Money(500, 'EUR')];
        yield ['-5.50 EUR', new Money(-550, 'EUR')];
        yield ['€ 7.25', new Money(725, 'EUR')];
        yield ['3 € + 2 EUR', new Money(500, 'EUR')];
        yield ['1000 JPY', new Money(1000, 'JPY')];
        yield ['2 * 5 EUR > 9 EUR', true];
        yield ['3 EUR - 5 EUR', new Money(-200, 'EUR')];
        yield ['amount(3 * 1.005, "EUR")', new Money(302, 'EUR')];
        yield ['2026-12-24', Day::of('2026-12-24')];
        yield ['2026-12-24 + 1', Day::of('2026-12-25')];
        yield ['2028-02-29 < 2028-03-01', true];
        yield ['2026-12-24 07:30 == at(2026-12-24, 07:30)', true];
        yield ['07:30', TimeOfDay::of('07:30')];
        yield ['1 h 30 min == 90 minutes', true];
        yield ['2 days', new Duration(172800)];
        yield ['true ? 10:20', 10];
        yield ['false ? 07:30 : 08:15', TimeOfDay::of('08:15')];
        yield ['true ? (false ? 1:2) : 10:20', 2];
        yield ['"5 EUR" ~ " on 2026-12-24"', '5 EUR on 2026-12-24'];
        yield ['yes', true];
        yield ['no or yes', true];
        yield ['[07:00, 08:00]', null];
        yield ['10 - 2026', -2016];
        yield ['5 - 3', 2];
    }

    #[DataProvider('mistakes')]
    public function test_constants_that_are_none_are_told(string $formula, string $sentence): void
    {
        $this->expectExceptionObject(new FormulaMistake($sentence));
        Formula::of($formula);
    }

    /** @return iterable<array{string, string}> */
    public static function mistakes(): iterable
    {
        yield ['day > 2026-02-30', 'There is no day 2026-02-30.'];
        yield ['at > 27:00', 'There is no time 27:00.'];
        yield ['price > 5 XQX', 'There is no currency XQX. Write its code, as in 5 EUR.'];
        yield ['price > 5.125 EUR', '“5.125 EUR” is not an amount: EUR has 2 decimals.'];
        yield ['amount(places)', 'Write a number and a currency, as in amount(places * 5, "EUR").'];
    }

    public function test_they_stand_in_defaults_conditions_and_fields(): void
    {
        $world = World::of(self::SCRIPT);
        self::assertSame(Blueprint::fromScript(self::SCRIPT)->script(), Blueprint::fromScript(Blueprint::fromScript(self::SCRIPT)->script())->script());
        $trips = $world->blueprint->tables[0];
        $world->add('Trips', ['name' => 'a', 'price' => new Money(500, 'EUR'), 'day' => Day::of('2026-12-24'), 'lasts' => new Duration(60), 'places' => 3]);
        $world->add('Trips', ['name' => 'b', 'price' => new Money(499, 'EUR'), 'day' => Day::of('2026-12-24'), 'lasts' => new Duration(5400), 'places' => 3]);
        $world->add('Trips', ['name' => 'c', 'price' => new Money(900, 'EUR'), 'day' => Day::of('2026-06-01'), 'lasts' => new Duration(5400), 'places' => 3]);
        $nodes = $world->show()['nodes'];

        self::assertSame(['a'], array_column($nodes[0]['items'], 'title'));
        self::assertSame('1 short', $nodes[1]['text']);
        self::assertSame(
            [],
            array_values(
                array_filter(
                    array_map(fn (Finding $f): string => $f->rule, Findings::in(Reading::of($world->blueprint))),
                    fn (string $rule): bool => str_contains($rule, 'ormula'),
                ),
            ),
        );
        [$term, $rest] = Conditions::of(
            Formula::of('price >= 5 EUR and day > 2026-06-01 and lasts < 2 min'),
            $trips,
            $world->blueprint,
            new Evaluation(World::moment(), new Reader($world->store), []),
        );
        self::assertFalse((bool) $rest, 'All of it is asked of the query.');
        self::assertCount(1, $world->store->rows(new Query($trips, $term)));
    }

    /** What is written of a value is that value again; so values can be pointed at, and said in words. */
    public function test_values_come_back_from_what_is_written_of_them(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $scope = Scope::of(Blueprint::fromScript(self::SCRIPT))->inRow(Blueprint::fromScript(self::SCRIPT)->tables[0]);
        for ($i = 0; $i < 400; $i++) {
            $value = match ($i % 4) {
                0 => new Money($random->getInt(-100000, 100000), ['EUR', 'JPY', 'USD', 'KWD'][$random->getInt(0, 3)]),
                1 => Day::of(sprintf('%04d-%02d-%02d', $random->getInt(1900, 2100), $random->getInt(1, 12), $random->getInt(1, 28))),
                2 => TimeOfDay::of(sprintf('%02d:%02d', $random->getInt(0, 23), $random->getInt(0, 59))),
                default => new Duration($random->getInt(0, 400000)),
            };
            $written = Literals::written($value);
            self::assertNotNull($written);
            self::assertEquals($value, $this->evaluate($written), $written);
            $formula = "places > 3 and name != null or at == $written";
            self::assertStringEndsWith($written, InWords::of(Formula::of($formula), $scope));
            $picked = Picks::read(Formula::of("price <= $written"));
            self::assertSame("price <= $written", Picks::write('and', $picked['parts'] ?? []));
        }
    }

    public function test_names_beside_constants_are_renamed_and_found(): void
    {
        $formula = Formula::of('price > 5 EUR and day > 2026-12-24 and price < 9 EUR');

        self::assertSame(['price', 'day'], $formula->names());
        self::assertSame(
            'cost > 5 EUR and day > 2026-12-24 and cost < 9 EUR',
            $formula->renamed(fn ($word): ?string => $word->word() === 'price' ? 'cost' : null),
        );
        self::assertSame(18, $formula->positionOf('day'));
    }

    private function evaluate(string $formula): mixed
    {
        $world = World::of(self::SCRIPT);
        $value = (new Evaluation(World::moment(), new Reader($world->store), []))->of(Formula::of($formula));

        return is_array($value) ? null : $value;
    }
}
