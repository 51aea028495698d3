<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;

/**
 * Something is asked for, and somebody says yes or no: the owner of what it is about, or those of a role. Only the two see it; who asks cannot
 * answer, and nobody answers twice.
 */
final readonly class Answering extends Part
{
    /** What by its name waits for an answer, once anybody says yes to it. */
    private const WAITS = ['request', 'application', 'reservation', 'booking', 'offer', 'registration'];

    private const NAMES = ['State', 'Answer', 'Standing'];

    private Noun $asked;

    private string $key;

    /** In formulas: what it is about; '' for nothing. */
    private string $of;

    /** The field that says how it stands. */
    private string $field;

    private string $state;

    /** @param  list<string>  $roles  who answer; none for the owner of what it is about */
    private function __construct(private Plan $plan, private string $noun, private string $host, private array $roles)
    {
        $this->asked = $plan->nouns[$noun];
        $this->key = $this->asked->key();
        $this->of = $host === '' ? '' : Names::inFormula($plan->nouns[$host]->one);
        $taken = array_map(fn (array $field): string => $plan->called($field, $noun), $plan->tables[$noun]['fields']);
        $this->field = array_values(array_diff(self::NAMES, $taken))[0] ?? 'Said to it';
        $this->state = Names::inFormula($this->field);
    }

    /** @return list<self> */
    public static function in(Plan $plan): array
    {
        $found = [];
        foreach (array_keys($plan->tables) as $noun) {
            $host = $plan->host($noun);
            $roles = $plan->doers('accept', $noun);
            $isAnswered = $plan->does('accept', $noun) && ($plan->does('decline', $noun) || in_array($noun, self::WAITS, true));
            $isSomebodys = $plan->isSomebodys($noun) && $noun !== Draft::PERSON;
            $byOwner = $host !== '' && $plan->isSomebodys($host);
            // What is called as its own answer, or its owner, cannot be told apart from them.
            $hasRoom = ! in_array($host, ['state', 'answer', 'standing', 'owner', 'added'], true);
            $isShown = $plan->isMain($noun) || $host !== '';
            if ($isAnswered && $isSomebodys && $isShown && $hasRoom && $plan->places($host) === '' && ($roles !== [] || $byOwner)) {
                $found[] = new self($plan, $noun, $host, $roles);
            }
        }

        return $found;
    }

    public function decides(string $noun): bool
    {
        return $noun === $this->noun;
    }

    public function keepsToThose(string $noun): bool
    {
        return $noun === $this->noun;
    }

    public function shows(string $noun): bool
    {
        return $noun === $this->noun && ! $this->isMain();
    }

    public function badge(string $noun): string
    {
        return $noun === $this->noun ? $this->state : '';
    }

    public function table(string $noun): array
    {
        if ($noun !== $this->noun) {
            return [];
        }
        $lines = [];
        foreach ($this->roles as $role) {
            array_push($lines, '  may be seen by '.Noun::a($role), '  may be changed by '.Noun::a($role));
        }
        if ($this->roles === []) {
            array_push($lines, "  may be seen by anyone if $this->of.owner == me", "  may be changed by anyone if $this->of.owner == me");
        }
        $fields = array_map(fn (array $field): string => Noun::said($this->plan->called($field, $noun)), $this->plan->tables[$noun]['fields']);
        if ($fields !== []) {
            // What it says can be put right, but not how it stands.
            $lines[] = '  may be changed by the person in Owner, as to '.implode(' and ', $fields);
        }

        return [
            ...$lines,
            "  may be added by nobody if $this->state != \"asked\"",
            "  may be removed by anyone if owner == me and $this->state == \"asked\"",
            "  $this->field is one of \"asked\", \"accepted\", \"declined\", required, at first \"asked\"",
        ];
    }

    public function onPage(string $noun): array
    {
        if ($noun === $this->noun) {
            return $this->isMain() ? $this->answers() : [];
        }
        if ($noun !== $this->host || $this->isMain()) {
            return [];
        }
        $isOwners = $this->plan->isSomebodys($this->host) ? " and not ($this->of.owner == me)" : '';
        $open = "me != null$isOwners";
        $asked = $this->plan->asked($this->noun, $this->host);
        $one = Noun::said($this->asked->one);
        if ($asked !== []) {
            return [
                "  Heading \"Ask for it\", if $open",
                "  Form for a new $one asking ".implode(', ', $asked).", saying \"Ask for it\", if $open",
                '    set '.Noun::said($this->plan->nouns[$this->host]->one)." = $this->of",
                '    saved:',
                "      go to \"{$this->listName()}\"",
                '      say "It is sent. You see the answer here."',
            ];
        }

        return [
            "  Button \"Ask for it\", if $open",
            '    tapped:',
            '      add '.Noun::a($this->asked->one),
            '        set '.Noun::said($this->plan->nouns[$this->host]->one)." = $this->of",
            "      go to \"{$this->listName()}\"",
            '      say "It is sent. You see the answer here."',
        ];
    }

    public function ways(): array
    {
        return $this->isMain() ? [] : [[$this->listName(), 'person']];
    }

    public function parts(): array
    {
        if ($this->isMain()) {
            return [];
        }
        [$many, $one] = [Noun::said($this->asked->many), Noun::said($this->asked->one)];
        $title = "$this->of.{$this->plan->label($this->host)}";
        $list = fn (string $where, string $empty, string $if = ''): array => [
            "  List of $many where me != null and $where, by Added downward$if",
            "    shows $title as title",
            "    shows $this->state as badge",
            '    shows relative(added) as aside',
            '    tapped:',
            "      go to $one with this",
            "    when empty: \"$empty\"",
        ];
        $toAnswer = $this->roles === [] ? "$this->of.owner == me" : "$this->state == \"asked\"";
        $if = $this->roles === [] ? '' : ', if '.$this->answerers('');

        return [
            implode("\n", [
                "screen \"{$this->listName()}\"",
                '  Text "Sign in to see them.", if me == null',
                '  Heading "What I have asked for"',
                ...$list('owner == me', 'You have asked for nothing yet.'),
                "  Heading \"What waits for my answer\"$if",
                ...$list($toAnswer, 'Nobody has asked for anything.', $if),
            ]),
            implode("\n", [
                "screen $one, about one $one, titled \"{{$this->key}.$title}\", only when signed in",
                ...$this->plan->facts($this->noun),
                ...$this->answers(),
                '  Button "Look at it", quiet',
                '    tapped:',
                '      go to '.Noun::said($this->plan->nouns[$this->host]->one)." with $this->key.$this->of",
                "  Button \"I no longer need it\", dangerous, if $this->key.owner == me and $this->key.$this->state == \"asked\"",
                '    tapped:',
                '      confirm "Take it back?"',
                "      remove $this->key",
                '      go back',
            ]),
        ];
    }

    public function messages(): array
    {
        $one = Noun::said($this->asked->one);
        $what = $this->of === '' ? mb_strtolower(strtr($this->asked->one, ['"' => ''])) : "{{$this->key}.$this->of.{$this->plan->label($this->host)}}";

        return [implode("\n", [
            'message '.Noun::said("Answer to {$this->asked->one}").", on News, when one $one is changed, if $this->state != \"asked\","
                ." to $this->key.owner, also in the inbox",
            "  says \"It is {{$this->key}.$this->state}: $what\", then \"You asked {relative($this->key.added)}.\"",
            "  opens $one with $this->key",
        ])];
    }

    /** @return list<string> how it stands, and what its answerers tap */
    private function answers(): array
    {
        $mine = $this->answerers("$this->key.");
        $waits = "$this->key.$this->state == \"asked\"";
        $lines = [
            "  Badge \"{{$this->key}.$this->state}\"",
            "  Text \"{coalesce($this->key.owner.name, \"Somebody\")} has asked.\", if $mine and $waits",
        ];
        foreach (['Say yes' => 'accepted', 'Say no' => 'declined'] as $button => $answer) {
            array_push(
                $lines,
                "  Button \"$button\"".($answer === 'declined' ? ', quiet' : '').", if $mine and $waits",
                '    tapped:',
                "      change $this->key, only while $waits, otherwise say \"It is answered already.\"",
                "        set $this->field = \"$answer\"",
                '      say "They see your answer."',
            );
        }

        return array_map(fn (string $line): string => strtr($line, ['"Somebody"' => '\\"Somebody\\"']), $lines);
    }

    /** Who answers, as a condition. */
    private function answerers(string $of): string
    {
        if ($this->roles === []) {
            return "me != null and $of$this->of.owner == me";
        }
        $any = implode(' or ', array_map(fn (string $role): string => "me.role == \"$role\"", $this->roles));

        return count($this->roles) === 1 ? $any : "($any)";
    }

    private function isMain(): bool
    {
        return $this->plan->isMain($this->noun);
    }

    private function listName(): string
    {
        return "My {$this->asked->many}";
    }
}
