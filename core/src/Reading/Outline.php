<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/**
 * What was understood of a paragraph.
 *
 * @phpstan-type Letters array{int, int}
 * @phpstan-type FieldData array{name: string, type: string, choices: list<string>, from: Letters, written?: string}
 * @phpstan-type LinkData array{to: string, from: Letters}
 * @phpstan-type TableData array{name: string, singular: string, from: Letters, fields: list<FieldData>, links: list<LinkData>}
 * @phpstan-type ActData array{act: string, table: string, by: string, limit: int|null, from: Letters}
 * @phpstan-type Question array{asks: string, answers: list<string>, about: string}
 * @phpstan-type OutlineData array{
 *     tables: list<TableData>, roles: list<array{name: string, from: Letters}>, acts: list<ActData>,
 *     rights: list<array{act: string, table: string, only: list<string>}>, sells: array{price: string, currency: string, every: string, from: Letters}|null,
 *     founders: list<string>, questions: list<Question>, wants: list<array{what: string, from: Letters}>,
 *     not: list<array{what: string, from: Letters}>
 * }
 * @phpstan-type ItemData array{at: string, of: 'data'|'screens'|'people'|'sold'|'not', says: string, from: Letters,
 *     parts: list<array{at: string, name: string, type: string, says: string, from: Letters}>}
 */
