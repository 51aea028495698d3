<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Storage;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Storage\IndexKey;
use Lanai\Core\Storage\Layout;
use Lanai\Core\Storage\Plan;
use Lanai\Core\Storage\Step;
use PHPUnit\Framework\TestCase;

final class PlanTest extends TestCase
{
    private const SCRIPT = "app A\ntable Spots, each a Spot\n  Name is a text\ntable Swims, each a Swim\n  Spot is one Spot\n  Places is a whole number\n";

    private const STORED = [
        'spots' => ['id' => 'INTEGER', 'name' => 'TEXT'],
        'swims' => ['id' => 'INTEGER', 'spot' => 'INTEGER REFERENCES spots', 'places' => 'INTEGER'],
    ];

    public function test_what_is_there_is_left_alone(): void
    {
        self::assertSame(['index spot'], $this->steps(self::STORED, self::SCRIPT));
    }

    public function test_an_empty_file_gets_tables_before_the_columns_that_link_to_them(): void
    {
        self::assertSame(['create', 'create', 'add name', 'add spot', 'add places', 'index spot'], $this->steps([], self::SCRIPT));
    }

    public function test_a_rename_is_no_step(): void
    {
        self::assertSame(
            ['index spot'],
            $this->steps(self::STORED, str_replace('Places is a whole number', 'Room is a whole number, stored as places', self::SCRIPT)),
        );
    }

    public function test_a_changed_type_is_converted_and_what_is_left_out_stays(): void
    {
        self::assertSame(['convert places', 'index spot'], $this->steps(self::STORED, str_replace('a whole number', 'a text', self::SCRIPT)));
        self::assertSame(['index spot'], $this->steps(self::STORED, str_replace("  Places is a whole number\n", '', self::SCRIPT)));
    }

    /**
     * @param  array<string, array<string, string>>  $stored
     * @return list<string>
     */
    private function steps(array $stored, string $script): array
    {
        return array_map(
            fn (Step $s): string => trim($s->what.' '.($s->field?->column() ?? implode(' ', array_map(fn (IndexKey $k): string => $k->name(), $s->keys)))),
            Plan::from(new Layout($stored), Blueprint::fromScript($script)),
        );
    }
}
