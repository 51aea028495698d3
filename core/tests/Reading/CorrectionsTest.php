<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reading;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Reading\Building;
use Lanai\Core\Reading\Outline;
use Lanai\Core\Reading\Reader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a founder puts right in what was understood. */
final class CorrectionsTest extends TestCase
{
    private const TEXT = 'Each tool has a name, a picture and a deposit. A tool belongs to a shed; a shed has a name and a place. '
        .'Only the keeper may add sheds. People borrow tools. People save tools as favourites. There is a ranking. No ads. A membership costs 3 euros a month.';

    /** @return iterable<string, array{array<string, string>, list<string>, list<string>}> what is put right, what is there then, what no more */
    public static function corrections(): iterable
    {
        yield 'a field is left out' => [['at' => 'field Tool/Deposit', 'do' => 'leave out'], [], ['Deposit']];
        yield 'a field is called otherwise' => [['at' => 'field Tool/Deposit', 'do' => 'call', 'to' => 'pledge'], ['Pledge (money)'], ['Deposit']];
        yield 'a field is of another type' => [['at' => 'field Tool/Deposit', 'do' => 'type', 'as' => 'number'], ['Deposit (number)'], ['Deposit (money)']];
        yield 'a field is added' => [['at' => 'table Tool', 'do' => 'add', 'to' => 'colour', 'as' => 'colour'], ['Colour (colour)'], []];
        yield 'a field that is there is not added again' => [['at' => 'table Tool', 'do' => 'add', 'to' => 'NAME'], [], ['NAME']];
        yield 'a link is left out' => [['at' => 'link Tool/Shed', 'do' => 'leave out'], ['You keep Sheds'], ['its Shed']];
        yield 'a thing is left out with all that is said of it' => [['at' => 'table Shed', 'do' => 'leave out'], ['You keep Tools'], ['Shed']];
        yield 'a thing is called otherwise wherever it is named' => [
            ['at' => 'table Tool', 'do' => 'call', 'to' => 'ladder'],
            ['You keep Ladders', 'People borrow Ladders.', 'its Ladder'],
            ['Tool'],
        ];
        yield 'what is done is left out, with what comes of it' => [['at' => 'act borrow/Tool', 'do' => 'leave out'], [], ['borrow', 'Loan']];
        yield 'who alone may is left out' => [['at' => 'right add/Shed', 'do' => 'leave out'], [], ['Only Keepers']];
        yield 'what is sold is left out' => [['at' => 'sold Membership', 'do' => 'leave out'], [], ['membership']];
        yield 'a part is left out' => [['at' => 'want ranking', 'do' => 'leave out'], [], ['ranking']];
        yield 'what is refused is not refused after all' => [['at' => 'not adverts', 'do' => 'leave out'], [], ['no adverts']];
        yield 'what is not there is passed over' => [['at' => 'field Boat/Sail', 'do' => 'leave out'], ['You keep Tools: Name'], []];
        yield 'what is no correction is passed over' => [['at' => 'field Tool/Deposit', 'do' => 'explode', 'to' => 'x'], ['Deposit (money)'], []];
        yield 'a name of signs is none' => [['at' => 'field Tool/Deposit', 'do' => 'call', 'to' => '"{}'], ['Deposit (money)'], []];
    }

    /**
     * @param  array<string, string>  $correction
     * @param  list<string>  $there
     * @param  list<string>  $gone
     */
    #[DataProvider('corrections')]
    public function test_it_is_as_it_was_put_right_and_the_app_holds(array $correction, array $there, array $gone): void
    {
        $outline = self::read([$correction]);
        $said = implode(' ', $outline->sentences());
        foreach ($there as $one) {
            self::assertStringContainsString($one, $said);
        }
        foreach ($gone as $one) {
            self::assertStringNotContainsString($one, $said);
        }
        $app = Building::of('Trial', $outline->data(), self::TEXT);
        self::assertSame([], array_map(
            fn (Finding $one): string => "$one->at $one->sentence",
            array_values(iterator_to_array(Findings::in(Reading::of($app)))),
        ));
    }

    public function test_all_of_it_can_be_left_out_one_by_one_and_the_app_holds_after_each(): void
    {
        $left = [];
        for ($i = 0; $i < 60 && ($items = self::read($left)->items()) !== []; $i++) {
            // Parts first, from the end, so that things stand for a while without what they lead to.
            $at = [...array_column($items[0]['parts'], 'at'), $items[0]['at']];
            $left[] = ['at' => $at[0], 'do' => 'leave out'];
            $app = Building::of('Trial', self::read($left)->data(), self::TEXT);
            $found = array_map(fn (Finding $one): string => "$one->at $one->sentence", array_values(iterator_to_array(Findings::in(Reading::of($app)))));
            self::assertSame([], $found, 'After leaving out '.implode(', ', array_column($left, 'at')));
        }
        self::assertSame([], self::read($left)->items());
        self::assertStringContainsString('Say what this app keeps', Building::of('Trial', self::read($left)->data(), '')->script());
    }

    public function test_it_holds_while_the_paragraph_is_written_on(): void
    {
        $corrections = [['at' => 'field Tool/Deposit', 'do' => 'call', 'to' => 'Pledge']];
        $outline = (new Reader())->read(self::TEXT.' A tool has a weight.', [], $corrections);
        self::assertContains('You keep Tools: Name, Picture (picture), Pledge (money), Weight (number), its Shed.', $outline->sentences());
        self::assertNotContains('Pledge', array_column((new Reader())->read('A boat has a name.', [], $corrections)->items()[0]['parts'], 'name'));
    }

    public function test_each_says_from_which_words_it_comes(): void
    {
        $item = self::read([])->items()[0];
        self::assertSame('Each tool', mb_substr(self::TEXT, $item['from'][0], $item['from'][1] - $item['from'][0]));
        $deposit = array_values(array_filter($item['parts'], fn (array $part): bool => $part['name'] === 'Deposit'))[0];
        self::assertStringContainsString('deposit', mb_substr(self::TEXT, $deposit['from'][0], $deposit['from'][1] - $deposit['from'][0]));
        $missed = (new Reader())->read('A boat has a name. The weather was rather fine that evening. Oh well.')->missed();
        self::assertSame(['The weather was rather fine that evening.'], array_map(
            fn (array $one): string => mb_substr('A boat has a name. The weather was rather fine that evening. Oh well.', $one[0], $one[1] - $one[0]),
            $missed,
        ));
    }

    /** @param  list<array<string, string>>  $corrections */
    private static function read(array $corrections): Outline
    {
        return (new Reader())->read(self::TEXT, [], $corrections);
    }
}
