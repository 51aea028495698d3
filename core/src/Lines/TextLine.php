<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

final readonly class TextLine implements Line
{
    use ShownIf;

    public function __construct(public string $text, public string $if = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Text', new Blank('text', new TextFit))->clauses(self::shownIf());
    }

    public function draw(Scene $scene): array
    {
        return ['text' => $scene->text($this->text, 'text')];
    }
}
