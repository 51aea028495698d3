<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Later;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Services\Trouble;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\PretendServices;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** A table kept in step with a service: matched by a key, whole or not at all. */
final class InStepTest extends TestCase
{
    private const APP = <<<'SCRIPT'
    app Tides

    table Spots, each a Spot
      Name is a text of at most 12, required
      Code is a text, no two alike
      Celsius is a decimal
      Note is a text

    service Almanac is at "https://almanac.example"
      request Listing is GET "/spots", giving each Listed spot
        Name is a text, at "name"
        Code is a text, at "code"
        Celsius is a decimal, at "water"

    routine Update
      keep Spots as Listing, matched by Code, removing what is gone

    routine By name
      keep Spots as Listing, matched by Code
        set Name = code
        set Code = code
    SCRIPT;

    public function test_rows_are_added_changed_left_and_removed(): void
    {
        [$store, $player] = $this->world([
            ['name' => 'Cove', 'code' => 'a', 'water' => 14],
            ['name' => 'New', 'code' => 'c', 'water' => 9.5],
            ['name' => 'Same', 'code' => 'd', 'water' => null],
        ]);
        $store->add($this->spots($store), ['name' => 'Cove', 'code' => 'a', 'celsius' => 13.0, 'note' => 'Mine']);
        $store->add($this->spots($store), ['name' => 'Gone', 'code' => 'b']);
        $store->add($this->spots($store), ['name' => 'Same', 'code' => 'd']);
        $outcome = $player->later(new Later('Update', [], 0), new Visit(World::moment()), Trail::none());

        self::assertSame('', $outcome->refused);
        self::assertSame(
            [['Cove', 'a', 14.0, 'Mine'], ['Same', 'd', null, null], ['New', 'c', 9.5, null]],
            array_values(
                array_map(
                    fn (Row $r): array => [$r->values['name'], $r->values['code'], $r->values['celsius'], $r->values['note']],
                    $store->allOf($this->spots($store)),
                ),
            ),
        );
    }

    public function test_done_twice_nothing_changes(): void
    {
        [$store, $player] = $this->world([['name' => 'Cove', 'code' => 'a', 'water' => 14]]);
        $trail = new Trail(fn (): int => 0);
        $player->later(new Later('Update', [], 0), new Visit(World::moment()), Trail::none());
        $player->later(new Later('Update', [], 0), new Visit(World::moment()), $trail);

        self::assertSame(
            [],
            array_values(array_filter(array_column($trail->steps, 'what'), fn (string $w): bool => in_array($w, ['added', 'changed', 'removed'], true))),
        );
        self::assertCount(1, $store->allOf($this->spots($store)));
    }

    public function test_rows_that_do_not_fit_are_told_and_the_rest_is_done(): void
    {
        [$store, $player] = $this->world([
            ['name' => 'A name that is too long', 'code' => 'a'],
            ['name' => 'No code'],
            ['name' => 'Good', 'code' => 'b'],
            ['name' => 'Twice', 'code' => 'b'],
        ]);
        $trail = new Trail(fn (): int => 0);
        $player->later(new Later('Update', [], 0), new Visit(World::moment()), $trail);

        self::assertSame(['b'], array_values(array_map(fn (Row $r): mixed => $r->values['code'], $store->allOf($this->spots($store)))));
        $told = implode(' ', array_column($trail->steps, 'text'));
        foreach (['“a”', 'Row 2: Code is empty.', 'Row 4: another row has the same Code'] as $sentence) {
            self::assertStringContainsString($sentence, $told);
        }
    }

    public function test_said_by_hand_which_field_gets_what(): void
    {
        [$store, $player] = $this->world([['name' => 'Cove', 'code' => 'a', 'water' => 14]]);
        $player->later(new Later('By name', [], 0), new Visit(World::moment()), Trail::none());

        self::assertSame(
            [['a', 'a', null, null]],
            array_values(
                array_map(
                    fn (Row $r): array => [$r->values['name'], $r->values['code'], $r->values['celsius'], $r->values['note']],
                    $store->allOf($this->spots($store)),
                ),
            ),
        );
    }

    public function test_where_the_service_does_not_answer_nothing_is_changed(): void
    {
        [$store, $player] = $this->world(new Trouble('unreachable', 'It is down.'));
        $store->add($this->spots($store), ['name' => 'Cove', 'code' => 'a']);
        $outcome = $player->later(new Later('Update', [], 0), new Visit(World::moment()), Trail::none());

        self::assertTrue($outcome->unanswered);
        self::assertCount(1, $store->allOf($this->spots($store)));
    }

    /** @return array{InMemoryRecordStore, Player} */
    private function world(mixed $answer): array
    {
        $app = Blueprint::fromScript(self::APP);
        $store = new InMemoryRecordStore($app);

        return [$store, new Player($app, $store, null, new PretendServices(['GET https://almanac.example/spots' => $answer]), rehearsal: true)];
    }

    private function spots(InMemoryRecordStore $store): Table
    {
        return $store->blueprint()->tables[0];
    }
}
