<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Languages;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Shape;
use Lanai\Core\Text\Tongues;

/** A further language that the app speaks. */
final class Language implements HasSentence
{
    /** @var list<Said>|null */
    private ?array $read = null;

    /**
     * @param  string  $tongue  its tag (BCP 47)
     * @param  bool  $hidden  it is being worked on: only the deck shows it
     * @param  list<array<string, mixed>>  $says  data of Said: they are read when they are asked for
     */
    public function __construct(
        public readonly string $tongue,
        public readonly bool $hidden = false,
        #[ListOf(Said::class, later: true)] private readonly array $says = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('language', new Blank('tongue', ChoiceFit::of('a language', Tongues::NAMES)))
            ->clauses(Clause::flag('hidden', 'not shown yet'))
            ->below(new Children('says', Family::only('“for”', Said::class), 'what a text says', apart: true));
    }

    /**
     * @return list<Said>
     *
     * @throws \UnexpectedValueException where the data is not of such sentences
     */
    public function says(): array
    {
        return $this->read ??= Shape::all(Said::class, Prose::nodes($this->says));
    }

    /** As it is called in English. */
    public function name(): string
    {
        return Tongues::NAMES[$this->tongue] ?? $this->tongue;
    }
}
