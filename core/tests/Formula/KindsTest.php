<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use DateTimeImmutable;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\LongList;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Later;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Lanai\Core\Values\Place;
use Lanai\Core\Values\TimeOfDay;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One value of each kind goes every way there is, and comes back. */
final class KindsTest extends TestCase
{
    /** @return iterable<string, array{Type, mixed}> */
    public static function values(): iterable
    {
        yield 'a text' => [Type::of(Kind::Text), 'Quotes " and \\ and ü'];
        yield 'a whole number' => [Type::of(Kind::Whole), -17];
        yield 'a number' => [Type::of(Kind::Decimal), 2.75];
        yield 'yes' => [Type::of(Kind::YesNo), true];
        yield 'no' => [Type::of(Kind::YesNo), false];
        yield 'a moment' => [Type::of(Kind::Moment), new DateTimeImmutable('2026-10-25T00:30:00Z')];
        yield 'a day' => [Type::of(Kind::Date), Day::of('2028-02-29')];
        yield 'a time of day' => [Type::of(Kind::Time), TimeOfDay::of('23:59')];
        yield 'a length of time' => [Type::of(Kind::Duration), new Duration(5430)];
        yield 'money with two digits' => [Type::money('EUR'), new Money(-450, 'EUR')];
        yield 'money with none' => [Type::money('JPY'), new Money(450, 'JPY')];
        yield 'a place' => [Type::of(Kind::Place), Place::of('-33.85, 151.21')];
        yield 'several' => [Type::several(Type::of(Kind::Text)), ['a', 'b; c']];
    }

    #[DataProvider('values')]
    public function test_its_kind_is_seen_and_it_is_kept_and_read_again(Type $type, mixed $value): void
    {
        $kind = Kinds::holding($value);
        $kept = $kind->kept($value);

        self::assertEquals($type, $kind->typeOf($value));
        self::assertSame(Kinds::of($type->kind), $kind);
        self::assertTrue(is_scalar($kept));
        self::assertEquals($value, $kind->value($kept, $type));
    }

    #[DataProvider('values')]
    public function test_what_a_formula_writes_gives_the_value_again(Type $type, mixed $value): void
    {
        $written = Kinds::of($type->kind)->literal($value);
        if ($written === null) {
            self::assertContains($type->kind, [Kind::Moment, Kind::Place, Kind::Several], 'These are written by functions.');

            return;
        }
        $world = World::saltlark();
        $formula = Formula::of($written);

        self::assertEquals($type, $formula->typeIn(Scope::of(new Blueprint('X'))));
        self::assertEquals($value, (new Evaluation(World::moment(), new Reader($world->store), []))->of($formula));
    }

    #[DataProvider('values')]
    public function test_its_json_meets_its_schema(Type $type, mixed $value): void
    {
        $kind = Kinds::of($type->kind);
        $result = (new Validator())->validate(
            json_decode((string) json_encode($kind->json($value))),
            (object) json_decode((string) json_encode($kind->schema($type))),
        );

        self::assertTrue($result->isValid());
        self::assertNull($kind->fromJson(new \stdClass(), $type), 'JSON of another kind is not taken.');
        self::assertNotSame('', $kind->jsonInWords($type));
    }

    #[DataProvider('values')]
    public function test_it_waits_in_the_queue_for_a_routine(Type $type, mixed $value): void
    {
        $waiting = json_decode((string) json_encode(Later::written(['it' => $value, 'all' => [$value, $value]])), true);
        $reader = new Reader(World::saltlark()->store);

        self::assertEquals(['it' => $value, 'all' => [$value, $value]], Later::read($waiting, $reader));
    }

    #[DataProvider('values')]
    public function test_conditions_and_constants_that_are_offered_can_be_run(Type $type, mixed $value): void
    {
        $kind = Kinds::of($type->kind);
        $scope = Scope::of(new Blueprint('X'))->with(['it' => $type]);
        foreach ($kind->conditions('it') as $formula => $words) {
            self::assertTrue(Formula::of($formula)->typeIn($scope)->fits(Type::of(Kind::YesNo)), "$formula ($words)");
        }
        foreach (array_keys($kind->constants($type)) as $formula) {
            self::assertTrue(Formula::of((string) $formula)->typeIn($scope)->comparesWith($type), (string) $formula);
        }
        self::assertNotSame([], $kind->comparisons());
    }

    public function test_only_what_can_be_added_has_a_sum_over_none(): void
    {
        $summed = array_filter(Kind::cases(), fn (Kind $kind): bool => Type::of($kind)->zero() !== null);
        $measures = array_filter(Kind::cases(), fn (Kind $kind): bool => Type::of($kind)->isMeasure());

        self::assertSame([Kind::Whole, Kind::Decimal, Kind::Duration, Kind::Money], array_values($summed));
        self::assertSame([Kind::Duration, Kind::Money], array_values($measures));
    }

    public function test_a_list_that_is_too_long_to_hold_does_not_wait_as_nothing(): void
    {
        $this->expectException(Refused::class);

        Later::written(['all' => new LongList(fn (): array => [1, 2])]);
    }

    public function test_what_an_older_version_kept_is_refused_and_not_taken_for_nothing(): void
    {
        $this->expectException(Refused::class);

        Later::read(['at' => ['moment' => '2026-12-24T09:30:00Z']], new Reader(World::saltlark()->store));
    }

    public function test_nothing_and_what_is_not_known_are_written_as_nothing(): void
    {
        self::assertSame(['', 'null', null], [Kinds::holding(null)->plain(null), Kinds::holding(null)->literal(null), Kinds::holding(null)->json(null)]);
        self::assertSame(Kinds::of(Kind::Any), Kinds::holding(new \stdClass()));
        self::assertSame(Kind::Any, Kind::named('a kind of tomorrow'));
    }
}
