<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Exchange;

use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use PHPUnit\Framework\TestCase;

final class MappingTest extends TestCase
{
    public function test_columns_find_their_fields_whatever_their_spelling(): void
    {
        $mapping = Mapping::byName(['TITLE', 'places left', 'Kit-fee', 'Colour'], $this->swims());

        self::assertSame(['title', 'placesLeft', 'kitFee', ''], $mapping->to);
        self::assertSame('', $mapping->key);
    }

    public function test_numbers_win_over_names_where_a_file_has_both(): void
    {
        $mapping = Mapping::byName(['id', 'Title', 'Spot', 'Spot id', 'Guests', 'Guests id'], $this->swims());

        self::assertSame(['#', 'title', '', 'spot', '', 'guests'], $mapping->to);
        self::assertSame('#', $mapping->key, 'A file with numbers finds its rows again.');
    }

    public function test_names_of_links_serve_where_there_are_no_numbers(): void
    {
        self::assertSame(['spot', 'guests'], Mapping::byName(['Spot', 'Guests'], $this->swims())->to);
    }

    public function test_what_is_computed_is_not_filled(): void
    {
        $mapping = Mapping::byName(['Title', 'Twice'], $this->swims());

        self::assertSame(['title', ''], $mapping->to);
        self::assertSame([0], array_keys($mapping->fields($this->swims())));
    }

    public function test_a_field_is_filled_by_one_column_only(): void
    {
        self::assertSame(['title', ''], Mapping::byName(['Title', 'title'], $this->swims())->to);
    }

    public function test_columns_are_found_by_what_they_fill(): void
    {
        $mapping = new Mapping(['', '#', 'title'], '#');

        self::assertSame([1, 2, null], [$mapping->columnOf('#'), $mapping->columnOf('title'), $mapping->columnOf('spot')]);
    }

    private function swims(): Table
    {
        $script = <<<'SCRIPT'
            app A

            table Spots, each a Spot
              Name is a text

            table People, each a Person
              Name is a text

            table Swims, each a Swim
              Title is a text
              Spot is one Spot
              Places left is a whole number
              Kit fee is money in EUR
              Guests are many People
              Twice = placesLeft * 2
            SCRIPT;

        return Blueprint::fromScript($script)->tables[2];
    }
}
