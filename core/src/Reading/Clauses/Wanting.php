<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Clauses;

use Lanai\Core\Reading\Clause;
use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Sentence;

/** Whole parts of an app that are asked for by their name: a helper, pages for newcomers, a ranking, adverts. */
final readonly class Wanting implements Clause
{
    /** What is wanted => words of which one calls for it, and words of which one has to stand beside; none for no such. */
    private const WANTED = [
        'helper' => [['chatbot', 'ai', 'bot', 'assistant', 'helper'], ['answer', 'answers', 'ask', 'chat', 'talk', 'question', 'questions', 'explains']],
        'welcome' => [
            ['onboarding', 'introduction', 'introduces', 'introduce', 'welcome', 'welcomes', 'welcomed', 'explain', 'explains'],
            ['newcomer', 'newcomers', 'beginner', 'beginners', 'page', 'pages', 'first', 'once', 'start', 'beginning'],
        ],
        'ranking' => [['ranking', 'leaderboard', 'rankings', 'leaderboards'], []],
        'adverts' => [['ads', 'adverts', 'advertising', 'advertisements', 'adverts'], []],
    ];

    private const REFUSES = ['no', 'not', 'without', 'never', 'nor'];

    public function read(Sentence $sentence, Draft $draft): void
    {
        $all = array_map(fn ($word): string => mb_strtolower($word->text), $sentence->words);
        foreach (self::WANTED as $what => [$calls, $beside]) {
            $at = array_keys(array_intersect($all, $calls))[0] ?? null;
            if ($at === null || array_intersect(array_slice($all, 0, $at), self::REFUSES) !== [] || isset($draft->not[$what])) {
                continue;
            }
            // Somebody who does something is no machine: “helpers mark lessons as finished”.
            $isPerson = $what === 'helper' && isset($draft->people[$sentence->words[$at]->is]);
            if (! $isPerson && ($beside === [] || array_intersect($all, $beside) !== [])) {
                $draft->wants[$what] ??= $sentence->from($at, $at + 1);
            }
        }
    }
}
