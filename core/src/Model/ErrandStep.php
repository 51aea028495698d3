<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** One thing that somebody does on an errand, or that must be seen then: said with the words that stand on the screen. */
final readonly class ErrandStep implements HasSentence
{
    public const DOES = ['unseen' => 'see no', 'see' => 'see', 'open' => 'open', 'tap' => 'tap', 'type' => 'type'];

    /**
     * @param  'open'|'tap'|'type'|'see'|'unseen'|''  $does
     * @param  string  $what  a screen, what is tapped, typed or to be seen
     * @param  string  $into  what the box is called into which it is typed
     */
    public function __construct(public string $does = '', public string $what = '', public string $into = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'then',
            new Blank('does', ChoiceFit::of('open, tap, type, see or see no', self::DOES)),
            new Blank('what', TextFit::plain(), label: 'what is tapped, typed or seen'),
        )->clauses(Clause::of('into', 'into which box', new Blank('into', TextFit::plain())));
    }

    /** As it is read: “tap “Count me in””. */
    public function said(): string
    {
        return (self::DOES[$this->does] ?? 'do')." “{$this->what}”".($this->into === '' ? '' : " into “{$this->into}”");
    }
}
