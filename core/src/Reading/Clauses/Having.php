<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Clauses;

use Lanai\Core\Reading\Clause;
use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\FieldKind;
use Lanai\Core\Reading\Item;
use Lanai\Core\Reading\Lexicon;
use Lanai\Core\Reading\People;
use Lanai\Core\Reading\Phrase;
use Lanai\Core\Reading\Sentence;

/** “Each tool has a name, a picture and a deposit”; “with a title and a film”; “log each firing: the date, the temperature”. */
final readonly class Having implements Clause
{
    private const VERBS = ['have', 'include', 'contain', 'need', 'consist', 'show', 'state', 'record', 'get', 'log', 'register', 'enter', 'note'];

    private const UNITS = ['kilos', 'kilograms', 'grams', 'litres', 'liters', 'metres', 'meters', 'square', 'kilometres', 'degrees', 'percent',
        'centimetres'];

    /** These are no things that are kept. */
    public const NOTHING = ['app', 'page', 'list', 'map', 'chart', 'graph', 'home', 'profile', 'progress', 'statistic', 'time', 'day', 'week',
        'month', 'year', 'euro', 'hour',
        'minute', 'access', 'place', 'seat', 'end', 'beginning', 'valley', 'street', 'evening before', 'way', 'lot', 'kind', 'thing that',
        'overview', 'summer', 'saturday',
        'monday', 'sunday', 'look', 'start', 'goal', 'reminder', 'message', 'ranking', 'average', 'search', 'diary', 'logbook', 'part', 'network',
        'ad', 'payment', 'sign',
        'cart', 'favourite', 'favorite', 'percent', 'dollar', 'pound', 'letter box', 'home page', 'room for', 'one', 'screen', 'basket',
        'world', 'website', 'calendar'];

    public function __construct(private Lexicon $lexicon, private People $people)
    {
    }

    public function read(Sentence $sentence, Draft $draft): void
    {
        foreach ($sentence->verbs() as ['at' => $at, 'verb' => $verb, 'not' => $not]) {
            // “who has what”, “people who have a bin”: that says of nobody what they are.
            if (! in_array($verb, self::VERBS, true) || $not || $sentence->is($at - 1, 'who')) {
                continue;
            }
            $isHaving = in_array($verb, ['have', 'include', 'contain', 'need', 'consist', 'show', 'state'], true);
            $isShown = in_array($verb, ['show', 'state'], true);
            $next = $at + 1 + ($verb === 'consist' && $sentence->is($at + 1, 'of') ? 1 : 0);
            $owner = $isHaving ? $sentence->doer($at) ?? $this->each($sentence, $draft, $at) : null;
            // “Each entry shows the plant and a picture”; but “show me my runs”.
            if ($owner !== null && $isShown && ($this->people->isOne($owner) || ! in_array($owner->points, ['each', 'every', 'a', 'an'], true))) {
                continue;
            }
            if ($owner !== null && ! $this->isNothing($owner)) {
                $this->take($sentence, $draft, $owner, $next, $isShown);
            } elseif ($isHaving && $sentence->is($at - 1, 'everybody', 'everyone')) {
                $person = new Phrase($at - 1, $at, Draft::PERSON, Draft::PERSON, false, '', [], '', $sentence->from($at - 1, $at));
                $this->take($sentence, $draft, $person, $next, true);
            }
        }
        $this->following($sentence, $draft);
        $this->states($sentence, $draft);
        $this->forEach($sentence, $draft);
        $this->shown($sentence, $draft);
        $this->written($sentence, $draft);
        $this->something($sentence, $draft);
        $draft->told = $this->last($sentence, count($sentence->words)) ?? $draft->told;
    }

    /** “We have hives, and each one has a number”, “each has”, “it has”: what was spoken of last. */
    private function each(Sentence $sentence, Draft $draft, int $at): ?Phrase
    {
        return $sentence->is($at - 1, 'one', 'each', 'it', 'they', 'them') ? $this->last($sentence, $at - 1) ?? $draft->told : null;
    }

    /** The thing that is spoken of last before a place. */
    private function last(Sentence $sentence, int $at): ?Phrase
    {
        $last = null;
        for ($i = 0; $i < $at; $i++) {
            $phrase = $sentence->phrase($i);
            if ($phrase === null || $phrase->next > $at) {
                continue;
            }
            $isThing = ! $this->people->isOne($phrase) && ! $this->isNothing($phrase) && ! FieldKind::isPlain($phrase->noun, $phrase->head);
            $last = $isThing ? $phrase : $last;
            $i = max($i, $phrase->next - 1);
        }

        return $last;
    }

    /** “For each screening we need the film, the director and a still.” */
    private function forEach(Sentence $sentence, Draft $draft): void
    {
        foreach ($sentence->verbs() as ['at' => $at, 'verb' => $verb, 'not' => $not]) {
            $isAsked = in_array($verb, ['need', 'want', 'keep', 'have', 'know', 'see', 'be'], true) && ! $not;
            $isLed = $sentence->is(0, 'for') && $sentence->is(1, 'each', 'every') && $sentence->is($at - 1, 'we', 'i', 'you', 'they', 'there');
            $owner = $isAsked && $isLed ? $sentence->phrase(1) : null;
            if ($owner !== null && ! $this->isNothing($owner) && ! $this->people->isOne($owner) && count($this->items($sentence, $at + 1)) > 1) {
                $this->take($sentence, $draft, $owner, $at + 1);
            }
        }
    }

    /** “Dancers see the next dances, what band plays, where it is and what it costs.” */
    private function shown(Sentence $sentence, Draft $draft): void
    {
        foreach ($sentence->verbs() as ['at' => $at, 'verb' => $verb, 'not' => $not]) {
            $seen = $not || ! in_array($verb, ['see', 'show', 'find', 'list'], true) ? null : $sentence->phrase($at + 1);
            $isTold = $seen !== null && ! $this->isNothing($seen) && ! $this->people->isOne($seen) && $sentence->is($seen->next, ',', 'with', 'and');
            if ($isTold && $this->asked($sentence, $seen->next + 1) !== null) {
                $this->take($sentence, $draft, $seen, $seen->next + 1, true);
            }
        }
    }

    /** “Members check a hive and write down the temper, how much brood there is and anything else”: a check is of a hive, and somebody’s. */
    private function written(Sentence $sentence, Draft $draft): void
    {
        $done = null;
        foreach ($sentence->verbs() as ['at' => $at, 'verb' => $verb, 'not' => $not]) {
            $isWritten = in_array($verb, ['write', 'note', 'jot'], true) && $sentence->is($at + 1, 'down');
            $object = $sentence->phrase($at + 1);
            if (! $isWritten) {
                $isDone = ! $not && $object !== null && ! $this->people->isOne($object) && ! $this->isNothing($object);
                $done = $isDone && $this->lexicon->class($verb) !== '' ? [$verb, $object] : $done;

                continue;
            }
            $items = array_filter($this->items($sentence, $at + 2), fn (Item $item): bool => $item->person === '');
            if ($not || count($items) < 2) {
                continue;
            }
            [$noun, $of] = $done ?? ['entry', null];
            $from = $sentence->from($at, $at + 2);
            $draft->keeps($noun, $from);
            foreach ($items as $item) {
                $draft->has($noun, $item->noun, $item->type, $item->choices, $item->from);
            }
            $draft->does('add', $noun, '', $from);
            $draft->leads($noun, Draft::PERSON, $from);
            if ($of !== null) {
                $draft->about[] = [$noun, $of->noun, $of->from];
            }
        }
    }

    /** “Anybody can post something they found, with a photo and the day”: a find. */
    private function something(Sentence $sentence, Draft $draft): void
    {
        foreach ($sentence->words as $i => $word) {
            $isThing = in_array($word->is, ['something', 'anything', 'things'], true);
            $at = $sentence->is($i + 1, 'they', 'he', 'she', 'you', 'i', 'we', 'people') ? $i + 2 : $i + 1;
            $led = $at + 1;
            while ($isThing && $led < $at + 4 && isset($sentence->words[$led]) && ! $sentence->is($led, 'with', ':', '.')) {
                $led++;
            }
            if (! $isThing || ! in_array($sentence->part($at), ['D', 'E'], true) || ! $sentence->is($led, 'with', ':')) {
                continue;
            }
            $verb = $this->lexicon->verb($sentence->words[$at]->is);
            $noun = $this->lexicon->class($verb) === '' ? 'post' : $verb;
            $from = $sentence->from($i, $at + 1);
            $this->take($sentence, $draft, new Phrase($i, $at + 1, $noun, $noun, false, '', [], '', $from), $led + 1, true);
            if ($draft->isKept($noun)) {
                $draft->does('add', $noun, '', $from);
                $draft->leads($noun, Draft::PERSON, $from);
            }
        }
    }

    /** “Its status is new, packed or fetched.” */
    private function states(Sentence $sentence, Draft $draft): void
    {
        foreach ($sentence->words as $i => $word) {
            $what = $sentence->is($i + 1, 'is') && in_array($word->is, ['status', 'state', 'condition'], true) ? $sentence->choicesAt($i + 2) : [];
            if (count($what) < 2) {
                continue;
            }
            for ($j = $i - 1; $j >= 0; $j--) {
                $owner = $sentence->phrase($j);
                if ($owner !== null && $draft->isKept($owner->noun) && ! $this->people->isOne($owner)) {
                    $draft->has($owner->noun, $word->is, 'choice', $what, $sentence->from($i, $i + 1));
                    break;
                }
            }
        }
    }

    /** What stands behind a noun: “a lesson with a title”, “each firing: the date”, “warnings about a cave (text, until when)”. */
    private function following(Sentence $sentence, Draft $draft): void
    {
        /** @var list<Phrase> $before */
        $before = [];
        for ($i = 0; $i < count($sentence->words); $i++) {
            if ($sentence->is($i, '.', ';')) {
                $before = [];
            }
            $isLed = $before !== [] && $sentence->is($i, 'with', ':', '(') && ! $sentence->is($i + 1, 'stars', 'ads', 'one');
            if ($isLed && ! $this->isNewClause($sentence, $i + 1)) {
                $nearest = $before[count($before) - 1];
                $person = new Phrase($i, $i, Draft::PERSON, Draft::PERSON, false, '', [], '', $nearest->from);
                $owner = match (true) {
                    $nearest->isOf('profile') => $person,
                    // Who fills in a form asks for something.
                    $nearest->isOf('form') => new Phrase($nearest->first, $nearest->next, 'request', 'request', false, '', [], '', $nearest->from),
                    default => $this->ownerOf($sentence, $before, $draft, $i),
                };
                if ($owner !== null) {
                    $this->take($sentence, $draft, $owner, $i + 1, true);
                }
            }
            $phrase = $sentence->phrase($i);
            if ($phrase === null) {
                continue;
            }
            $before[] = $phrase;
            $named = array_filter($phrase->choices, fn (string $one): bool => FieldKind::isPlain($one, $one));
            // “(name, photo)”, “patterns: name, photo”: those are no choices, but what it has.
            $isListed = count($named) > ($phrase->first === 0 && $phrase->many ? 0 : 1) && $sentence->is(
                $phrase->first + count(explode(' ', $phrase->noun)),
                ':',
            );
            if (($named !== [] && $sentence->is($phrase->next - 1, ')')) || $isListed) {
                for ($open = $i; isset($sentence->words[$open]) && ! $sentence->is($open, '(', ':'); $open++) {
                    continue;
                }
                $owner = $this->ownerOf($sentence, $before, $draft, $open);
                if ($owner !== null) {
                    $this->take($sentence, $draft, $owner, $open + 1, true);
                }
            }
            $i = max($i, $phrase->next - 1);
        }
    }

    /**
     * Of what is told in a list: of “a letter” in “a letter to somebody with a text”, of “damage” in “damage to a bench with a picture”.
     *
     * @param  list<Phrase>  $before  nouns of the sentence, the nearest last
     */
    private function ownerOf(Sentence $sentence, array $before, Draft $draft, int $at): ?Phrase
    {
        // “A count belongs to a roost: …”: what is told is of the count.
        if (count($before) > 1 && $sentence->is($before[0]->next, 'belongs', 'belong')) {
            return $before[0];
        }
        for ($n = count($before) - 1; $n >= 0; $n--) {
            $one = $before[$n];
            // “puts it on a map with how full it is”: what is put there.
            if ($n > 0 && $one->isOf('map', 'list') && $sentence->is($one->first - 1, 'on', 'to')) {
                continue;
            }
            $isBehind = $sentence->is($one->first - 1, 'to', 'of', 'about', 'on', 'at', 'for', 'in', 'by') && $n > 0;
            $isUsable = ! $this->people->isOne($one) && ! $this->isNothing($one) && ! FieldKind::isPlain($one->noun, $one->head);
            if ($isUsable && ! ($isBehind && ! $this->isNothing($before[$n - 1]) && ! FieldKind::isPlain($before[$n - 1]->noun, $before[$n - 1]->head)
                && ! $this->people->isOne($before[$n - 1]))) {
                return $one;
            }
            if ($isUsable || $this->people->isOne($one) || FieldKind::isPlain($one->noun, $one->head) && $isBehind) {
                continue;
            }
            // “a note about a spring with a date”: a note is kept by itself then.
            if (FieldKind::isPlain($one->noun, $one->head) && $n < count($before) - 1) {
                return $one;
            }

            return null;
        }

        return null;
    }

    private function isNothing(Phrase $phrase): bool
    {
        return in_array($phrase->noun, self::NOTHING, true) || in_array($phrase->head, self::NOTHING, true);
    }

    /** @param  bool  $mustBeFields  only what says by itself that it is a field */
    private function take(Sentence $sentence, Draft $draft, Phrase $owner, int $at, bool $mustBeFields = false): void
    {
        $items = $this->items($sentence, $at);
        $plain = array_filter($items, fn (Item $item): bool => $item->plain);
        if ($items === [] || ($mustBeFields && $plain === [])) {
            return;
        }
        $table = $this->people->isOne($owner) ? Draft::PERSON : $owner->noun;
        if ($table === Draft::PERSON && $plain === []) {
            return;
        }
        $draft->keeps($table, $owner->from);
        if ($owner->of !== '') {
            $draft->about[] = [$table, $owner->of, $owner->from];
        }
        foreach ($items as $item) {
            if ($item->limit !== null) {
                $draft->limits[$table] ??= $item->limit;
            }
            if ($item->person !== '') {
                $draft->leads($table, Draft::PERSON, $item->from);
            } elseif ($item->many && ! $item->plain) {
                // Several of something are kept by themselves: each of them belongs to this.
                $draft->keeps($item->noun, $item->from);
                $draft->leads($item->noun, $table, $item->from);
            } else {
                $draft->has($table, $item->noun, $item->type, $item->choices, $item->from);
            }
        }
    }

    /** @return list<Item> */
    private function items(Sentence $sentence, int $i): array
    {
        $items = [];
        while ($sentence->is($i, ',', ':')) {
            $i++;
        }
        while (isset($sentence->words[$i])) {
            $item = $this->asked($sentence, $i);
            if ($item === null) {
                $phrase = $sentence->phrase($i);
                // “and anything else worth knowing”.
                if ($items !== [] && $sentence->is($i, 'anything', 'everything', 'whatever', 'something')) {
                    $items[] = new Item('note', 'long text', [], false, true, '', null, $sentence->from($i, $i + 1), $i + 1);
                    break;
                }
                if ($phrase === null || ($items === [] && $phrase->isOf('choice', 'time', 'goal') && $phrase->points === '')) {
                    break;
                }
                $class = $this->lexicon->class($phrase->head);
                $isPerson = $phrase->number !== 'number' && $this->people->isOne($phrase) && ! FieldKind::isPlain($phrase->noun, $phrase->head);
                $type = FieldKind::of($phrase->noun, $phrase->head, $phrase->choices, $phrase->number, $class);
                $type = $this->measured($sentence, $phrase->next) ?? $type;
                $number = $phrase->isOf('place', 'seat', 'person', 'guest', 'thing', 'participant') && ctype_digit($phrase->number) ? $phrase->number : null;
                $item = new Item(
                    $phrase->noun,
                    $type,
                    $phrase->choices,
                    $phrase->many,
                    $phrase->choices !== [] || $phrase->number === 'number' || FieldKind::isPlain($phrase->noun, $phrase->head),
                    $isPerson ? $phrase->noun : '',
                    $number === null ? null : (int) $number,
                    $phrase->from,
                    $phrase->next,
                );
            }
            $i = $item->next;
            $items[] = $item;
            // What is said of it besides: “a size in square metres”, “a place where it was seen”, “the glaze I used”.
            while (isset($sentence->words[$i]) && ! $sentence->is($i, ',', 'and', 'or', '.', ';', ':', ')', 'but', '(')) {
                $i++;
            }
            // “a name a picture”: somebody has left a comma out.
            $separated = $item->next === $i && $sentence->is($i, 'a', 'an', 'the') && $sentence->phrase($i) !== null;
            while ($sentence->is($i, ',', 'and', 'or')) {
                $separated = true;
                $i++;
            }
            if (! $separated || $this->isNewClause($sentence, $i)) {
                break;
            }
        }

        return $items;
    }

    /** “in euros”, “in kilos”: by what it is measured. */
    private function measured(Sentence $sentence, int $i): ?string
    {
        return match (true) {
            ! $sentence->is($i, 'in') => null,
            $sentence->is($i + 1, 'euros', 'euro', 'dollars', 'pounds', 'francs', 'crowns') => 'money',
            $sentence->is($i + 1, 'minutes', 'hours', 'days') => 'duration',
            $sentence->is($i + 1, ...self::UNITS) => 'number',
            default => null,
        };
    }

    /** Whether somebody does something from here on: it is no part of the list any more. */
    private function isNewClause(Sentence $sentence, int $i): bool
    {
        if ($sentence->is($i, 'whether', 'how', 'what', 'when', 'why', 'where')) {
            return false;
        }
        $phrase = $sentence->phrase($i);
        $after = $phrase->next ?? $i;

        return in_array($sentence->part($i), ['O', 'M', 'V', 'P', 'D'], true) || in_array($sentence->part($after), ['M', 'V', 'P'],
            true) || $sentence->is($after, 'is', 'are');
    }

    /** “whether it has water”, “how long it took”, “how many birds there were”, “what it is”, “when it was last tested”. */
    private function asked(Sentence $sentence, int $i): ?Item
    {
        $end = $i;
        while (isset($sentence->words[$end]) && ! $sentence->is($end, ',', '.', ';', ')', '(', 'and')) {
            $end++;
        }
        $last = $sentence->words[$end - 1]->is ?? '';
        [$noun, $type] = match (true) {
            $sentence->is($i, 'whether') => [$last, 'yes or no'],
            $sentence->is($i, 'how') && $sentence->is($i + 1, 'long') => ['how long', 'duration'],
            $sentence->is($i, 'how') && $sentence->is($i + 1, 'old') => ['how old', 'number'],
            $sentence->is($i, 'how') && $sentence->part($i + 1) === 'J' && ! $sentence->is($i + 1, 'many', 'much') => [
                'how '.($sentence->words[$i + 1]->is ?? ''),
                'number',
            ],
            $sentence->is($i, 'how') && $sentence->is($i + 1, 'many', 'much') => [$sentence->phrase($i + 2)->noun ?? 'amount', 'number'],
            $sentence->is($i, 'what') && in_array($last, ['cost', 'costs'], true) => ['price', 'money'],
            $sentence->is($i, 'what', 'which') && $sentence->phrase($i + 1) !== null => [$sentence->phrase($i + 1)->noun, 'text'],
            $sentence->is($i, 'what') && $sentence->is($i + 1, 'is') => ['what is '.($sentence->words[$i + 2]->is ?? 'it'), 'long text'],
            $sentence->is($i, 'what') => ['what', 'text'],
            $sentence->is($i, 'why') => ['why', 'long text'],
            $sentence->is($i, 'until') && $sentence->is($i + 1, 'when') => ['until', 'date'],
            $sentence->is($i, 'when') => [$last, 'date'],
            $sentence->is($i, 'where') => ['where', 'place'],
            default => ['', ''],
        };
        if ($noun === '') {
            return null;
        }
        [$choices, $end] = $sentence->is($end, '(') ? $sentence->choices($end) : [[], $end];
        if (count($choices) > 1) {
            $type = 'choice';
        }

        return new Item($noun, $type, $choices, false, true, '', null, $sentence->from($i, $end), $end);
    }
}
