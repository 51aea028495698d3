<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EmptyAccountTest extends TestCase
{
    #[TestWith(['size > 5', 'Eggs has 3 rows, but “size > 5” is not true for all 3 rows.'])]
    #[TestWith(['size > 1 and hen == "Ada"', 'Eggs has 3 rows, but “hen == "Ada"” is not true for all 2 rows that were left.'])]
    #[TestWith(['size > 2 and hen == "Ada"', 'Eggs has 3 rows, but “hen == "Ada"” is not true for the one row that was left.'])]
    #[TestWith(['size > 5 or hen == "Ada and Bea"', 'Eggs has 3 rows, but “size > 5 or hen == "Ada and Bea"” is not true for all 3 rows.'])]
    #[TestWith(['hen == "A and B" and size > 0', 'Eggs has 3 rows, but “hen == "A and B"” is not true for all 3 rows.'])]
    #[TestWith(['size > 0', 'The list is not empty: it shows 3 of 3 rows.'])]
    #[TestWith(['size >', 'The condition cannot be computed: The formula stops too early: something is missing at its end.'])]
    public function test_the_part_that_removed_the_last_rows_is_named(string $where, string $sentence): void
    {
        $world = World::of("app A\ntable Eggs, each a Egg\n  Size is a whole number\n  Hen is a text\nscreen S\n  List of Eggs where $where");
        foreach ([1, 2, 3] as $size) {
            $world->add('Eggs', ['size' => $size, 'hen' => 'Bea']);
        }

        self::assertSame(
            $sentence,
            (new Player($world->blueprint, $world->store, rehearsal: true))->whyEmpty(new Visit(World::moment(), 's'), '/screens/0/lines/0')?->sentence,
        );
    }
}
