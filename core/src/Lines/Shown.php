<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Template;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** What an item of a list shows in one of its places. */
final readonly class Shown implements HasSentence
{
    public const PLACES = ['title' => 'title', 'note' => 'note', 'aside' => 'aside', 'picture' => 'picture', 'badge' => 'badge', 'place' => 'place'];

    /** @param  string  $words  in another language: the formula's words with its values, as a text; '' where they are the formula's own */
    public function __construct(public string $formula, public string $place, public string $words = '')
    {
    }

    /** @return list<string> those that are computed to show it */
    public function formulas(): array
    {
        try {
            return [$this->formula, ...array_map(fn (Formula $formula): string => $formula->text, Template::of($this->words)->formulas())];
        } catch (FormulaMistake) {
            return [$this->formula];
        }
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
