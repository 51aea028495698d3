<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Access;

use Lanai\Core\Play\Outcome;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who may see and change which rows, through the screens and taps of a small app. Ada owns boat 4, Bo is in the crew of 5, Cy keeps. */
final class GuardedStoreTest extends TestCase
{
    private const APP = <<<'APP'
    app A
    sign-in at In
      as a guest
    role Guest, at first
    role Keeper
    table People, each a Person, who sign in
      may be seen by everyone
      may be seen by the person themselves, as to Phone
      may be changed by a Keeper, as to Role
      may be changed by the person themselves
      Name is a text, required
      Role is their role
      Phone is a phone number
    table Boats, each a Boat
    RULES  Name is a text, required
      Owner is one Person
      Crew are many People
      Secret is a text
      Price is a whole number
      Trips made = count(trips)
    table Trips, each a Trip
      may be seen by anyone if boat.owner == me
      Boat is one Boat
      Port is a text
    screen Start
      List of Boats, by Name upward, with a search box
        shows name as title
        shows count(trips) as note
        shows secret as aside
      List of Trips where boat.owner != null, by Port upward
        shows port as title
      Button "add"
        tapped:
          add a Boat
            set Name = "New"
            set Owner = me
            set Secret = "s"
      Text "{count(boats)} boats, {count(trips)} trips, {sum(boats.tripsMade)} in all"
    screen Boat, about one Boat
      Text "{boat.name}, {boat.owner.name}, {boat.secret}, {boat.tripsMade}, {boat.owner.phone}"
      Button "rename"
        tapped:
          change boat
            set Name = "Renamed"
      Button "price"
        tapped:
          raise boat.price by 1
      Button "give"
        tapped:
          change boat
            set Owner = null
      Button "sink"
        tapped:
          remove boat
    screen Mine, only when signed in
      Text "{me.name} {me.phone}"
      Button "rise"
        tapped:
          change me
            set Role = "Keeper"
    screen In
    APP;

    private World $world;

    private function given(string ...$rules): World
    {
        $world = World::of(str_replace('RULES', implode('', array_map(fn (string $r): string => "  $r\n", $rules)), self::APP));
        foreach ([['Ada', 'Guest', '+4411'], ['Bo', 'Guest', '+4422'], ['Cy', 'Keeper', '+4433']] as [$name, $role, $phone]) {
            $world->add('People', ['name' => $name, 'role' => $role, 'phone' => $phone]);
        }
        $world->add('Boats', ['name' => 'Auk', 'owner' => 1, 'secret' => 'alpha', 'price' => 1]);
        $world->add('Boats', ['name' => 'Brant', 'owner' => 2, 'crew' => [2, 3], 'secret' => 'beta', 'price' => 1]);
        $world->add('Trips', ['boat' => 4, 'port' => 'Ark']);
        $world->add('Trips', ['boat' => 4, 'port' => 'Bay']);
        $world->add('Trips', ['boat' => 5, 'port' => 'Cape']);

        return $this->world = $world;
    }

    /** @return list<string> the titles in a list of the first screen */
    private function titles(int $list, ?int $person): array
    {
        return array_map(fn (array $item): string => (string) $item['title'], $this->world->show('start', [], $person)['nodes'][$list]['items']);
    }

    private function does(string $button, ?int $person, int $boat = 4): Outcome
    {
        return $this->world->tap('boat', ['rename' => 1, 'price' => 2, 'give' => 3, 'sink' => 4][$button], [$boat], $person);
    }

    /** @return iterable<string, array{list<string>, array<string, list<string>>}> rules; who sees which boats */
    public static function seen(): iterable
    {
        $all = ['Auk', 'Brant'];
        yield 'nothing is said' => [[], ['' => [], '1' => [], '3' => []]];
        yield 'only one field is said' => [['may be seen by a Keeper, as to Name'], ['' => [], '1' => [], '3' => $all]];
        yield 'everyone' => [['may be seen by everyone'], ['' => $all, '2' => $all]];
        yield 'nobody' => [['may be seen by nobody'], ['' => [], '1' => [], '3' => []]];
        yield 'signed-in people' => [['may be seen by signed-in people'], ['' => [], '1' => $all]];
        yield 'the person in a field' => [['may be seen by the person in Owner'], ['' => [], '1' => ['Auk'], '2' => ['Brant'], '3' => []]];
        yield 'one of the people in a field' => [['may be seen by the person in Crew'], ['' => [], '1' => [], '2' => ['Brant'], '3' => ['Brant']]];
        yield 'a role' => [['may be seen by a Keeper'], ['' => [], '1' => [], '3' => $all]];
        yield 'a formula' => [['may be seen by anyone if name starts with "A"'], ['' => ['Auk'], '2' => ['Auk']]];
        yield 'a formula that follows links' => [['may be seen by anyone if count(trips) > 1 and me != null'], ['' => [], '2' => ['Auk']]];
        yield 'a formula that cannot be computed closes' => [['may be seen by anyone if nothing.of == this'], ['' => [], '1' => []]];
        yield 'several add up' => [['may be seen by the person in Owner', 'may be seen by a Keeper'], ['' => [], '1' => ['Auk'], '3' => $all]];
    }

