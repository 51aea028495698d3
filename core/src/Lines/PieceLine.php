<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Fits\NamedFit;
use Lanai\Core\Blueprint\Taken;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\Holding;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** A piece that several screens share, with the rows that it is about here. */
final readonly class PieceLine implements Holding
{
    use Placed;

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
        yield ["=/pieces/$index/lines", $piece->lines, $scene->knowing(Taken::given($piece->taking, $this->with, $scene))];
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
}
