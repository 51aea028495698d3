<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Clauses;

use Lanai\Core\Reading\Clause;
use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\People;
use Lanai\Core\Reading\Phrase;
use Lanai\Core\Reading\Sentence;

/** What belongs to what: “a firing belongs to a kiln”, “every rehearsal has a list of songs”, “sightings of an animal”, “their own springs”. */
final readonly class Belonging implements Clause
{
    public function __construct(private People $people)
    {
    }

    public function read(Sentence $sentence, Draft $draft): void
    {
        foreach ($sentence->verbs() as ['at' => $at, 'verb' => $verb]) {
            $owner = $verb === 'belong' && $sentence->is($at + 1, 'to') ? $sentence->phrase($at + 2) : null;
            $owned = $owner === null ? null : $sentence->doer($at);
            if ($owner !== null && $owned !== null) {
                $draft->keeps($owned->noun, $owned->from);
                $draft->leads($owned->noun, $this->people->isOne($owner) ? Draft::PERSON : $owner->noun, $owned->from);
            }
        }
        if ($sentence->is(0, 'for') && ($sentence->is(1, 'every', 'each'))) {
            $owner = $sentence->phrase(1);
            $owned = $owner === null ? null : $this->there($sentence, $owner->next);
            if ($owner !== null && $owned !== null) {
                $draft->about[] = [$owned->noun, $owner->noun, $owned->from];
            }
        }
        for ($i = 0; $i < count($sentence->words); $i++) {
            $phrase = $sentence->phrase($i);
            if ($phrase === null) {
                continue;
            }
            if ($phrase->of !== '') {
                $draft->about[] = [$phrase->noun, $phrase->of, $phrase->from];
            }
            $next = $phrase->next;
            $after = $sentence->is($next, 'of', 'about', 'on', 'to', 'at', 'for') ? $sentence->phrase($next + 1) : null;
            if ($after !== null && in_array($after->points, ['a', 'an', 'the', 'their', 'each', 'every', 'my'], true)) {
                $draft->about[] = [$phrase->noun, $after->noun, $phrase->from];
            }
            // “their own orders”, “my firings”, “tours: only the leader”.
            if (in_array($phrase->points, ['their', 'my', 'own', 'his'], true)) {
                $draft->about[] = [$phrase->noun, Draft::PERSON, $phrase->from];
            }
            if ($phrase->isOf('owner', 'leader', 'author', 'creator') && $phrase->of !== '') {
                $draft->about[] = [$phrase->of, Draft::PERSON, $phrase->from];
            }
            $i = max($i, $next - 1);
        }
    }

    private function there(Sentence $sentence, int $i): ?Phrase
    {
        for (; isset($sentence->words[$i]); $i++) {
            if ($sentence->is($i, 'is', 'are')) {
                return $sentence->phrase($i + 1);
            }
        }

        return null;
    }
}
