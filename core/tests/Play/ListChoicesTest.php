<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a person may choose of a list: an order, values of fields; and how lists are put together. */
final class ListChoicesTest extends TestCase
{
    private World $world;

    private int $ann;

    protected function setUp(): void
    {
        $this->world = World::of(
            str_replace('OFFERING', 'offering a choice of Ground and Cove and Easy', <<<'SCRIPT'
            app X

            table Coves, each a Cove
              Name is a text

            table Swims, each a Swim
              Title is a text
              Cove is one Cove
              Ground is one of "sand", "rock"
              Easy is yes or no
              Length is a whole number
              Author is one Person

            table People, each a Person, who sign in
              Name is a text

            screen S, first
              List of Swims, by Title upward, as a conversation, own where author == me, under headings of ground, offering order by Length or Title, OFFERING
                shows title as title
                swiped "Longer"
                  tapped:
                    raise length by 10
                swiped "Away", dangerous
                  tapped:
                    remove this
                swiped "Away, if you are sure"
                  tapped:
                    confirm "Sure?"
                    remove this
                when empty: "None."
              Chart of Swims, by ground, adding up length, titled "Metres"
              Chart of Swims, by cove, as a ring
            SCRIPT),
        );
        [$bay, $cape] = [$this->world->add('Coves', ['name' => 'Bay']), $this->world->add('Coves', ['name' => 'Cape'])];
        $ann = $this->ann = $this->world->add('People', ['name' => 'Ann']);
        foreach (
            [
                ['A', $bay, 'sand', true, 300, $ann],
                ['B', $cape, 'rock', false, 100, null],
                ['C', $bay, 'rock', null, 200, $ann],
                ['D', null, 'sand', true, 50, null],
            ] as [$title, $cove, $ground, $easy, $length, $author]
        ) {
            $this->world->add('Swims', ['title' => $title, 'cove' => $cove, 'ground' => $ground, 'easy' => $easy, 'length' => $length, 'author' => $author]);
        }
    }

    /** @return iterable<string, array{string, array<string, string>, string}> order, what is chosen, titles */
    public static function choices(): iterable
    {
        yield 'as it is' => ['', [], 'B C A D'];
        yield 'shortest first, under their headings' => ['length', [], 'B C D A'];
        yield 'longest first' => ['-length', [], 'C B A D'];
        yield 'an order that is not offered' => ['cove', [], 'B C A D'];
        yield 'only rock' => ['', ['ground' => 'rock'], 'B C'];
        yield 'one cove' => ['', ['cove' => '1'], 'C A'];
        yield 'only the easy ones' => ['', ['easy' => 'yes'], 'A D'];
        yield 'two at once' => ['-title', ['ground' => 'sand', 'easy' => 'yes'], 'D A'];
        yield 'a row that is not there' => ['', ['cove' => '99'], 'B C A D'];
        yield 'nothing left' => ['', ['ground' => 'rock', 'easy' => 'yes'], ''];
    }

    /** @param  array<string, string>  $chips */
    #[DataProvider('choices')]
    public function test_a_list_is_narrowed_and_sorted_as_chosen(string $order, array $chips, string $titles): void
    {
        $list = $this->show(new Visit(World::moment(), 's', orders: ['/screens/0/lines/0' => $order], chips: ['/screens/0/lines/0' => $chips]))[0];

        self::assertSame($titles, implode(' ', array_column($list['items'], 'title')));
        self::assertSame($titles === '' ? 'Nothing is found.' : '', $list['empty']);
    }

    public function test_a_list_says_what_can_be_chosen(): void
    {
        $list = $this->show(new Visit(World::moment(), 's'))[0];

        self::assertSame(['length', '-length', 'title', '-title'], array_column($list['orders'], 'by'));
        self::assertSame([['sand', 'rock'], ['1', '2'], ['yes']], array_map(fn (array $c): array => array_column($c['choices'], 'id'), $list['chips']));
        // What is asked about first is not taken away before the reply.
        self::assertSame(
            [
                ['label' => 'Longer', 'dangerous' => false],
                ['label' => 'Away', 'dangerous' => true, 'removes' => true],
                ['label' => 'Away, if you are sure', 'dangerous' => false],
            ],
            $list['swipes'],
        );
    }

    public function test_ones_own_items_and_headings_are_marked(): void
    {
        $items = $this->show(new Visit(World::moment(), 's', person: $this->ann))[0]['items'];

        self::assertSame(
            [['rock', false], ['rock', true], ['sand', true], ['sand', false]],
            array_map(fn (array $i): array => [$i['group'], $i['own'] ?? false], $items),
        );
    }

