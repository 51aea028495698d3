<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Play\Later;
use Lanai\Core\Play\NeedsConfirmation;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OutcomeTest extends TestCase
{
    public function test_what_is_kept_of_an_outcome_comes_back_the_same(): void
    {
        $outcome = new Outcome();
        $outcome->say = ['Kept.', 'And said.'];
        $outcome->go = ['screen' => 'swim', 'args' => [3, 0]];
        $outcome->over = true;
        $outcome->onDevice('copy', 'a');
        $outcome->onDevice('wait', '2');
        $outcome->values = ['unit' => 'km'];
        $outcome->passing = ['page' => '2'];
        $again = new Outcome();
        $again->again(json_decode((string) json_encode($outcome->kept()), true));

        self::assertEquals($outcome->data(), $again->data());
        self::assertTrue($again->leaves());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function broken(): iterable
    {
        yield 'nothing' => [[]];
        yield 'of other types' => [['say' => 'x', 'go' => ['screen' => 3], 'back' => 'yes', 'onDevice' => [['do' => 1]], 'values' => [1, 2]]];
        yield 'half of it' => [['go' => ['screen' => 'swim'], 'onDevice' => 'x', 'passing' => null]];
    }

    /** @param  array<string, mixed>  $kept */
    #[DataProvider('broken')]
    public function test_what_was_kept_wrongly_is_nothing(array $kept): void
    {
        $outcome = new Outcome();
        $outcome->again($kept);

        self::assertEquals((new Outcome())->data(), $outcome->data());
    }

    public function test_an_outcome_that_is_taken_back_leaves_nothing_for_the_device_or_for_later(): void
    {
        $outcome = new Outcome();
        $outcome->say = ['x'];
        $outcome->onDevice('open', 'https://example.org');
        $outcome->later = [new Later('R', [], 5)];
        $outcome->known = ['x' => 1];
        $outcome->nothing();

        self::assertSame([[], [], [], []], [$outcome->say, $outcome->onDevice, $outcome->later, $outcome->known]);
    }

    public function test_what_a_routine_will_be_given_survives_the_queue(): void
    {
        $world = World::saltlark();
        $swim = $world->add('Swims', ['title' => 'Dip']);
        $table = $world->blueprint->table('Swims') ?? self::fail('Swims');
        $given = [
            'swim' => $world->store->byIds($table, [$swim])[$swim],
            'at' => World::at('2026-12-24 10:00'),
            'long' => new Duration(90),
            'fee' => new Money(450, 'EUR'),
            'day' => Day::of('2026-12-24'),
            'words' => 'x',
            'count' => 3,
            'none' => null,
        ];
        $read = Later::read(json_decode((string) json_encode(Later::written($given)), true), new Reader($world->store));

        self::assertEquals(array_diff_key($given, ['swim' => 1]), array_diff_key($read, ['swim' => 1]));
        self::assertSame($swim, $read['swim']->id);
        $world->store->remove($table, $swim);
        self::assertNull(Later::read(Later::written($given), new Reader($world->store))['swim'], 'A row that has gone by then is nothing.');
    }

    public function test_a_question_says_where_it_stands_and_what_it_is_typed_into(): void
    {
        self::assertSame(['text' => 'Sure?', 'at' => '/a'], (new NeedsConfirmation('Sure?', '/a'))->data());
        self::assertSame(
            ['text' => 'How many?', 'at' => '/a', 'box' => ['name' => 'x'], 'wrong' => 'Too many.'],
            (new NeedsConfirmation('How many?', '/a', ['name' => 'x'], 'Too many.'))->data(),
        );
    }
}
