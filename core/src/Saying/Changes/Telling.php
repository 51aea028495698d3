<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Model\Table;
use Lanai\Core\Reading\Patterns\Noun;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** “When somebody books, write to the host.” “When a swim is removed, tell the keeper.” */
final readonly class Telling implements Change
{
    private const TELL = 'write to|write a letter to|send a letter to|send an email to|send an e-mail to|email|e-mail|mail|tell|notify|inform|let know';

    /** What people do => with what kind of thing that is kept, by what it is called. */
    private const DONE = ['book' => [
        'booking',
        'reservation',
    ], 'reserve' => ['reservation', 'booking'], 'comment' => ['comment'], 'order' => ['order'], 'buy' => ['order', 'purchase'],
        'rate' => ['rating', 'review'], 'review' => ['review', 'rating'], 'ask' => [
            'request',
            'question',
            'loan',
        ], 'request' => ['request', 'loan'], 'apply' => ['application'],
        'post' => ['post'], 'write' => [
            'message',
            'post',
            'comment',
        ], 'answer' => ['answer', 'comment'], 'borrow' => ['loan'], 'like' => ['like'], 'join' => ['booking', 'member'],
        'report' => ['report'], 'sign up' => ['person'], 'register' => ['person'], 'join the app' => ['person']];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(
            '(when|whenever|if|once|after|as soon as|each time|every time) {when}, ('.self::TELL.') {who}',
            '(when|whenever|if|once|after|as soon as|each time|every time) {when} ('.self::TELL.') {who}',
            '('.self::TELL.') {who} (when|whenever|if|once|after|as soon as|each time|every time) {when}',
        );
        if ($found === null) {
            return null;
        }
        $when = trim($found['when'], ' ,');
        [$table, $happens] = $this->happening($when, $app);
        if ($table === null) {
            return Understood::refusing(
                "What happens when $when? Say it as “when somebody adds a …”, with one of ".implode(
                    ', ',
                    array_slice(array_map(fn (Table $one): string => $one->name, $app->blueprint->tables), 0, 6),
                ).'.',
            );
        }
        $key = Names::inFormula($table->singular);
        [$to, $called] = $this->whom($found['who'], $table, $key, $app);
        if ($to === null) {
            return Understood::refusing(
                'Who is “'.trim($found['who'])."”? One of $table->name leads to ".(
                    $this->people($table, $app) === [] ? 'nobody' : implode(', ', $this->people($table, $app))
                ).'.',
                [['label' => $table->name, 'at' => $app->tableAt($table)]],
            );
        }
        $label = $this->label($table, $key, $app);
        $done = ['added' => 'new', 'changed' => 'changed', 'removed' => 'removed'][$happens];
        $about = ucfirst(trim("$done ".mb_strtolower($table->singular))).($label === null ? '' : ": {{$label}}");
        $text = match ($happens) {
            'added' => 'Somebody has just added this. Open the app to see it.',
            'changed' => 'This has just been changed. Open the app to see it.',
            default => 'This has just been removed.',
        };
        $name = $this->free("Tell $called", $app);
        $letter = "send a letter to $to about \"$about\" saying \"$text\"";
        $routine = 'routine '.Noun::said($name).', when one '.Noun::said($table->singular)." is $happens\n  $letter";

        return Understood::proposing(
            [Proposal::of("When one $table->singular is $happens, write to $called", $app->blueprint, [new Write('/routines', $routine)])],
        );
    }

    /** @return array{Table|null, string} the table, and what happens to one of its rows */
    private function happening(string $when, Known $app): array
    {
        $who = '(?:somebody|someone|anybody|anyone|a person|people|a user|users|a guest|a member|a swimmer|one|they|an? [\p{L}]+|the [\p{L}]+)';
        $verbs = [
            'added' => 'adds?|added|creates?|created|makes?|posts?|posted|sends?|sent|writes?|written',
            'changed' => 'changes?|changed|edits?|edited|updates?|updated|confirms?|confirmed|cancels?|cancelled',
            'removed' => 'removes?|removed|deletes?|deleted',
        ];
        foreach ($verbs as $happens => $forms) {
            $isSo = Pattern::match("~^$who\s+(?:$forms)\s+(?:an?\s+|the\s+|their\s+|one of (?:the|their)\s+)?(?<what>.+)$~iu", $when, $found) ||
                Pattern::match("~^(?:an?\s+|the\s+|one\s+)?(?:new\s+)?(?<what>.+?)\s+(?:is|are|was|has been|gets)\s+(?:$forms)$~iu", $when, $found) ||
                ($happens === 'added' && Pattern::match('~^there (?:is|are) (?:an?\s+)?new\s+(?<what>.+)$~iu', $when, $found));
            $table = $isSo ? $app->table($found['what']) : null;
            if ($table !== null) {
                return [$table, $happens];
            }
        }
        if (! Pattern::match("~^$who\s+(?<done>[\p{L} ]+?)(?:\s+(?:an?|the|their|for|on)\s+(?<what>.+))?$~iu", $when, $found)) {
            return [null, 'added'];
        }
        // “Takes a share”: whatever they do, it makes one.
        $made = ($found['what'] ?? '') === '' ? null : $app->table($found['what']);
        if ($made !== null) {
            return [$made, 'added'];
        }
        $verb = $app->lexicon->verb(mb_strtolower($found['done']));
        $verb = Pattern::match('~^signs? up|^registers?$~iu', $found['done']) ? 'sign up' : $verb;
        foreach (self::DONE[$verb] ?? [] as $noun) {
            $table = $noun === 'person' ? $app->blueprint->peopleTable() : $app->table($noun);
            if ($table !== null) {
                return [$table, 'added'];
            }
        }

        return [null, 'added'];
    }

    /** @return array{string|null, string} a formula that gives people, and how they are called */
    private function whom(string $words, Table $table, string $key, Known $app): array
    {
        $words = trim(Pattern::replace('~^(?:the|its|their|an?|all|every)\s+~iu', '', trim(Pattern::replace('~\s+(?:about it|of it|know)$~iu', '', $words))));
        $people = $app->blueprint->peopleTable();
        if ($people === null) {
            return [null, ''];
        }
        foreach ($table->fields as $field) {
            $isThem = $field->linksTo() === $people->singular || Known::typeOf($field) === 'addedBy';
            if ($isThem && $app->field($table, $words) === $field) {
                return ["$key.".Names::inFormula($field->name), 'the '.mb_strtolower($field->name)];
            }
            // “The host” of a booking is the host of its swim.
            $next = $app->blueprint->tableOfOne($field->linksTo());
            $far = $next === null ? null : $app->field($next, $words);
            if ($next !== null && $far !== null && ($far->linksTo() === $people->singular || Known::typeOf($far) === 'addedBy')) {
                return ["$key.".Names::inFormula($field->name).'.'.Names::inFormula($far->name), 'the '.mb_strtolower($far->name)];
            }
        }
        if (Pattern::match('~^(?:owner|author|person|them|him|her|whoever added it|person who (?:added|did) it)$~iu', $words)) {
            foreach ($table->fields as $field) {
                if ($field->linksTo() === $people->singular || Known::typeOf($field) === 'addedBy') {
                    return ["$key.".Names::inFormula($field->name), 'the '.mb_strtolower($field->name)];
                }
            }
        }
        $role = $app->role($words);
        $all = Names::inFormula($people->name);

        return $role === null ? [null, ''] : ["where($all, role == \"$role->name\")", 'every '.$role->name];
    }

    /** @return list<string> */
    private function people(Table $table, Known $app): array
    {
        $people = $app->blueprint->peopleTable()->singular ?? '';
        $found = [];
        foreach ($table->fields as $field) {
            array_push(
                $found,
                ...$people !== '' && ($field->linksTo() === $people || Known::typeOf($field) === 'addedBy') ? ['the '.mb_strtolower($field->name)] : [],
            );
        }

        return [...$found, ...array_map(fn ($role): string => "every $role->name", $app->blueprint->roles)];
    }

    private function label(Table $table, string $key, Known $app): ?string
    {
        foreach ($table->fields as $field) {
            if (Known::typeOf($field) === 'text') {
                return "$key.".Names::inFormula($field->name);
            }
        }
        foreach ($table->fields as $field) {
            $next = $app->blueprint->tableOfOne($field->linksTo());
            foreach ($next !== null && ! $next->people ? $next->fields : [] as $far) {
                if (Known::typeOf($far) === 'text') {
                    return "$key.".Names::inFormula($field->name).'.'.Names::inFormula($far->name);
                }
            }
        }

        return null;
    }

    private function free(string $name, Known $app): string
    {
        for ($n = 1; $app->blueprint->routineIndex($n === 1 ? $name : "$name $n") !== null; $n++);

        return $n === 1 ? $name : "$name $n";
    }
}
