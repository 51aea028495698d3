<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

final readonly class PictureLine implements Line
{
    use ShownIf;

    /** @param  string  $alt what a screen reader says for it */
    public function __construct(public string $of, public string $alt = '', public string $if = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Picture of', new Blank('of', FormulaFit::giving(Kind::Picture)))->clauses(
            Clause::of('described as', 'described for people who cannot see it', new Blank('alt', new TextFit)),
            self::shownIf(),
        );
    }

    public function draw(Scene $scene): array
    {
        $picture = $scene->value($this->of, 'of');

        return ['picture' => is_string($picture) ? $picture : '', 'alt' => $scene->text($this->alt, 'alt')];
    }
}