    /**
     * @param  list<string>  $rules
     * @param  array<string, list<string>>  $expected
     */
    #[DataProvider('seen')]
    public function test_rows_are_seen_by_whom_the_rules_name(array $rules, array $expected): void
    {
        $this->given(...$rules);
        foreach ($expected as $person => $titles) {
            self::assertSame($titles, $this->titles(0, $person === '' ? null : (int) $person), "person $person");
            $view = $this->world->show('boat', [4], $person === '' ? null : (int) $person);
            self::assertSame(in_array('Auk', $titles, true) ? '' : 'This Boat is not there, or no longer.', $view['problem'], "person $person");
        }
    }

    public function test_formulas_count_only_what_may_be_seen_but_a_field_counts_all(): void
    {
        $this->given('may be seen by signed-in people');

        self::assertSame(
            ['2 boats, 2 trips, 3 in all', '2 boats, 1 trip, 3 in all', '0 boats, 0 trips, 0 in all'],
            array_map(fn (?int $p): string => str_replace('1 trips', '1 trip', (string) $this->world->show('start', [], $p)['nodes'][3]['text']), [
                1,
                2,
                null,
            ]),
        );
        self::assertSame(['2', '0'], array_column($this->world->show('start', [], 1)['nodes'][0]['items'], 'note'));
        self::assertSame(['Ark', 'Bay'], $this->titles(1, 1));
        self::assertSame([], $this->titles(1, 3));
    }

    public function test_a_link_to_a_row_that_may_not_be_seen_leads_nowhere(): void
    {
        $this->given('may be seen by the person in Owner');

        self::assertSame(['Cape'], $this->titles(1, 2));
        self::assertSame([], $this->titles(1, 3));
    }

    public function test_a_field_is_seen_by_fewer_than_its_row(): void
    {
        $this->given('may be seen by everyone', 'may be seen by the person in Owner, as to Secret');

        self::assertSame(['alpha', ''], array_column($this->world->show('start', [], 1)['nodes'][0]['items'], 'aside'));
        self::assertSame('Auk, Ada, , 2, ', $this->world->show('boat', [4], 2)['nodes'][0]['text']);
        self::assertSame('Auk, Ada, alpha, 2, +4411', $this->world->show('boat', [4], 1)['nodes'][0]['text']);
        self::assertSame('Bo +4422', $this->world->show('mine', [], 2)['nodes'][0]['text']);
    }

    public function test_words_of_a_hidden_field_find_nothing(): void
    {
        $this->given('may be seen by everyone', 'may be seen by the person in Owner, as to Secret');
        $found = fn (int $person, string $search): array => array_column(
            (new \Lanai\Core\Player\Player($this->world->blueprint, $this->world->store))->show(
                new \Lanai\Core\Play\Visit(World::moment(), 'start', [], $person, finds: ['/screens/0/lines/0' => $search]),
                \Lanai\Core\Play\Trail::none(),
            )['nodes'][0]['items'],
            'title',
        );

        self::assertSame([['Auk'], []], [$found(1, 'alpha'), $found(2, 'alpha')]);
        self::assertSame([['Auk'], ['Auk']], [$found(1, 'auk'), $found(2, 'auk')]);
    }

    public function test_rows_are_changed_by_whom_the_rules_name(): void
    {
        $this->given(
            'may be seen by everyone',
            'may be changed by the person in Owner',
            'may be changed by a Keeper',
            'may be changed by signed-in people, as to Price',
            'may be removed by a Keeper',
        );

        self::assertSame('Please sign in first.', $this->does('rename', null)->refused);
        self::assertTrue($this->does('rename', null)->signIn);
        self::assertSame('Only the person in Owner or a Keeper may change a Boat.', $this->does('rename', 2)->refused);
        self::assertSame(['', ''], [$this->does('rename', 1)->refused, $this->does('rename', 3)->refused]);
        self::assertSame('', $this->does('price', 2)->refused);
        self::assertSame('Please sign in first.', $this->does('price', null)->refused);
        self::assertSame('Only a Keeper may remove a Boat.', $this->does('sink', 1)->refused);
        self::assertSame('', $this->does('sink', 3)->refused);
    }

