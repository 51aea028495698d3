<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** What follows from what was said: who books something has a booking, who comments writes a comment; and what belongs together is joined. */
final readonly class Following
{
    private const RATING = 'rating';

    /** So many letters lie between two things that are said in one breath. */
    private const NEAR = 40;

    /** What is done => what is kept of it, its fields, and whether it is somebody's. */
    private const KEPT = [
        'book' => ['booking', []],
        'borrow' => ['loan', []],
        'rate' => [self::RATING, ['stars' => 'number']],
        'comment' => ['comment', ['words' => 'long text']],
        'favourite' => ['favourite', []],
        'like' => ['like', []],
        'follow' => ['follow', []],
        'message' => ['message', ['words' => 'long text']],
        'order' => ['order', []],
        'cart' => ['cart', []],
        'ask' => ['request', []],
    ];

    /** What is always somebody's. */
    private const THEIRS = ['booking', 'reservation', 'registration', 'request', 'application'];

    /** Nouns for the same. */
    private const SAME = ['booking' => ['reservation', 'booking', 'registration'], 'loan' => ['loan', 'rental'], self::RATING => [self::RATING, 'review'],
        'comment' => ['comment', 'reply'], 'message' => ['message'], 'favourite' => ['favourite', 'favorite'], 'like' => ['like'],
        'follow' => ['follow'], 'order' => ['order'], 'cart' => ['cart'],
        'request' => ['request', 'application', 'loan']];

    public function __construct(private Lexicon $lexicon, private People $people)
    {
    }

    public function complete(Draft $draft): void
    {
        $this->loose($draft);
        $this->rated($draft);
        foreach ($draft->adds as $noun => $by) {
            // Who alone adds, among several who do something, adds for all; else each has their own.
            if ($draft->isKept($noun) && $by !== '' && count($draft->people) < 2 && ! isset($draft->only["add $noun"])) {
                $draft->leads($noun, Draft::PERSON, $draft->tables[$draft->known($noun)]['from']);
            }
        }
        // Whoever makes one of these has it, whatever it is made for.
        foreach (array_filter(self::THEIRS, fn (string $noun): bool => $draft->isKept($noun) && $draft->known($noun) === $noun) as $noun) {
            $draft->leads($noun, Draft::PERSON, $draft->tables[$noun]['from']);
        }
        foreach ($draft->about as [$one, $of, $from]) {
            [$one, $of] = [$draft->known($one), $draft->known($of)];
            $to = $of === Draft::PERSON || $this->people->isOne($of) ? Draft::PERSON : $of;
            if ($draft->isKept($one) && ($to === Draft::PERSON || $draft->isKept($to)) && $one !== Draft::PERSON) {
                $draft->leads($one, $to, $from);
            }
        }
        foreach ($draft->acts as ['act' => $act, 'of' => $of, 'from' => $from]) {
            [$kept, $fields] = self::KEPT[$act] ?? ['', []];
            if ($act === 'ask') {
                foreach (array_filter(['request', 'application'], $draft->isKept(...)) as $asked) {
                    $draft->leads($asked, Draft::PERSON, $from);
                }
            }
            if ($kept === '' || ($of !== Draft::PERSON && ! $draft->isKept($of) && ! in_array($act, ['message'], true))) {
                continue;
            }
            $there = array_values(array_filter(self::SAME[$kept], fn (string $noun): bool => $draft->isKept($noun)));
            $table = $there[0] ?? $kept;
            $draft->keeps($table, $from);
            foreach ($fields as $field => $type) {
                $draft->has($table, $field, $type, [], $from);
            }
            $draft->leads($table, Draft::PERSON, $from);
            if ($act === 'borrow' && $draft->hasOwners) {
                $draft->leads($of, Draft::PERSON, $from);
            }
            if ($of !== Draft::PERSON && $of !== $table && $kept !== 'order') {
                $draft->leads($table, $of, $from);
            }
        }
        if ($draft->allPrivate !== null) {
            $this->close($draft, $draft->allPrivate);
        }
        // A date and a time are one moment.
        foreach ($draft->tables as $noun => $table) {
            if (isset($table['fields']['date'], $table['fields']['time'])) {
                $table['fields']['date']['type'] = 'date and time';
                unset($table['fields']['time']);
                $draft->tables[$noun] = $table;
            }
        }
        // What a kept thing has of another kept thing is a link.
        foreach ($draft->tables as $noun => $table) {
            foreach ($table['fields'] as $field => $known) {
                $other = $this->lexicon->one($field);
                $other = $draft->known($other);
                if ($other !== $noun && ($draft->tables[$other]['fields'] ?? []) !== []) {
                    unset($table['fields'][$field]);
                    $draft->tables[$noun] = $table;
                    $draft->leads($noun, $other, $known['from']);
                }
            }
        }
        // What has no field, no link and is only looked at is no thing that is kept.
        foreach ($draft->tables as $noun => $table) {
            $isLinked = array_filter($draft->links, fn (array $link): bool => $link['from'] === $noun) !== [];
            if ($noun !== Draft::PERSON && $table['fields'] === [] && ! $isLinked) {
                unset($draft->tables[$noun]);
            }
        }
        foreach ($draft->links as $key => $link) {
            if (! $draft->isKept($link['from']) || ($link['to'] !== Draft::PERSON && ! $draft->isKept($link['to']))) {
                unset($draft->links[$key]);
            }
        }
        foreach (array_keys($draft->people) as $noun) {
            $head = array_slice(explode(' ', $noun), -1)[0];
            if ($draft->isKept($noun) || ($head !== $noun && isset($draft->people[$head]))) {
                unset($draft->people[$noun]);
            }
        }
    }

    /** What was said without saying with what: it is about what the app is mostly about. */
    private function loose(Draft $draft): void
    {
        $main = '';
        foreach ($draft->tables as $noun => $table) {
            if ($noun !== Draft::PERSON && count($table['fields']) > count($draft->tables[$main]['fields'] ?? [])) {
                $main = $noun;
            }
        }
        $done = array_column($draft->acts, 'act');
        if ($main !== '' && $draft->favourites !== null && ! in_array('favourite', $done, true)) {
            $draft->does('favourite', $main, '', $draft->favourites);
        }
        foreach ($main === '' ? [] : $draft->loose as $act => $from) {
            in_array($act, $done, true) ?: $draft->does($act, $main, '', $from);
        }
        $hasGoal = array_filter($draft->tables, fn (array $table): bool => isset($table['fields']['goal'])) !== [];
        $goal = $draft->goal;
        if ($goal !== null && $draft->tables !== [] && ! $hasGoal) {
            $draft->has('goal', 'amount', 'number', [], $goal);
            $draft->leads('goal', Draft::PERSON, $goal);
        }
        $asked = array_values(array_filter(['request', 'application', 'offer', 'loan'], $draft->isKept(...)));
        $asks = array_intersect(['ask', 'borrow'], $done);
        if ($draft->isAnswered && ($asked !== [] || $asks !== [])) {
            $of = $asked[0] ?? (in_array('ask', $asks, true) ? 'request' : 'loan');
            foreach (['accept', 'decline'] as $act) {
                $draft->does($act, $of, '', [0, 0]);
            }
        }
    }

    /**
     * Nobody else sees anything of it.
     *
     * @param  array{int, int}  $from
     */
    private function close(Draft $draft, array $from): void
    {
        foreach (array_diff(array_keys($draft->tables), [Draft::PERSON]) as $noun) {
            $draft->private[$noun] ??= $from;
            $draft->leads($noun, Draft::PERSON, $draft->tables[$noun]['from']);
        }
    }

    /** “rate it with stars and write a comment”: the comment belongs to the stars. */
    private function rated(Draft $draft): void
    {
        foreach ($draft->acts as $key => $act) {
            $rated = $draft->acts["rate $act[of]"] ?? null;
            if ($act['act'] === 'comment' && $rated !== null && abs($act['from'][0] - $rated['from'][1]) < self::NEAR) {
                unset($draft->acts[$key]);
                $draft->has(self::RATING, 'comment', 'long text', [], $act['from']);
            }
        }
    }
}
