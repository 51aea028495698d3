<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/**
 * What was understood of a paragraph.
 *
 * @phpstan-type Letters array{int, int}
 * @phpstan-type FieldData array{name: string, type: string, choices: list<string>, from: Letters}
 * @phpstan-type LinkData array{to: string, from: Letters}
 * @phpstan-type TableData array{name: string, singular: string, from: Letters, fields: list<FieldData>, links: list<LinkData>}
 * @phpstan-type ActData array{act: string, table: string, by: string, limit: int|null, from: Letters}
 * @phpstan-type Question array{asks: string, answers: list<string>, about: string}
 * @phpstan-type OutlineData array{
 *     tables: list<TableData>, roles: list<array{name: string, from: Letters}>, acts: list<ActData>,
 *     rights: list<array{act: string, table: string, only: list<string>}>, sells: array{price: string, currency: string, every: string, from: Letters}|null,
 *     founders: list<string>, questions: list<Question>,
 *     not: list<array{what: string, from: Letters}>
 * }
 */
final readonly class Outline
{
    public const ANYONE = 'anyone who has signed in';

    public const FOUNDER = 'only you';

    public const THEIRS = 'only whose they are';

    /** What is done, as it stands after who does it; %s is what it is done with. */
    private const DONE = [
        'book' => 'book %s', 'cancel' => 'cancel their place in %s', 'ask' => 'ask for %s', 'accept' => 'say yes to %s', 'decline' => 'say no to %s',
        'borrow' => 'borrow %s', 'return' => 'bring %s back', 'rate' => 'give stars to %s', 'comment' => 'comment on %s', 'message' => 'write to %s',
        'follow' => 'follow %s', 'like' => 'like %s', 'favourite' => 'keep %s as favourites', 'report' => 'report %s', 'search' => 'search %s',
        'filter' => 'narrow %s down', 'order' => 'order %s', 'add' => 'add %s', 'post' => 'post %s', 'change' => 'change %s', 'remove' => 'remove %s',
        'log' => 'write %s down', 'mark' => 'mark %s', 'tick' => 'tick %s off', 'remind' => 'are reminded of %s',
        'cart' => 'put %s into their cart',
    ];

    private const NOT = ['adverts' => 'There are no adverts.', 'sign-in' => 'Nobody has to sign in.', 'payments' => 'Nothing is paid.',
        'comments' => 'Nobody comments.', 'tracking' => 'Nobody is followed around.'];

    /** What comes of what is done with something else. */
    private const MADE = ['booking', 'loan', 'rating', 'comment', 'favourite', 'like', 'follow', 'message', 'order', 'request', 'reservation',
        'application'];

    public function __construct(private Draft $draft, private Lexicon $lexicon)
    {
    }

    /**
     * Where letters are told, they are those of the paragraph.
     *
     * @return OutlineData
     */
    public function data(): array
    {
        $tables = [];
        foreach ($this->draft->tables as $noun => $table) {
            $fields = [];
            foreach ($table['fields'] as $name => $field) {
                $fields[] = ['name' => ucfirst($name), 'type' => $field['type'], 'choices' => $field['choices'], 'from' => $field['from']];
            }
            $links = array_values(array_filter($this->draft->links, fn (array $link): bool => $link['from'] === $noun));
            $tables[] = [
                'name' => ucfirst($this->lexicon->many($noun)),
                'singular' => ucfirst($noun),
                'from' => $table['from'],
                'fields' => $fields,
                'links' => array_map(fn (array $link): array => ['to' => ucfirst($link['to']), 'from' => $link['at']], $links),
            ];
        }
        $people = $this->draft->people;
        $only = array_merge([], ...array_values($this->draft->only));
        $decides = array_filter($this->draft->acts, fn (array $act): bool => $act['by'] !== '' && in_array($act['act'], ['accept', 'decline', 'remove'], true));
        $roles = count($people) > 1 || $only !== [] || $decides !== [] ? $people : [];

        return [
            'tables' => $tables,
            'roles' => array_map(fn (string $noun, array $from): array => ['name' => ucfirst($noun), 'from' => $from], array_keys($roles), $roles),
            'acts' => array_values(array_map($this->act(...), $this->draft->acts)),
            'rights' => $this->rights(),
            'sells' => $this->draft->sells,
            'founders' => array_map(ucfirst(...), $this->draft->founders),
            'questions' => $this->questions(),
            'not' => array_map(fn (string $what, array $from): array => ['what' => $what, 'from' => $from], array_keys($this->draft->not), $this->draft->not),
        ];
    }

    /**
     * Where something was understood, by the station that it belongs to.
     *
     * @return list<array{from: int, to: int, of: 'data'|'screens'|'people'|'sold'|'not'}> in their order, none over another
     */
    public function marks(): array
    {
        $marks = [];
        foreach ($this->draft->tables as $table) {
            foreach ([$table['from'], ...array_column($table['fields'], 'from')] as [$from, $to]) {
                $marks[] = ['from' => $from, 'to' => $to, 'of' => 'data'];
            }
        }
        foreach ($this->draft->people as [$from, $to]) {
            $marks[] = ['from' => $from, 'to' => $to, 'of' => 'people'];
        }
        foreach ($this->draft->acts as ['from' => [$from, $to]]) {
            $marks[] = ['from' => $from, 'to' => $to, 'of' => 'screens'];
        }
        if ($this->draft->sells !== null) {
            [$from, $to] = $this->draft->sells['from'];
            $marks[] = ['from' => $from, 'to' => $to, 'of' => 'sold'];
        }
        foreach ($this->draft->not as [$from, $to]) {
            $marks[] = ['from' => $from, 'to' => $to, 'of' => 'not'];
        }
        // Where two lie over each other the shorter one says more.
        usort($marks, fn (array $a, array $b): int => [$a['to'] - $a['from'], $a['from']] <=> [$b['to'] - $b['from'], $b['from']]);
        $kept = [];
        foreach ($marks as $one) {
            $lies = array_filter($kept, fn (array $other): bool => $one['from'] < $other['to'] && $other['from'] < $one['to']);
            if ($lies === [] && $one['to'] > $one['from']) {
                $kept[] = $one;
            }
        }
        usort($kept, fn (array $a, array $b): int => $a['from'] <=> $b['from']);

        return $kept;
    }

    /**
     * @param  array{act: string, of: string, by: string, from: Letters}  $act
     * @return ActData
     */
    private function act(array $act): array
    {
        $limit = $act['act'] === 'book' ? $this->draft->limits[$act['of']] ?? null : null;

        return ['act' => $act['act'], 'table' => ucfirst($act['of']), 'by' => ucfirst($act['by']), 'limit' => $limit, 'from' => $act['from']];
    }

    /** @return list<array{act: string, table: string, only: list<string>}> */
    private function rights(): array
    {
        $rights = array_map(
            fn (string $noun): array => ['act' => 'see', 'table' => ucfirst($noun), 'only' => ['Owner']],
            array_keys($this->draft->private),
        );
        foreach ($this->draft->only as $key => $who) {
            [$act, $of] = [...explode(' ', $key, 2), ''];
            $rights[] = ['act' => $act, 'table' => ucfirst($of), 'only' => array_map(ucfirst(...), array_values(array_unique($who)))];
        }

        return $rights;
    }

    /** @return list<string> what was understood, in plain sentences */
    public function sentences(): array
    {
        $data = $this->data();
        $said = [];
        foreach ($data['tables'] as $table) {
            $fields = array_map(fn (array $field): string => $field['name'].match ($field['type']) {
                'text' => '',
                'number' => in_array($field['name'], ['Seat', 'Place'], true) ? 's (number)' : ' (number)',
                'choice' => $field['choices'] === [] ? ' (a choice)' : ' ('.implode(', ', $field['choices']).')',
                default => " ($field[type])",
            }, $table['fields']);
            $parts = [...$fields, ...array_map(fn (array $link): string => $link['to'] === 'Person' ? 'whose it is' : "its $link[to]", $table['links'])];
            $said[] = "You keep $table[name]".($parts === [] ? '.' : ': '.implode(', ', $parts).'.');
        }
        foreach (array_filter($data['acts'], fn (array $act): bool => $act['act'] !== 'buy') as $act) {
            $who = $act['by'] === '' ? 'People' : $this->lexicon->many($act['by']);
            $limit = $act['limit'] === null ? '' : ", up to $act[limit] of them";
            $whom = $act['table'] === 'Person' ? 'one another' : $this->lexicon->many($act['table']);
            $said[] = ucfirst($who).' '.sprintf(self::DONE[$act['act']], $whom)."$limit.";
        }
        foreach ($data['rights'] as $right) {
            $who = $right['only'] === ['Owner'] ? 'the person whose they are' : implode(' and ', array_map($this->lexicon->many(...), $right['only']));
            $said[] = "Only $who may $right[act] ".$this->lexicon->many($right['table']).'.';
        }
        if ($data['sells'] !== null) {
            ['price' => $price, 'currency' => $currency, 'every' => $every] = $data['sells'];
            $said[] = "A membership costs $price $currency every $every.";
        }
        foreach ($data['not'] as $not) {
            $said[] = self::NOT[$not['what']];
        }
        foreach ($data['questions'] as $question) {
            $said[] = "$question[asks] ".implode(' / ', $question['answers']);
        }

        return $said;
    }

    /** @return list<array{asks: string, answers: list<string>, about: string}> what was not said and decides most, the most telling first; at most five */
    private function questions(): array
    {
        $questions = [];
        foreach (array_keys($this->draft->tables) as $noun) {
            $many = ucfirst($this->lexicon->many($noun));
            $makes = array_filter(
                $this->draft->acts,
                fn (array $act): bool => $act['of'] === $noun && in_array($act['act'], ['add', 'report', 'log', 'post'], true),
            );
            // What its owner lends is added by whoever has one.
            $isOwned = $this->draft->hasOwners && isset($this->draft->links["$noun>".Draft::PERSON]);
            $isOpen = $makes === [] && ! $isOwned && $this->draft->tables[$noun]['fields'] !== [];
            if ($noun !== Draft::PERSON && $isOpen && ! in_array($noun, self::MADE, true)) {
                $questions[] = ['asks' => "Who may add $many?", 'answers' => [self::ANYONE, self::FOUNDER], 'about' => ucfirst($noun)];
            }
        }
        foreach (array_keys($this->draft->tables) as $noun) {
            $isSomebodys = isset($this->draft->links["$noun>".Draft::PERSON]) && ! isset($this->draft->private[$noun]);
            if ($isSomebodys && ! $this->draft->hasOwners && $noun !== Draft::PERSON && ! in_array($noun, self::MADE, true)) {
                $many = ucfirst($this->lexicon->many($noun));
                $questions[] = ['asks' => "Who may see $many?", 'answers' => ['everyone', self::THEIRS], 'about' => ucfirst($noun)];
            }
        }

        $open = array_filter($questions, fn (array $one): bool => ! in_array($one['asks'], $this->draft->answered, true));

        return array_slice(array_values($open), 0, 5);
    }
}