    public function test_whoever_may_change_as_the_person_in_a_field_puts_nobody_else_there(): void
    {
        $this->given('may be seen by everyone', 'may be changed by the person in Owner', 'may be changed by a Keeper');

        self::assertSame('Only the person in Owner or a Keeper may change “Owner” of a Boat.', $this->does('give', 1)->refused);
        self::assertSame('', $this->does('give', 3)->refused);
    }

    public function test_rows_are_added_by_whom_the_rules_name(): void
    {
        $this->given('may be added by the person in Owner', 'may be added by a Keeper, as to Secret');

        self::assertSame('Please sign in first.', $this->world->tap('start', 2)->refused);
        self::assertSame('Only a Keeper may add “Secret” of a Boat.', $this->world->tap('start', 2, [], 1)->refused);
        self::assertSame('', $this->world->tap('start', 2, [], 3)->refused);
    }

    public function test_what_is_refused_leaves_nothing_behind(): void
    {
        $this->given('may be seen by everyone', 'may be changed by nobody');
        self::assertSame('Nobody can change a Boat from here.', $this->does('rename', 3)->refused);
        self::assertSame(['Auk', 'Brant'], $this->titles(0, 3));
    }

    public function test_nobody_gives_themselves_a_role(): void
    {
        $this->given();

        self::assertSame('Only a Keeper may change “Role” of a Person.', $this->world->tap('mine', 1, [], 1)->refused);
        self::assertSame('', $this->world->tap('mine', 1, [], 3)->refused);
    }

    public function test_a_row_that_may_not_be_seen_cannot_be_changed_either(): void
    {
        $this->given('may be seen by the person in Owner', 'may be changed by everyone', 'may be removed by everyone');

        self::assertSame('This Boat is not there, or no longer.', $this->does('rename', 2)->refused);
        self::assertSame('This Boat is not there, or no longer.', $this->does('sink', 2)->refused);
    }

    public function test_neither_an_order_nor_a_choice_tells_of_a_hidden_field(): void
    {
        $world = World::of(
            "app A\nsign-in at In\n  as a guest\ntable People, each a Person, who sign in\n  Name is a text\ntable Hens, each a Hen\n"
                ."  may be seen by everyone\n  may be seen by the person in Owner, as to Rank and Kind\n  Name is a text\n  Rank is a whole number\n"
                    ."  Kind is one of \"red\", \"white\"\n  Owner is one Person\n".
                "screen S, first\n  List of Hens, offering order by Rank or Name, offering a choice of Kind\n    shows name as title\nscreen In\n",
        );
        $world->add('People', ['name' => 'Ada']);
        $world->add('People', ['name' => 'Bo']);
        foreach ([['a', 3, 'red'], ['b', 1, 'white'], ['c', 2, 'red']] as [$name, $rank, $kind]) {
            $world->add('Hens', ['name' => $name, 'rank' => $rank, 'kind' => $kind, 'owner' => 1]);
        }
        $titles = fn (int $person, array $orders, array $chips): array => array_column(
            (new \Lanai\Core\Player\Player($world->blueprint, $world->store))->show(
                new \Lanai\Core\Play\Visit(World::moment(), '', [], $person, orders: $orders, chips: $chips),
                \Lanai\Core\Play\Trail::none(),
            )['nodes'][0]['items'],
            'title',
        );
        $at = '/screens/0/lines/0';

        self::assertSame([['b', 'c', 'a'], ['a', 'b', 'c']], [$titles(1, [$at => 'rank'], []), $titles(2, [$at => 'rank'], [])]);
        self::assertSame([['a', 'c'], []], [$titles(1, [], [$at => ['kind' => 'red']]), $titles(2, [], [$at => ['kind' => 'red']])]);
        self::assertSame(['c', 'b', 'a'], $titles(2, [$at => '-name'], []));
        $sorted = World::of(str_replace(', offering order by Rank or Name, offering a choice of Kind', ', by Rank upward', $world->blueprint->script()));
        foreach ([['a', 3], ['b', 1], ['c', 2]] as [$name, $rank]) {
            $sorted->add('Hens', ['name' => $name, 'rank' => $rank]);
        }
        self::assertSame(
            ['a', 'b', 'c'],
            array_column($sorted->show('', [], 2)['nodes'][0]['items'], 'title'),
            'The order that the sentence says tells nothing either.',
        );
    }

