<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Nearest;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A mend must do what was meant; a wrong one is worse than none. */
final class MendsByMeaningTest extends TestCase
{
    private const SCRIPT = "app A\ntable Tools, each a Tool\n  Name is a text\n  Title is a text\n  Count is a whole number\n  Size is a text\n"
        ."screen S, about one Tool\n";

    /** @param  mixed  $value  what the mended formula gives for the tool "saw", titled "Big saw", 3 of them, its size "12" */
    #[TestWith(['"a " + tool.name', '"a " ~ tool.name', 'a saw'])]
    #[TestWith(['tool.name + " + " ~ tool.title', 'tool.name ~ " + " ~ tool.title', 'saw + Big saw'])]
    #[TestWith(['tool.count + tool.size', 'tool.count + number(tool.size)', 15])]
    #[TestWith(['tool.size * 2', 'number(tool.size) * 2', 24])]
    #[TestWith(['tool.size > 5', 'number(tool.size) > 5', true])]
    #[TestWith(['len(tool.name)', 'length(tool.name)', 3])]
    #[TestWith(['uppercase(tool.name)', 'upper(tool.name)', 'SAW'])]
    #[TestWith(['tool.tilte', 'tool.title', 'Big saw'])]
    #[TestWith(['tool.cuont', 'tool.count', 3])]
    #[TestWith(['substr(tool.name, 0, 1)', null, null])]
    #[TestWith(['xy(tool.name)', null, null])]
    public function test_a_mend_does_what_was_meant(string $formula, ?string $mended, mixed $value): void
    {
        $blueprint = Blueprint::fromScript(self::SCRIPT);
        $world = World::of(self::SCRIPT);
        $id = $world->add('Tools', ['name' => 'saw', 'title' => 'Big saw', 'count' => 3, 'size' => '12']);
        $scope = Scope::of($blueprint)->with(['tool' => Type::row('Tool')]);
        try {
            Formula::of($formula)->typeIn($scope);
            self::fail("It was right: $formula");
        } catch (FormulaMistake $mistake) {
            self::assertSame($mended, $mistake->mended, $mistake->getMessage());
        }
        if ($mended !== null) {
            Formula::of($mended)->typeIn($scope);
            $tool = $world->store->byIds($blueprint->tables[0], [$id])[$id];
            self::assertEquals($value, (new Evaluation(World::moment(), new Reader($world->store), ['tool' => $tool]))->of(Formula::of($mended)));
        }
    }

    public function test_a_guess_that_is_far_off_is_none(): void
    {
        $known = ['min', 'max', 'length', 'count', 'title', 'time', 'name'];

        self::assertSame(
            ['length', 'count', 'title', 'name', null, null],
            array_map(fn (string $w): ?string => Nearest::to($w, $known), ['len', 'cuont', 'tilte', 'nmae', 'xyz', 'sum']),
        );
    }
}
