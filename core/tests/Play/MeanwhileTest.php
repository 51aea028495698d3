<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Two devices on one row: what others have changed since is neither lost nor written over unseen. */
final class MeanwhileTest extends TestCase
{
    private World $world;

    protected function setUp(): void
    {
        $this->world = World::of(
            "app A\ntable Jars, each a Jar\n  Name is a text\n  Left is a whole number\n  Lid is one Lid\ntable Lids, each a Lid\n  Name is a text\n"
                ."screen S, about one Jar\n  Form to change jar asking Name, Left, Lid\n",
        );
        $this->world->add('Jars', ['name' => 'Honey', 'left' => 3]);
        $this->world->add('Lids', ['name' => 'Tin']);
    }

    public function test_fields_that_were_left_as_they_were_stay_as_others_have_made_them(): void
    {
        $this->others(['left' => 9]);

        self::assertSame([], $this->save(['name' => 'Wax', 'left' => '3', 'lid' => ''])->errors);
        self::assertEquals(['name' => 'Wax', 'left' => 9, 'lid' => null], $this->jar());
    }

    public function test_who_would_write_over_something_new_is_told_and_may(): void
    {
        $this->others(['name' => 'Jam', 'lid' => 2]);
        $told = $this->save(['name' => 'Wax', 'left' => '3', 'lid' => '']);

        self::assertSame(
            [
                'text' => 'Somebody else has changed this meanwhile: Name is now “Jam”. Save yours over it?',
                'at' => '/screens/0/lines/0/meanwhile',
                'yes' => 'Save mine',
                'no' => 'Go on writing',
            ],
            $told->confirm,
        );
        self::assertEquals(['name' => 'Jam', 'left' => 3, 'lid' => 2], $this->jar());
        self::assertNull($this->save(['name' => 'Wax', 'left' => '3', 'lid' => ''], ['/screens/0/lines/0/meanwhile'])->confirm);
        self::assertEquals(['name' => 'Wax', 'left' => 3, 'lid' => 2], $this->jar());
    }

    public function test_the_same_change_made_twice_is_no_dispute(): void
    {
        $this->others(['name' => 'Wax']);

        self::assertNull($this->save(['name' => 'Wax', 'left' => '3', 'lid' => ''])->confirm);
    }

    public function test_a_linked_row_is_told_by_its_name(): void
    {
        $this->world->add('Lids', ['name' => 'Cork']);
        $this->others(['lid' => 2]);

        self::assertStringContainsString('Lid is now “Tin”', (string) ($this->save(['name' => 'Honey', 'left' => '3', 'lid' => '3'])->confirm['text'] ?? ''));
    }

    /** @param  array<string, mixed>  $values */
    private function others(array $values): void
    {
        $this->world->store->change($this->world->blueprint->tables[0], 1, $values);
    }

    /**
     * @param  array<string, string>  $typed
     * @param  list<string>  $confirmed
     */
    private function save(array $typed, array $confirmed = []): Outcome
    {
        $inputs = $typed + ['was.name' => 'Honey', 'was.left' => '3', 'was.lid' => ''];

        return (new Player($this->world->blueprint, $this->world->store, rehearsal: true))->tap(
            new Visit(World::moment(), 's', [1], null, $inputs, $confirmed),
            '/screens/0/lines/0',
            null,
            '',
            Trail::none(),
        );
    }

    /** @return array<string, mixed> */
    private function jar(): array
    {
        return $this->world->store->allOf($this->world->blueprint->tables[0])[1]->values;
    }
}