    private const SILENT =
        "app A\nsign-in at In\n  as a guest\nrole Guest, at first\nrole Warden\ntable People, each a Person, who sign in\n  Name is a text\n"
            ."  Role is their role\ntable Plots, each a Plot\nSAID  Name is a text\n  Code is a text\n  Owner is one Person\n  Made by is who added it\n".
        "screen S, first\n  List of Plots\n    shows name as title\n    shows code as note\n  Button \"Add\"\n    tapped:\n      add a Plot\n"
            ."        set Name = \"New\"\nscreen Plot, about one Plot\n  Button \"Rename\"\n    tapped:\n      change plot\n"
                ."        set Name = \"Mine\"\n  Button \"Own\"\n    tapped:\n      change plot\n        set Owner = me\n  Button \"Remove\"\n"
                    ."    tapped:\n      remove plot\nscreen In\n";

    private static function silent(string $said): World
    {
        $world = World::of(str_replace('SAID', $said, self::SILENT));
        $world->add('People', ['name' => 'Ada', 'role' => 'Guest']);
        $world->add('People', ['name' => 'Bo', 'role' => 'Warden']);
        $world->add('Plots', ['name' => 'Old', 'code' => '77', 'madeBy' => 1, 'made_by' => 1]);

        return $world;
    }

    public function test_what_nothing_says_is_for_the_person_who_added_it(): void
    {
        $world = self::silent('');
        $titles = fn (?int $person): array => array_column($world->show('', [], $person)['nodes'][0]['items'], 'title');

        self::assertSame([['Old'], [], []], [$titles(1), $titles(2), $titles(null)]);
        self::assertTrue($world->tap('s', 1)->signIn);
        self::assertSame('', $world->tap('s', 1, [], 2)->refused);
        self::assertSame([['Old'], ['New']], [$titles(1), $titles(2)]);
        self::assertSame(['This Plot is not there, or no longer.', ''], [$world->tap('plot', 0, [3], 2)->refused, $world->tap('plot', 0, [3], 1)->refused]);
        self::assertSame('', $world->tap('plot', 2, [3], 1)->refused);
    }

    /** A guest made himself owner of a row of which only the name was spoken of, and read what is for owners. */
    public function test_who_is_named_for_one_field_is_not_named_for_the_others_and_nobody_else_is(): void
    {
        $world = self::silent("  may be seen by everyone\n  may be seen by the person in Owner, as to Code\n  may be changed by a Warden, as to Name\n");
        $refused = fn (int $line, ?int $person): string => $world->tap('plot', $line, [3], $person)->refused;

        self::assertSame(['Please sign in first.', 'Only a Warden may change “Name” of a Plot.', ''], [$refused(0, null), $refused(0, 1), $refused(0, 2)]);
        self::assertSame('Only the person in Made by may change “Owner” of a Plot.', $refused(1, 2));
        self::assertSame('Please sign in first.', $refused(1, null));
        self::assertSame(
            [[''], ['']],
            [array_column($world->show('', [], 2)['nodes'][0]['items'], 'note'), array_column($world->show('', [], null)['nodes'][0]['items'], 'note')],
        );
    }

    public function test_without_sign_in_what_nothing_says_is_open_while_tried_out_and_closed_when_live(): void
    {
        $world = World::of(
            "app A\ntable Jars, each a Jar\n  Name is a text\nscreen S, first\n  List of Jars\n    shows name as title\n  Button \"Add\"\n"
                ."    tapped:\n      add a Jar\n        set Name = \"x\"\n",
        );
        $world->add('Jars', ['name' => 'Honey']);
        $live = new \Lanai\Core\Player\Player($world->blueprint, $world->store);
        $visit = new \Lanai\Core\Play\Visit(World::moment());

        self::assertCount(1, $world->show()['nodes'][0]['items']);
        self::assertSame([], $live->show($visit, \Lanai\Core\Play\Trail::none())['nodes'][0]['items']);
        self::assertSame(
            'Nobody can add a Jar yet: nothing says who may.',
            $live->tap($visit, '/screens/0/lines/1', null, '', \Lanai\Core\Play\Trail::none())->refused,
        );
        self::assertSame(
            'Jars has 1 row here, but somebody who has not signed in may see none: nothing says who may see them.',
            $live->whyEmpty($visit, '/screens/0/lines/0')?->sentence,
        );
    }
}
