<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Clauses;

use Lanai\Core\Reading\Clause;
use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Sentence;

/** What is not wanted: “no ads”, “without sign-in”, “my log is private”. */
final readonly class Refusing implements Clause
{
    private const WHAT = ['ads' => 'adverts', 'adverts' => 'adverts', 'advertising' => 'adverts', 'sign-in' => 'sign-in',
        'login' => 'sign-in', 'account' => 'sign-in',
        'accounts' => 'sign-in', 'payments' => 'payments', 'payment' => 'payments', 'comments' => 'comments', 'tracking' => 'tracking'];

    public function read(Sentence $sentence, Draft $draft): void
    {
        $refuses = -10;
        foreach ($sentence->words as $i => $word) {
            if (in_array($word->is, ['no', 'without', 'never'], true)) {
                $refuses = $i;
            }
            $what = self::WHAT[$word->is] ?? '';
            if ($what !== '' && $i - $refuses <= 4) {
                $draft->not[$what] ??= $sentence->from($refuses, $i + 1);
            }
        }
        foreach ($sentence->words as $i => $word) {
            if (in_array($word->is, ['private', 'only', 'nobody'], true)) {
                $this->private($sentence, $draft, $i);
            }
        }
        // “I keep all of this for myself.”
        foreach ($sentence->words as $i => $word) {
            if ($word->is === 'private' && $sentence->is(0, 'everything', 'all')) {
                $draft->allPrivate = $sentence->from(0, $i + 1);
            }
            $isForMe = $word->is === 'myself' && $sentence->is($i - 1, 'for', 'to');
            if ($isForMe && ($sentence->is(0, 'i', 'all', 'everything', 'only') || $sentence->is($i - 2, 'only'))) {
                $draft->allPrivate = $sentence->from($i - 1, $i + 1);
            }
        }
        for ($i = 0; $i < count($sentence->words) - 4; $i++) {
            if ($sentence->is($i, 'not') && $sentence->is($i + 1, 'have') && $sentence->is($i + 3, 'sign') && $sentence->is($i + 4, 'in')) {
                $draft->not['sign-in'] ??= $sentence->from($i, $i + 5);
            }
        }
    }

    /** “Everything is private, nobody else may see my firings”, “members see only their own reservations”. */
    private function private(Sentence $sentence, Draft $draft, int $at): void
    {
        for ($i = 0; $i < count($sentence->words); $i++) {
            $phrase = $sentence->phrase($i);
            $isTheirs = $phrase !== null && ($sentence->is($i, 'my', 'their') || $sentence->is($i + 1, 'my', 'their', 'own'));
            if ($isTheirs && $draft->isKept($phrase->noun)) {
                $draft->private[$draft->known($phrase->noun)] ??= $sentence->from(min($i, $at), $phrase->next);
                $draft->leads($phrase->noun, Draft::PERSON, $phrase->from);
            }
        }
    }
}