    public function test_a_swipe_does_its_effects_with_its_row(): void
    {
        $player = new Player($this->world->blueprint, $this->world->store, rehearsal: true);
        $outcome = $player->tap(new Visit(World::moment(), 's'), '/screens/0/lines/0/swipes/0', $this->first(), '', Trail::none());

        self::assertTrue($outcome->data()['done'], $outcome->refused);
        self::assertSame(310, $this->world->store->byIds($this->world->blueprint->tables[1], [$this->first()])[$this->first()]->values['length']);
        self::assertSame(
            'This is not possible any more.',
            $player->tap(new Visit(World::moment(), 's'), '/screens/0/lines/0/swipes/3', $this->first(), '', Trail::none())->refused,
        );
    }

    public function test_a_chart_adds_up_or_counts_and_is_in_order(): void
    {
        [, $bars, $ring] = $this->show(new Visit(World::moment(), 's'));

        self::assertSame(
            ['bars', 'Metres', [['rock', 300], ['sand', 350]]],
            [$bars['form'], $bars['title'], array_map(fn (array $p): array => [$p['label'], $p['value']], $bars['points'])],
        );
        self::assertSame([['Bay', 2], ['Cape', 1], ['–', 1]], array_map(fn (array $p): array => [$p['label'], $p['value']], $ring['points']));
    }

    private function first(): int
    {
        return $this->world->store->rows(new Query($this->world->blueprint->tables[1], limit: 1))[0]->id;
    }

    /** @return list<array<string, mixed>> */
    private function show(Visit $visit): array
    {
        return (new Player($this->world->blueprint, $this->world->store, rehearsal: true))->show($visit, Trail::none())['nodes'];
    }

    /** A conversation is read from its end, older words when one reads on; any other list from its beginning. */
    public function test_of_a_long_conversation_the_newest_are_there_first(): void
    {
        $world = World::of(<<<'SCRIPT'
            app Talk
            table Words, each a Word
              Text is a text
              Said is a whole number
            screen S, first
              List of Words, by Said upward, as a conversation, offering order by Text, showing 10
                shows text as title
              List of Words, by Said downward, as a conversation, showing 10
                shows text as title
              List of Words, by Said upward, showing 10
                shows text as title
            SCRIPT);
        for ($i = 1; $i <= 23; $i++) {
            // Two at a time are said at once: they stand as they came.
            $world->add('Words', ['text' => "word $i", 'said' => intdiv($i, 2)]);
        }
        $titles = fn (array $node): array => array_map(fn (array $item): int => (int) substr($item['title'], 5), $node['items']);
        [$up, $down, $list] = $world->show()['nodes'];

        self::assertSame([range(14, 23), true, true], [$titles($up), $up['more'], $up['newestLast']]);
        self::assertSame([[22, 23, 20, 21], true, false], [array_slice($titles($down), 0, 4), $down['more'], isset($down['newestLast'])]);
        self::assertSame([range(1, 10), false], [$titles($list), isset($list['newestLast'])]);
        self::assertSame(range(4, 23), $titles($world->show(pages: ['/screens/0/lines/0' => 2])['nodes'][0]));
        $all = $world->show(pages: ['/screens/0/lines/0' => 3])['nodes'][0];
        self::assertSame([range(1, 23), false], [$titles($all), $all['more']]);
        $ordered = $world->show(orders: ['/screens/0/lines/0' => 'text'])['nodes'][0];
        self::assertSame([1, false], [$titles($ordered)[0], isset($ordered['newestLast'])]);
    }

    public function test_in_a_conversation_days_stand_apart(): void
    {
        $world = World::of(<<<'SCRIPT'
            app Talk
            table Words, each a Word
              Text is a text
              Said is a date and time
            screen S, first
              List of Words, by Said upward, as a conversation, offering order by Text
                shows text as title
              List of Words, by Said upward, as a conversation, under headings of text
              List of Words, by Said upward
              List of Words, by Text upward, as a conversation
            SCRIPT);
        foreach (['2026-12-20T08:00:00Z', '2026-12-23T08:00:00Z', '2026-12-24T08:00:00Z', '2026-12-24T09:00:00Z'] as $i => $said) {
            $world->add('Words', ['text' => "word $i", 'said' => new \DateTimeImmutable($said)]);
        }
        $world->add('Words', ['text' => 'before time']);
        $groups = fn (array $node): array => array_column($node['items'], 'group');
        [$talk, $headed, $list, $byText] = $world->show()['nodes'];

        self::assertSame(['', 'Sunday', 'Yesterday', 'Today', 'Today'], $groups($talk));
        self::assertSame(['before time', 'word 0', 'word 1', 'word 2', 'word 3'], $groups($headed));
        self::assertSame([[], []], [$groups($list), $groups($byText)]);
        self::assertSame([], $groups($world->show(orders: ['/screens/0/lines/0' => 'text'])['nodes'][0]));
    }
}
