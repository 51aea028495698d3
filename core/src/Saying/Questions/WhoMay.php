<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Questions;

use Lanai\Core\Access\Rules;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Table;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Changes\Rights;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Who can see bookings?” “Can a guest add swims?” Answered with the words of the table of rights. */
final readonly class WhoMay implements Change
{
    public function hear(Utterance $said, Known $app): ?Understood
    {
        $text = rtrim($said->text, '?');
        $verbs = implode('|', array_keys(Rights::VERBS));
        if (
            Pattern::match(
                "~^who\s+(?:can|may|is allowed to|is able to|does)\s+(?<verb>$verbs|book|use|do anything with)\s+(?:the\s+|all\s+|an?\s+)?(?<table>.+?)$~iu",
                trim($text),
                $found,
            )
        ) {
            $table = $app->table($found['table']);
            $verb = Rights::VERBS[mb_strtolower($found['verb'])] ?? '';
            if ($table === null) {
                return $this->screen($found['table'], $app);
            }
            $rules = new Rules($app->blueprint);
            $said = array_map(
                fn (string $one): string => $this->sentence($one, $table, $rules),
                $verb === '' ? ['seen', 'added', 'changed', 'removed'] : [$verb],
            );

            return Understood::answering(implode(' ', $said), [['label' => "Rights of $table->name", 'at' => $app->tableAt($table).'/access']]);
        }
        if (Pattern::match("~^(?:can|may)\s+(?<who>.+?)\s+(?<verb>$verbs)\s+(?:the\s+|all\s+|an?\s+)?(?<table>.+?)$~iu", trim($text), $found)) {
            $table = $app->table($found['table']);
            $who = $table === null ? null : Rights::who($found['who'], $table, $app);

            return $table === null || $who === null ? null : Understood::answering(
                $this->sentence(Rights::VERBS[mb_strtolower($found['verb'])], $table, new Rules($app->blueprint)),
                [['label' => "Rights of $table->name", 'at' => $app->tableAt($table).'/access']],
            );
        }

        return null;
    }

    private function sentence(string $verb, Table $table, Rules $rules): string
    {
        $verb = Verb::from($verb);
        $who = $rules->inWords($rules->of($verb, $table), $table);
        $plain = [Verb::See->value => 'seen', Verb::Add->value => 'added', Verb::Change->value => 'changed', Verb::Remove->value => 'removed'][$verb->value];

        return "$table->name may be $plain by ".($who === '' ? 'nobody' : $who).(
            $rules->isSaid($verb, $table) ? '.' : ': nothing is said of it, and so it is.'
        );
    }

    private function screen(string $words, Known $app): ?Understood
    {
        $screen = $app->screen($words);
        if ($screen === null) {
            return null;
        }
        $who = match (true) {
            $screen->having !== '' => "those who have $screen->having",
            $screen->signedIn => 'everybody who has signed in',
            default => 'everybody',
        };
        $parts = array_filter($app->lines(), fn (Line $line): bool => $line->screen === $screen->name && $line->text('if') !== '');
        $count = count($parts);
        $more = $count === 0 ? '' : ' '.($count === 1 ? 'One of its lines is' : "$count of its lines are").' shown only under a condition.';

        return Understood::answering("$screen->name may be opened by $who.$more", [['label' => $screen->name, 'at' => $app->screenAt($screen)]]);
    }
}
