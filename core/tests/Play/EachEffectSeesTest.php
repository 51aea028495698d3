<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Each effect of a tap sees what those before it did: rows, the person, and what links to them. */
final class EachEffectSeesTest extends TestCase
{
    private const SCRIPT = <<<'S'
        app Jars
        table People, each a Person, who sign in
          Name is a text
          Liked are many Plots
          Points is a whole number
        table Plots, each a Plot
          Name is a text
        table Jars, each a Jar
          Name is a text
          Left is a whole number
          Sold is yes or no
          Host is one Person
        screen Jar, about one Jar
          Button "Take"
            tapped:
              lower jar.left by 1
              if jar.left == 0
                then:
                  change jar
                    set Sold = true
              say "{jar.left} left, {if(jar.sold, "sold", "for sale")}"
          Button "Twice"
            tapped:
              lower jar.left by 1
              lower jar.left by 1
              change jar
                set Left = jar.left - 1
              raise jar.left by jar.left
          Button "Like all"
            tapped:
              for each of plots
                put this into me.liked
                raise me.points by 1
              say "{count(me.liked)} liked, {me.points} points"
          Button "Remove"
            tapped:
              remove jar
              say "{jar.name} is gone, {count(jars)} are left"
          List of Jars
            tapped:
              raise left by 2
              raise left by left
              say "{name}: {left}"
          Button "Through the host"
            tapped:
              raise me.points by 5
              say "{jar.host.points}"
              for each of jars
                raise jar.left by 1
                change this
                  set Name = name ~ jar.left
        S;

    private World $world;

    protected function setUp(): void
    {
        $this->world = World::of(str_replace('{if(jar.sold, "sold", "for sale")}', '{jar.sold}', self::SCRIPT));
        $this->world->add('People', ['name' => 'Ada', 'points' => 1]);
        $this->world->add('Plots', ['name' => 'North']);
        $this->world->add('Plots', ['name' => 'South']);
        $this->world->add('Plots', ['name' => 'West']);
        $this->world->add('Jars', ['name' => 'Honey', 'left' => 1, 'host' => 1]);
    }

    public function test_the_screens_row_is_the_one_that_was_just_changed(): void
    {
        self::assertSame(['0 left, yes'], $this->tap(0)->say);
    }

    public function test_two_changes_of_one_field_are_both_kept(): void
    {
        $this->world->store->change($this->jars(), 5, ['left' => 10]);
        $this->tap(1);

        self::assertSame(14, $this->jar()['left']);
    }

    public function test_what_is_done_for_each_adds_up_in_the_person(): void
    {
        self::assertSame(['3 liked, 4 points'], $this->tap(2)->say);
        self::assertSame([2, 3, 4], $this->world->store->allOf($this->world->blueprint->tables[0])[1]->values['liked']);
    }

    public function test_a_removed_row_is_remembered_as_it_was(): void
    {
        self::assertSame(['Honey is gone, 0 are left'], $this->tap(3)->say);
    }

    public function test_an_item_of_a_list_is_the_one_that_was_just_changed(): void
    {
        $outcome = $this->world->tap('jar', 4, [5], 1, item: 5);

        self::assertSame(['Honey: 6'], $outcome->say);
    }

    public function test_a_person_reached_over_a_link_is_the_same_person(): void
    {
        $this->world->add('Jars', ['name' => 'Wax', 'left' => 7]);

        self::assertSame(['6'], $this->tap(5)->say);
        self::assertSame(['Honey2', 'Wax3'], array_values(array_map(fn ($row): mixed => $row->values['name'], $this->world->store->allOf($this->jars()))));
    }

    private function tap(int $line): \Lanai\Core\Play\Outcome
    {
        $outcome = $this->world->tap('jar', $line, [5], 1);
        self::assertSame('', $outcome->refused);

        return $outcome;
    }

    private function jars(): \Lanai\Core\Model\Table
    {
        return $this->world->blueprint->tables[2];
    }

    /** @return array<string, mixed> */
    private function jar(): array
    {
        return $this->world->store->allOf($this->jars())[5]->values;
    }
}
