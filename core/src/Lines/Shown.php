<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

/** What an item of a list shows in one of its places. */
final readonly class Shown implements HasSentence
{
    public const PLACES = ['title' => 'title', 'note' => 'note', 'aside' => 'aside', 'picture' => 'picture', 'badge' => 'badge'];

    public function __construct(public string $formula, public string $place)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('shows', new Blank('formula', FormulaFit::giving(Kind::Any)), 'as', new Blank('place', ChoiceFit::of('title, note, aside, picture or badge', self::PLACES)));
    }
}
