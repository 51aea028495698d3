<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** Nouns for people: those that only say that somebody is meant, and those that say who. */
final readonly class People
{
    /** Anybody, or whoever stands so to one row. */
    private const ANYBODY = ['person', 'user', 'neighbour', 'neighbor', 'somebody', 'other', 'owner', 'stranger', 'friend', 'human', 'reader',
        'man', 'woman',
        'child', 'kid', 'everyone', 'everybody', 'anyone', 'leader', 'author', 'host', 'creator', 'writer', 'sender', 'receiver', 'parent',
        'newcomer', 'guest'];

    /** Groups that do something together. */
    private const GROUPS = ['team', 'committee', 'staff', 'board', 'crew', 'management'];

    public function __construct(private Lexicon $lexicon)
    {
    }

    public function isOne(Phrase|string $who): bool
    {
        [$noun, $head] = $who instanceof Phrase ? [$who->noun, $who->head] : [$who, $who];

        return in_array($head, self::ANYBODY, true) || in_array($head, self::GROUPS, true) || $this->lexicon->class($head) === 'p' || $this->isDoer($head);
    }

    public function isAnybody(string $noun): bool
    {
        return in_array($noun, self::ANYBODY, true) || $this->isDoer($noun) && $this->lexicon->class($noun) === '';
    }

    /** “borrower”, “caver”: whoever does what the word begins with, where no dictionary has it as a thing. */
    private function isDoer(string $head): bool
    {
        if (! str_ends_with($head, 'er') && ! str_ends_with($head, 'or')) {
            return false;
        }
        $class = $this->lexicon->class($head);

        return $class === 'p' || ($class === '' && $this->lexicon->parts($head) === '');
    }
}
