<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** What follows from what was said: who books something has a booking, who comments writes a comment; and what belongs together is joined. */
final readonly class Following
{
    private const RATING = 'rating';

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
        'ask' => ['request', []],
    ];

    /** Nouns for the same. */
    private const SAME = ['booking' => ['reservation', 'booking', 'registration'], 'loan' => ['loan', 'rental'], self::RATING => [self::RATING, 'review'],
        'comment' => ['comment', 'reply'], 'message' => ['message'], 'favourite' => ['favourite', 'favorite'], 'like' => ['like'],
        'follow' => ['follow'], 'order' => ['order'],
        'request' => ['request', 'application', 'loan']];

    public function __construct(private Lexicon $lexicon, private People $people)
    {
    }

    public function complete(Draft $draft): void
    {
        foreach ($draft->about as [$one, $of, $from]) {
            [$one, $of] = [$draft->known($one), $draft->known($of)];
            $to = $of === Draft::PERSON || $this->people->isOne($of) ? Draft::PERSON : $of;
            if ($draft->isKept($one) && ($to === Draft::PERSON || $draft->isKept($to)) && $one !== Draft::PERSON) {
                $draft->leads($one, $to, $from);
            }
        }
        foreach ($draft->acts as ['act' => $act, 'of' => $of, 'from' => $from]) {
            [$kept, $fields] = self::KEPT[$act] ?? ['', []];
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
            if ($of !== Draft::PERSON && $of !== $table && $kept !== 'order') {
                $draft->leads($table, $of, $from);
            }
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
            if ($draft->isKept($noun)) {
                unset($draft->people[$noun]);
            }
        }
    }
}
