<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Data\Condition;
use Lanai\Core\Formula\Conditions;
use Lanai\Core\Formula\Evaluation;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Runtime\Reader;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ConditionsTest extends TestCase
{
    #[TestWith(['starts > now()', 'Starts >', false])]
    #[TestWith(['now() < starts', 'Starts >', false])]
    #[TestWith(['places == 3 and title != "x"', 'all(Places ==, Title !=)', false])]
    #[TestWith(['places == 3 or title == "x"', 'any(Places ==, Title ==)', false])]
    #[TestWith(['not (places > 1)', 'not(Places >)', false])]
    #[TestWith(['this.places > 1', 'Places >', false])]
    #[TestWith(['places in [1, 2]', 'any(Places ==, Places ==)', false])]
    #[TestWith(['host == me', 'Host ==', false])]
    #[TestWith(['me == null', 'all()', false])]
    #[TestWith(['me != null and places > 1', 'all(any(), Places >)', false])]
    #[TestWith(['spot.name == "x"', '', true])]
    #[TestWith(['places > 1 and spot.name == "x"', 'Places >', true])]
    #[TestWith(['places > 1 or spot.name == "x"', '', true])]
    #[TestWith(['places + 1 > 2', '', true])]
    #[TestWith(['upper(title) == "X"', '', true])]
    public function test_what_the_query_can_decide_becomes_a_condition_and_the_rest_stays(string $formula, string $condition, bool $rest): void
    {
        $world = World::saltlark();
        $swims = $world->blueprint->table('Swims') ?? self::fail('Swims');
        [$made, $left] = Conditions::of(Formula::of($formula), $swims, new Evaluation(World::moment(), new Reader($world->store), ['me' => null]));

        self::assertSame([$condition, $rest], [$made === null ? '' : $this->written($made), $left]);
    }

    private function written(Condition $condition): string
    {
        return $condition->field !== null ? "{$condition->field->name} $condition->operator" : $condition->kind.'('.implode(', ', array_map($this->written(...), $condition->parts)).')';
    }
}
