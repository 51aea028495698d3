<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\ColourFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\SubLine;

/** The colours of the app, as #RRGGBB. */
final readonly class Theme implements HasSentence
{
    public function __construct(
        public string $main = '#0B6E5F',
        public string $onMain = '#FFFFFF',
        public string $background = '#F3F6F4',
        public string $surface = '#FFFFFF',
        public string $text = '#13292B',
    ) {
    }

    public static function sentence(): Sentence
    {
        $colour = fn (string $key, string $lead): SubLine => new SubLine($lead, new Blank($key, new ColourFit), $lead);

        return Sentence::of('theme')->below(
            $colour('main', 'main colour is'),
            $colour('onMain', 'text on the main colour is'),
            $colour('background', 'background is'),
            $colour('surface', 'surfaces are'),
            $colour('text', 'text is'),
        );
    }
}
