<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\Holding;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;

/** The same lines once for each row of a list. */
final readonly class Repeat implements Holding
{
    use Placed;

    /** More lines than these nobody scrolls through (common practice, no source). */
    public const MOST = 200;

    /**
     * @param  string  $of  a formula that gives a list of rows
     * @param  list<Line>  $lines
     */
    public function __construct(public string $of, #[ListOf(Line::class)] public array $lines = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Repeat for each of', new Blank('of', FormulaFit::giving(Kind::Several)))
            ->clauses(...Placing::clauses())
            ->below(new Children('lines', Lines::family(), 'a line in it'))
            ->within(['lines'], fn (array $data, Scope $scope): Scope => $scope->inItem(Items::typeOf(is_string($data['of'] ?? null) ? $data['of'] : '', $scope)));
    }

    public function inside(Scene $scene): iterable
    {
        foreach (Items::rows($scene->value($this->of, 'of'), self::MOST) as $row) {
            yield ["@$row->id/lines", $this->lines, $scene->inRow($row)];
        }
    }

    public function held(Blueprint $blueprint): array
    {
        return $this->lines;
    }

    public function draw(Scene $scene): array
    {
        $more = count(Items::rows($scene->value($this->of, 'of'), self::MOST + 1)) > self::MOST;

        return ['items' => array_map(fn (array $nodes): array => ['nodes' => $nodes], array_values(Drawing::inside($this, $scene)))] + ($more ? ['rest' => 'Only the first '.self::MOST.' are shown.'] : []);
    }
}
