<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Text;

use Lanai\Core\Text\Names;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NamesTest extends TestCase
{
    #[TestWith(['Places left', 'placesLeft', 'places_left'])]
    #[TestWith(['Title', 'title', 'title'])]
    #[TestWith(['Zoë’s café', 'zoesCafe', 'zoes_cafe'])]
    #[TestWith(["Ann's things", 'annsThings', 'anns_things'])]
    #[TestWith(['5 km', 'n5Km', 'n_5_km'])]
    #[TestWith(['水泳', 'shuiYong', 'shui_yong'])]
    #[TestWith(['sub-zero', 'subZero', 'sub_zero'])]
    public function test_a_name_has_one_spelling_in_formulas_and_one_in_storage(string $name, string $formula, string $storage): void
    {
        self::assertSame([$formula, $storage], [Names::inFormula($name), Names::inStorage($name)]);
    }

    public function test_a_name_without_letters_still_has_a_spelling(): void
    {
        self::assertMatchesRegularExpression('/^[a-z]\w*$/', Names::inFormula('!!!'));
        self::assertMatchesRegularExpression('/^[a-z]\w*$/', Names::inStorage('!!!'));
    }

    #[TestWith(['Group swims', true])]
    #[TestWith(['Ann’s things', true])]
    #[TestWith(['Points of interest', false])]
    #[TestWith(['As', false])]
    #[TestWith(['first, second', false])]
    #[TestWith(['a  b', false])]
    #[TestWith(['', false])]
    #[TestWith(['"x"', false])]
    public function test_only_names_that_cannot_be_misread_stand_bare(string $name, bool $bare): void
    {
        self::assertSame($bare, Names::bare($name));
    }
}
