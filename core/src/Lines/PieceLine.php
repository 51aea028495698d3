<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** A piece that several screens share, with the rows that it is about here. */
final readonly class PieceLine implements Holding
{
    use HasPlacing;

    /** @param  list<string>  $with */
    public function __construct(public string $piece, public array $with = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Piece', new Blank('piece', NamedFit::piece()))
            ->clauses(Clause::joined('with', 'with values', new Series('with', ',', FormulaFit::giving(Kind::Any))), ...Placing::clauses());
    }

    public function inside(Scene $scene): iterable
    {
        $index = $scene->blueprint->pieceIndex($this->piece);
        if ($index === null || substr_count($scene->at, '=') > 8) {
            return;
        }
        $piece = $scene->blueprint->pieces[$index];
        yield ["=/pieces/$index/lines", $piece->lines, $scene->knowing(Arguments::given($piece->parameters(), $this->with, $scene))];
    }

    public function held(Blueprint $blueprint): array
    {
        $index = $blueprint->pieceIndex($this->piece);

        return $index === null ? [] : $blueprint->pieces[$index]->lines;
    }

    public function draw(Scene $scene): array
    {
        return ['nodes' => array_merge([], ...array_values(Drawing::inside($this, $scene)))];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return $setting->group($node);
    }
}
