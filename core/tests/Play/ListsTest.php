<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class ListsTest extends TestCase
{
    private const TABLES = "app A\ntable Shelves, each a Shelf\n  Name is a text\n  Guests are many People\ntable Jars, each a Jar\n"
        ."  Name is a text\n  Shelf is one Shelf\n  Spoons is a whole number\ntable People, each a Person\n  Name is a text\n";

    public function test_a_list_of_a_row_shows_what_is_linked_with_it_from_either_end(): void
    {
        $world = World::of(
            self::TABLES.
                "screen S, about one Shelf\n  List of Jars of shelf where spoons > 1, by Name downward\n  List of People of shelf\n"
                    ."screen P, about one Person\n  List of Shelves of person\n",
        );
        [$ada, $bo] = [$world->add('People', ['name' => 'Ada']), $world->add('People', ['name' => 'Bo'])];
        [$top, $low] = [$world->add('Shelves', ['name' => 'Top', 'guests' => [$ada, $bo]]), $world->add('Shelves', ['name' => 'Low', 'guests' => [$bo]])];
        foreach ([['Plum', $top, 3], ['Fig', $top, 2], ['Pear', $top, 1], ['Quince', $low, 9], ['Lost', null, 9]] as [$name, $shelf, $spoons]) {
            $world->add('Jars', ['name' => $name, 'shelf' => $shelf, 'spoons' => $spoons]);
        }
        $titles = fn (array $view, int $line): array => array_column($view['nodes'][$line]['items'], 'title');

        self::assertSame([['Plum', 'Fig'], ['Ada', 'Bo']], [$titles($world->show('s', [$top]), 0), $titles($world->show('s', [$top]), 1)]);
        self::assertSame([['Quince'], ['Bo']], [$titles($world->show('s', [$low]), 0), $titles($world->show('s', [$low]), 1)]);
        self::assertSame([['Top'], ['Top', 'Low']], [$titles($world->show('p', [$ada]), 0), $titles($world->show('p', [$bo]), 0)]);
    }

    public function test_only_what_belongs_to_the_row_can_be_tapped(): void
    {
        $world = World::of(self::TABLES."screen S, about one Shelf\n  List of Jars of shelf\n    tapped:\n      say \"{name}\"\n");
        $top = $world->add('Shelves', ['name' => 'Top']);
        $mine = $world->add('Jars', ['name' => 'Plum', 'shelf' => $top]);
        $other = $world->add('Jars', ['name' => 'Fig']);

        self::assertSame(['Plum'], $world->tap('s', 0, [$top], item: $mine)->say);
        self::assertSame('This is no longer in the list.', $world->tap('s', 0, [$top], item: $other)->refused);
    }

    public function test_a_list_is_searched_and_goes_on_as_one_scrolls(): void
    {
        $world = World::of(self::TABLES."screen S\n  List of Jars, by Name upward, as tiles, with a search box, showing 3\n    when empty: \"No jars.\"\n");
        $see = fn (array $finds = [], array $pages = []): array => (new Player($world->blueprint, $world->store, rehearsal: true))->show(
            new Visit(World::moment(), 's', finds: $finds, pages: $pages),
            Trail::none(),
        )['nodes'][0];
        self::assertSame(['No jars.', '', false, 'tiles'], [$see()['empty'], $see()['search'], $see()['more'], $see()['layout']]);
        foreach (range(1, 8) as $i) {
            $world->add('Jars', ['name' => "Jar $i".($i % 2 ? ' of Crème' : '')]);
        }
        $at = '/screens/0/lines/0';

        self::assertSame([3, true], [count($see()['items']), $see()['more']]);
        self::assertSame([6, true], [count($see([], [$at => 2])['items']), $see([], [$at => 2])['more']]);
        self::assertSame([8, false], [count($see([], [$at => 3])['items']), $see([], [$at => 3])['more']]);
        self::assertSame(['Jar 1 of Crème', 'Jar 3 of Crème', 'Jar 5 of Crème'], array_column($see([$at => 'CREME'])['items'], 'title'));
        self::assertSame('Nothing is found.', $see([$at => 'plum'])['empty']);
    }

    public function test_an_empty_list_of_a_row_says_that_nothing_links_to_it(): void
    {
        $world = World::of(self::TABLES."screen S, about one Shelf\n  List of Jars of shelf where spoons > 3\n");
        $top = $world->add('Shelves', ['name' => 'Top']);
        $why = fn (): string => (new Player($world->blueprint, $world->store, rehearsal: true))->whyEmpty(
            new Visit(World::moment(), 's', [$top]),
            '/screens/0/lines/0',
        )->sentence ?? '';
        self::assertSame('No Jars are linked with it.', $why());
        $world->add('Jars', ['name' => 'Elsewhere', 'spoons' => 9]);
        $world->add('Jars', ['name' => 'Here', 'shelf' => $top, 'spoons' => 1]);

        self::assertSame('Jars has 1 row, but “spoons > 3” is not true for the one row.', $why());
    }
}
