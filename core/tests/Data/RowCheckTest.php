<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Data;

use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class RowCheckTest extends TestCase
{
    private World $world;

    private Table $swims;

    protected function setUp(): void
    {
        $this->world = World::saltlark();
        $this->swims = $this->world->blueprint->table('Swims') ?? self::fail('Swims');
    }

    public function test_a_new_row_needs_every_required_field(): void
    {
        self::assertSame(['spot', 'starts', 'places'], array_keys(RowCheck::of($this->swims, ['title' => 'Dip'], $this->world->store, true)->errors));
    }

    public function test_a_change_is_judged_by_what_it_gives(): void
    {
        $check = RowCheck::of($this->swims, ['places' => '7'], $this->world->store, false);

        self::assertSame([['places' => 7], []], [$check->values, $check->errors]);
        self::assertSame(['title' => 'Please fill this in.'], RowCheck::of($this->swims, ['title' => ''], $this->world->store, false)->errors);
    }

    public function test_a_link_must_lead_to_a_row(): void
    {
        $spot = $this->world->add('Spots', ['name' => 'Cove']);

        self::assertSame(['spot' => $spot], RowCheck::of($this->swims, ['spot' => (string) $spot], $this->world->store, false)->values);
        self::assertSame(['spot' => 'This Spot is no longer there.'], RowCheck::of($this->swims, ['spot' => '99'], $this->world->store, false)->errors);
    }

    public function test_what_is_not_a_field_is_left_out(): void
    {
        self::assertSame([], RowCheck::of($this->swims, ['id' => 5, 'colour' => 'red'], $this->world->store, false)->values);
    }
}