final readonly class Outline
{
    public const ANYONE = 'anyone who has signed in';

    public const FOUNDER = 'only you';

    public const THEIRS = 'only whose they are';

    /** Of each thing so many of the words from which it came are told. */
    private const WORDS = 8;

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

    private const WANTS = ['helper' => 'A helper answers questions.', 'welcome' => 'Newcomers see two pages that say what the app is for.',
        'ranking' => 'A ranking shows who has added most.', 'adverts' => 'There are adverts in the lists.'];

    /** What comes of what is done with something else. */
    private const MADE = ['booking', 'loan', 'rating', 'comment', 'favourite', 'like', 'follow', 'message', 'order', 'request', 'reservation',
        'application'];

    public function __construct(private Draft $draft, private Lexicon $lexicon, private ?Corrections $corrections = null)
    {
    }

    /**
     * Where letters are told, they are those of the paragraph; what somebody has added by hand comes from none.
     *
     * @return OutlineData
     */
    public function data(): array
    {
        $data = $this->understood();

        return $this->corrections === null ? $data : $this->corrections->on($data);
    }

    /** @return OutlineData */
    private function understood(): array
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
            'wants' => array_map(
                fn (string $what, array $from): array => ['what' => $what, 'from' => $from],
                array_keys($this->draft->wants),
                $this->draft->wants,
            ),
            'not' => array_map(fn (string $what, array $from): array => ['what' => $what, 'from' => $from], array_keys($this->draft->not), $this->draft->not),
        ];
    }

    /**
     * Where something was understood, by the station that it belongs to.
     *
     * @param  OutlineData|null  $data
     * @return list<array{from: int, to: int, of: 'data'|'screens'|'people'|'sold'|'not'}> in their order, none over another
     */
    public function marks(?array $data = null): array
    {
        $marks = [];
        foreach ($this->draft->people as [$from, $to]) {
            $marks[] = ['from' => $from, 'to' => $to, 'of' => 'people'];
        }
        foreach ($this->items($data) as $item) {
            // What somebody has is underlined where it is named; that it is theirs is no word of its own.
            $named = array_filter($item['parts'], fn (array $part): bool => $part['type'] !== '');
            foreach ([$item['from'], ...array_column($named, 'from')] as [$from, $to]) {
                $marks[] = ['from' => $from, 'to' => $to, 'of' => $item['of']];
            }
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
     * How each part of the app came about: what was understood, with the words from which it was.
     *
     * @param  string  $text  the paragraph
     * @return list<string>
     */
    public function cameOf(string $text): array
    {
        return array_map(function (array $item) use ($text): string {
            $from = [$item['from'], ...array_column($item['parts'], 'from')];
            $words = array_map(fn (array $one): string => trim(mb_substr($text, $one[0], $one[1] - $one[0])), $from);
            $words = array_slice(array_values(array_unique(array_filter($words, fn (string $one): bool => $one !== ''))), 0, self::WORDS);

            return $item['says'].($words === [] ? ' As you have said beside it.' : ' From “'.implode('”, “', $words).'”.');
        }, $this->items());
    }

    /** @return list<Letters> sentences of which nothing was understood, short ones aside */
    public function missed(): array
    {
        // What was left out by hand was understood all the same.
        $marks = $this->marks($this->understood());

        return array_values(array_filter($this->draft->sentences, fn (array $one): bool => array_filter(
            $marks,
            fn (array $mark): bool => $mark['from'] < $one[1] && $one[0] < $mark['to'],
        ) === []));
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

    /** @return list<string> what was understood, in plain sentences, and what is still to be asked */
    public function sentences(): array
    {
        $data = $this->data();
        $asked = array_map(fn (array $question): string => "$question[asks] ".implode(' / ', $question['answers']), $data['questions']);

        return [...array_column($this->items($data), 'says'), ...$asked];
    }

    /**
     * What was understood, each with the words from which it came and what can be put right in it.
     *
     * @param  OutlineData|null  $data
     * @return list<ItemData>
     */
    public function items(?array $data = null): array
    {
        $data ??= $this->data();
        $items = array_map($this->kept(...), $data['tables']);
        foreach (array_filter($data['acts'], fn (array $act): bool => $act['act'] !== 'buy') as $act) {
            $who = $act['by'] === '' ? 'People' : $this->lexicon->many($act['by']);
            $limit = $act['limit'] === null ? '' : ", up to $act[limit] of them";
            $whom = $act['table'] === 'Person' ? 'one another' : $this->lexicon->many($act['table']);
            $items[] = self::item("act $act[act]/$act[table]", 'screens', ucfirst($who).' '.sprintf(self::DONE[$act['act']], $whom)."$limit.", $act['from']);
        }
        foreach ($data['rights'] as $right) {
            $who = $right['only'] === ['Owner'] ? 'the person whose they are' : implode(' and ', array_map($this->lexicon->many(...), $right['only']));
            $items[] = self::item("right $right[act]/$right[table]", 'people', "Only $who may $right[act] ".$this->lexicon->many($right['table']).'.');
        }
        if ($data['sells'] !== null) {
            ['price' => $price, 'currency' => $currency, 'every' => $every, 'from' => $from] = $data['sells'];
            $items[] = self::item('sold Membership', 'sold', "A membership costs $price $currency every $every.", $from);
        }
        foreach ($data['wants'] as $want) {
            $items[] = self::item("want $want[what]", 'screens', self::WANTS[$want['what']], $want['from']);
        }
        foreach ($data['not'] as $not) {
            $items[] = self::item("not $not[what]", 'not', self::NOT[$not['what']], $not['from']);
        }

        return $items;
    }

    /**
     * @param  'data'|'screens'|'people'|'sold'|'not'  $of
     * @param  Letters  $from
     * @return ItemData
     */
    private static function item(string $at, string $of, string $says, array $from = [0, 0]): array
    {
        return ['at' => $at, 'of' => $of, 'says' => $says, 'from' => $from, 'parts' => []];
    }

    /**
     * @param  TableData  $table
     * @return ItemData
     */
    private function kept(array $table): array
    {
        $parts = [];
        foreach ($table['fields'] as $field) {
            $parts[] = [
                'at' => "field $table[singular]/$field[name]",
                'name' => $field['name'],
                'type' => $field['type'],
                'says' => $field['name'].match ($field['type']) {
                    'text' => '',
                    'number' => in_array($field['name'], ['Seat', 'Place'], true) ? 's (number)' : ' (number)',
                    'choice' => $field['choices'] === [] ? ' (a choice)' : ' ('.implode(', ', $field['choices']).')',
                    default => " ($field[type])",
                },
                'from' => $field['from'],
            ];
        }
        foreach ($table['links'] as $link) {
            $says = $link['to'] === 'Person' ? 'whose it is' : "its $link[to]";
            $parts[] = ['at' => "link $table[singular]/$link[to]", 'name' => $link['to'], 'type' => '', 'says' => $says, 'from' => $link['from']];
        }

        return [
            'at' => "table $table[singular]",
            'of' => 'data',
            'says' => "You keep $table[name]".($parts === [] ? '.' : ': '.implode(', ', array_column($parts, 'says')).'.'),
            'from' => $table['from'],
            'parts' => $parts,
        ];
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
