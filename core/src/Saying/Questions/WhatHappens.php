<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Questions;

use Lanai\Core\Language\Families;
use Lanai\Core\Language\Printer;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Conditions;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “What happens when I cancel?” Answered with the steps. */
final readonly class WhatHappens implements Change
{
    private const MOST = 3;

    /** Routines that do routines. */
    private const DEEP = 3;

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
            $steps = $this->steps($line->at().(isset($line->spot->data['tapped']) ? '/tapped' : '/saved'), $app);
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
     * @param  string  $list  JSON Pointer of the effects
     * @return list<string>
     */
    private function steps(string $list, Known $app, int $deep = 0): array
    {
        $family = Families::of(AnyEffect::class);
        $steps = [];
        foreach ($app->items($list) as $i => $effect) {
            $index = ($effect['kind'] ?? '') === 'do' && is_string($effect['routine'] ?? null) ? $app->blueprint->routineIndex($effect['routine']) : null;
            if ($index !== null && $deep < self::DEEP) {
                array_push($steps, ...$this->steps("/routines/$index/does", $app, $deep + 1));

                continue;
            }
            $printed = explode("\n", rtrim(Printer::node($effect, $family->classOf($effect))));
            $inWords = $this->inWords("$list/$i", $app);
            // Sentences under it stand one step further in.
            foreach (array_filter($printed, fn (string $one): bool => trim($one) !== 'then:') as $one) {
                $steps[] = '– '.strtr(trim($one), $inWords);
            }
        }

        return $steps;
    }

    /** @return array<string, string> formulas of an effect => the same as it is said */
    private function inWords(string $at, Known $app): array
    {
        $words = [];
        foreach ($app->blueprint->walkTo($at)->under($at)->blanks as $blank) {
            $kind = $blank->blank->fit->kind();
            $text = $blank->text();
            if ($kind === 'formula' && mb_strlen($text) > 1) {
                $words[" $text"] = ' '.Conditions::inWords($text, $blank->scope);
            }
            if ($kind === 'text' && Pattern::matchAll('~\{([^{}|]+)\}~u', $text, $found) > 0) {
                foreach ($found[1] as $formula) {
                    $words['{'.$formula.'}'] = '‹'.Conditions::inWords($formula, $blank->scope).'›';
                }
            }
        }

        return $words;
    }
}
