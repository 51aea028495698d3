<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\ScreenFit;

/** A picture of the running app for its page in the stores: one for each language and each kind of device. */
final readonly class StorePicture implements HasSentence
{
    /**
     * @param  string  $about  which row of the practice data is shown, by what names it; '' for the first
     * @param  string  $person  who sees it, by name; '' for whoever has most to see
     * @param  string  $caption  stands above it
     */
    public function __construct(public string $screen, public string $about = '', public string $person = '', public string $caption = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('store picture of', new Blank('screen', new ScreenFit()))->clauses(
            Clause::of('about', 'which one is shown', new Blank('about', TextFit::plain())),
            Clause::of('seen by', 'who sees it', new Blank('person', TextFit::plain())),
            Clause::of('saying', 'words above it', new Blank('caption', TextFit::words())),
        );
    }
}
