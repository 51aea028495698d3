<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Questions;

use Lanai\Core\Language\Families;
use Lanai\Core\Language\Printer;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “What happens when I cancel?” Answered with the steps. */
final readonly class WhatHappens implements Change
{
    private const MOST = 3;

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $ways = '~^what (?:happens|is done|comes)(?: (?:when|if|once|after|as soon as))? (?:i|one|somebody|someone|you|people|they|a person|a user)?\s*'.
            '(?:taps?|press(?:es)?|clicks?|touch(?:es)?|says?|uses?)?\s*(?:on )?(?:the )?(?<what>.+?)\??$~iu';
        if (! Pattern::match($ways, $said->text, $found) && ! Pattern::match('~^what does (?:the )?(?:button )?(?<what>.+?) do\??$~iu', $said->text, $found)) {
            return null;
        }
        $what = trim(Pattern::replace('~\s+(?:is tapped|is pressed|a place|my place|it)$~iu', '', trim($found['what'])));
        $lines = $this->named($what, $app);
        if ($lines === []) {
            return null;
        }
        $answers = $finds = [];
        foreach (array_slice($lines, 0, self::MOST) as $line) {
            $steps = $this->steps(Prose::nodes($line->spot->data['tapped'] ?? $line->spot->data['saved'] ?? []), $app);
            $answers[] = ucfirst($line->called()).' '.$line->where().($steps === [] ? ': nothing happens.' : ":\n".implode("\n", $steps));
            $finds[] = ['label' => ucfirst($line->called()).' '.$line->where(), 'at' => $line->at()];
        }

        return Understood::answering(implode("\n", $answers), $finds);
    }

    /** @return list<Line> buttons and what else is tapped, by their words or by what is done: “cancel” is on “Cancel my place” */
    private function named(string $what, Known $app): array
    {
        $tapped = array_values(array_filter($app->lines(), fn (Line $line): bool => isset($line->spot->data['tapped']) || isset($line->spot->data['saved'])));
        $exact = array_values(array_filter($app->linesMeant($what), fn (Line $line): bool => in_array($line, $tapped, false)));
        if ($exact !== []) {
            return $exact;
        }
        $words = array_map($app->lexicon->verb(...), $app->plain($what));

        return array_values(array_filter($tapped, function (Line $line) use ($words, $app): bool {
            $has = array_map($app->lexicon->verb(...), $app->plain($line->kind() === 'list' ? '' : $line->label()));

            return $words !== [] && $has !== [] && array_intersect($words, $has) !== [];
        }));
    }

    /**
     * @param  list<array<string, mixed>>  $effects
     * @return list<string>
     */
    private function steps(array $effects, Known $app, int $deep = 0): array
    {
        $family = Families::of(AnyEffect::class);
        $steps = [];
        foreach ($effects as $effect) {
            $index = ($effect['kind'] ?? '') === 'do' && is_string($effect['routine'] ?? null) ? $app->blueprint->routineIndex($effect['routine']) : null;
            if ($index !== null && $deep < 3) {
                $routine = Prose::nodes($app->blueprint->data()['routines'] ?? [])[$index] ?? [];
                array_push($steps, ...$this->steps(Prose::nodes($routine['does'] ?? []), $app, $deep + 1));

                continue;
            }
            $printed = explode("\n", rtrim(Printer::node($effect, $family->classOf($effect))));
            // Sentences under it stand one step further in.
            array_push(
                $steps,
                ...array_map(
                    fn (string $one): string => '– '.trim($one),
                    array_values(array_filter($printed, fn (string $one): bool => trim($one) !== 'then:')),
                ),
            );
        }

        return $steps;
    }
}
