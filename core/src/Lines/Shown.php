<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** What an item of a list shows in one of its places. */
final readonly class Shown implements HasSentence
{
    public const PLACES = ['title' => 'title', 'note' => 'note', 'aside' => 'aside', 'picture' => 'picture', 'badge' => 'badge', 'place' => 'place'];

    public function __construct(public string $formula, public string $place)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'shows',
            new Blank('formula', FormulaFit::giving(Kind::Any)),
            'as',
            new Blank('place', ChoiceFit::of('title, note, aside, picture, badge or place', self::PLACES)),
        );
    }
}
