<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** The same lines once for each row of a list. */
final readonly class Repeat implements Holding
{
    use HasPlacing;

    /** More lines than these nobody scrolls through (common practice, no source). */
    public const MOST = 200;

    /**
     * @param  string  $of  a formula that gives a list of rows
     * @param  list<Line>  $lines
     */
    public function __construct(public string $of, #[ListOf(AnyLine::class)] public array $lines = [], public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Repeat for each of', new Blank('of', FormulaFit::giving(Kind::Several)))
            ->clauses(...Placing::clauses())
            ->below(new Children('lines', Families::of(AnyLine::class), 'a line in it'))
            ->within(
                ['lines'],
                fn (array $data, Scope $scope): Scope => $scope->inItem(Items::typeOf(is_string($data['of'] ?? null) ? $data['of'] : '', $scope)),
            );
    }

    public function inside(Scene $scene): iterable
    {
        foreach (Row::among($scene->value($this->of, 'of'), self::MOST) as $row) {
            yield ["@$row->id/lines", $this->lines, $scene->inRow($row)];
        }
    }

    public function held(Blueprint $blueprint): array
    {
        return $this->lines;
    }

    public function draw(Scene $scene): array
    {
        $more = count(Row::among($scene->value($this->of, 'of'), self::MOST + 1)) > self::MOST;

        return ['items' => array_map(fn (array $nodes): array => ['nodes' => $nodes], array_values(Drawing::inside($this, $scene)))] +
            ($more ? ['rest' => $scene->own('Only the first {0} are shown.', self::MOST)] : []);
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $rest = Nodes::text($node, 'rest');
        $items = array_map($setting->group(...), Nodes::of($node['items'] ?? [], false));

        return $setting->stacked([...$items, ...$rest === '' ? [] : [new Box(text: $setting->pen->text($rest))]]);
    }
}
