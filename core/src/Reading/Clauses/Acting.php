<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Clauses;

use Lanai\Core\Reading\Clause;
use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\FieldKind;
use Lanai\Core\Reading\People;
use Lanai\Core\Reading\Phrase;
use Lanai\Core\Reading\Sentence;
use Lanai\Core\Reading\Word;

/** Who does what with what: “people borrow tools”, “the owner accepts or declines”, “only the warden may add benches”. */
final readonly class Acting implements Clause
{
    /** What is done => verbs for it, with the word behind it where that belongs to it. */
    public const ACTS = [
        'book' => ['book', 'reserve', 'join', 'sign up'],
        'cancel' => ['cancel', 'withdraw'],
        'ask' => ['ask', 'request', 'apply', 'claim'],
        'accept' => ['accept', 'approve', 'confirm', 'take over', 'take'],
        'decline' => ['decline', 'reject', 'refuse'],
        'borrow' => ['borrow', 'lend', 'rent', 'loan', 'rent out'],
        'return' => ['return', 'bring back', 'give back'],
        'rate' => ['rate', 'review'],
        'comment' => ['comment', 'reply', 'discuss'],
        'message' => ['message', 'chat'],
        'follow' => ['follow'],
        'like' => ['like'],
        'favourite' => ['favourite', 'bookmark', 'favorite'],
        'report' => ['report', 'flag'],
        'search' => ['search', 'look for'],
        'filter' => ['filter'],
        'order' => ['order', 'buy', 'purchase'],
        'add' => ['add', 'create', 'offer', 'upload', 'publish', 'enter', 'register', 'submit', 'start', 'organise',
            'organize', 'host', 'file', 'hand in', 'put up', 'raise'],
        'post' => ['post', 'share'],
        'change' => ['change', 'edit', 'update'],
        'remove' => ['remove', 'delete'],
        'log' => ['log', 'track'],
        'mark' => ['mark'],
        'tick' => ['tick off', 'tick'],
    ];

    /** What is written, and kept by itself. */
    private const WRITTEN = ['report', 'story', 'article', 'poem', 'post'];

    /** What waits for an answer. */
    private const ASKED = ['request', 'application', 'claim', 'offer', 'reservation', 'registration'];

    private const TELLS = ['reminder', 'remind', 'reminded', 'notify', 'notified', 'notification', 'told'];

    /** These begin something that is kept, where it is. */
    private const BEGINS = ['start', 'organise', 'organize', 'host'];

    /** What makes a row of what it is done with. */
    private const MAKES = ['add', 'report', 'log', 'post'];

    /** These say nothing of what is done with something. */
    private const NOT_OBJECTS = ['app', 'page', 'map', 'list', 'time', 'one', 'day', 'week', 'month', 'year', 'way', 'home', 'status', 'price',
        'name', 'place', 'seat', 'email', 'thing',
        'note', 'description', 'star', 'course of', 'picture', 'photo', 'rule', 'nothing', 'ad', 'chart', 'goal', 'favourite', 'profile',
        'progress', 'average', 'ranking',
        'euro', 'word', 'cart', 'number', 'depth', 'size', 'period', 'country', 'species', 'message', 'home page'];

    public function __construct(private People $people)
    {
    }

    public function read(Sentence $sentence, Draft $draft): void
    {
        $object = null;
        $waiting = [];
        foreach ($sentence->verbs() as ['at' => $at, 'verb' => $verb, 'not' => $not]) {
            [$act, $next] = $this->act($sentence, $at, $verb);
            $doer = $sentence->doer($at);
            // “people who collect stamps”: that says who they are, and nothing of the app.
            if ($sentence->is($at - 1, 'who') && ! $sentence->is($at - 2, 'one')) {
                continue;
            }
            if ($doer !== null && $this->people->isOne($doer) && ! $this->people->isAnybody($doer->head)) {
                $draft->people[$doer->noun] ??= $doer->from;
            }
            if ($act === '' && ! $not) {
                $this->named($sentence, $draft, $verb, $at);
            }
            if ($act === '' || $not) {
                continue;
            }
            // “accepts or declines”, “add and change benches”: what follows the last of them is meant by all.
            if (in_array($act, ['search', 'filter'], true) && $sentence->is($next, 'by')) {
                $draft->loose[$act] = $sentence->from($at, $next);

                continue;
            }
            $isDone = $sentence->part($at) === 'E' && ($sentence->is($at - 1, 'be', 'is', 'are') || $this->isAfterBe($sentence, $at));
            if ($isDone && ($verb === 'take' || in_array($act, ['add', 'mark', 'post'], true))) {
                continue;
            }
            $isMutual = $this->isEachOther($sentence, $next);
            $found = $isDone ? $this->first($sentence, $at) : ($this->object($sentence, $next, $draft) ?? ($isMutual ? null : $object));
            if ($found === null && in_array($act, ['accept', 'decline', 'add', 'change', 'remove'], true)) {
                $waiting[] = [$act, $doer, $at, $verb];
            }
            if ($found === null && in_array($act, ['follow', 'rate'], true) && $this->isEachOther($sentence, $next)) {
                $draft->does($act, Draft::PERSON, '', $sentence->from($at, $next + 2));
            }
            if ($found === null) {
                $act !== 'message' ?: $draft->does('message', Draft::PERSON, '', $sentence->from($at, $next));
                // “They sign up alone”: for what the app is about.
                if (in_array($act, ['search', 'filter'], true) || ($act === 'book' && $verb === 'sign')) {
                    $draft->loose[$act] = $sentence->from($at, $next);
                }

                continue;
            }
            $object = $found;
            // “accepts or declines applications”.
            foreach ($this->isNoObject($found, $draft) ? [] : $waiting as [$earlier, $who, $place, $said]) {
                $this->done($sentence, $draft, $earlier, $found, $who, $place, $said);
            }
            $waiting = [];
            // “can add a photo”: to what was spoken of.
            $spoken = $act === 'add' && $found->isOf('photo', 'picture', 'video', 'film') ? $this->before($sentence, $at, $draft) : null;
            if ($spoken !== null) {
                $type = FieldKind::of($found->noun, $found->head, [], '', '');
                $draft->has($spoken->noun, $found->noun, $type, [], $found->from);
            }
            if ($this->isNoObject($found, $draft)) {
                continue;
            }
            $this->done($sentence, $draft, $act, $found, $isDone ? null : $doer, $at, $verb);
            // “courses and lessons”.
            $more = $sentence->is($found->next, 'and', 'or', ',') ? $sentence->phrase($found->next + 1) : null;
            if ($more !== null && $draft->isKept($more->noun) && ! in_array($sentence->part($more->next), ['V', 'P', 'M'], true)) {
                $this->done($sentence, $draft, $act, $more, $doer, $at, $verb);
            }
            $as = match (true) {
                $sentence->is($found->next, 'as') => $found->next,
                $sentence->is($at + 2, 'as') => $at + 2,
                default => -1,
            };
            $marked = $act === 'mark' && $as >= 0 ? $sentence->words[$as + 1]->is ?? '' : '';
            if ($marked !== '' && $draft->isKept($found->noun)) {
                $draft->has($found->noun, $marked, 'yes or no', [], $sentence->from($at, $as + 2));
            }
        }
        // “The tutor accepts or declines.”
        foreach ($waiting as [$act, $who, $at, $verb]) {
            $asked = array_values(array_filter(self::ASKED, $draft->isKept(...)))[0] ?? '';
            if ($asked !== '' && in_array($act, ['accept', 'decline'], true) && $verb !== 'take') {
                $this->done(
                    $sentence,
                    $draft,
                    $act,
                    new Phrase($at, $at + 1, $asked, $asked, false, '', [], '', $sentence->from($at, $at + 1)),
                    $who,
                    $at,
                    $verb,
                );
            }
        }
        $this->nouns($sentence, $draft);
        for ($i = count($sentence->words) - 1; $i >= 0; $i--) {
            $phrase = $sentence->phrase($i);
            if ($phrase !== null && $draft->isKept($phrase->noun) && $phrase->noun !== Draft::PERSON) {
                $draft->spoken = $phrase;
                break;
            }
        }
    }

    /** @return array{string, int} what is done, and the place behind it; '' for nothing of the kind */
    private function act(Sentence $sentence, int $at, string $verb): array
    {
        if ($sentence->is($at + 1, 'down')) {
            return ['', $at + 1];
        }
        for ($n = 2; $n < 6 && $verb === 'take'; $n++) {
            if ($sentence->is($at + $n, 'down', 'off')) {
                return ['remove', $at + 1];
            }
        }
        // “write comments on a song”, “ask questions about a lesson”, “give stars”.
        $made = $sentence->phrase($at + 1);
        if (in_array($verb, ['write', 'ask', 'give', 'send', 'make'], true) && $made !== null) {
            $isMade = match (true) {
                $made->isOf('comment', 'question', 'reply', 'answer') && $verb !== 'give' => ['comment', $made->next],
                $made->isOf('star') => ['rate', $made->next],
                $made->isOf('message') && $verb === 'send' => ['message', $made->next],
                $verb === 'make' && $made->isOf('booking', 'reservation', 'request', 'application', 'order', 'offer') => ['add', $at + 1],
                $verb === 'write' => ['add', $at + 1],
                default => null,
            };
            if ($isMade !== null) {
                return $isMade;
            }
        }
        for ($n = 1; $n < 5 && in_array($verb, ['give', 'bring'], true); $n++) {
            if ($sentence->is($at + $n, 'back')) {
                return ['return', $at + 1];
            }
        }
        $with = "$verb ".($sentence->words[$at + 1]->is ?? '');
        // “tick it off”, “bring it back”.
        $apart = "$verb ".($sentence->words[$at + 2]->is ?? '');
        foreach (self::ACTS as $act => $verbs) {
            if (in_array($with, $verbs, true)) {
                return [$act, $at + 2];
            }
            if (in_array($apart, $verbs, true) || in_array($verb, $verbs, true)) {
                return [$act, $at + 1];
            }
        }
        // “save the ones they like as favourites”.
        if (in_array($verb, ['keep', 'have'], true) && $made !== null && str_starts_with($made->head, 'favo')) {
            return ['favourite', $made->next];
        }
        $hasFavourites = array_filter($sentence->words, fn ($word): bool => str_starts_with($word->is, 'favo')) !== [];
        if ($verb === 'save' && $hasFavourites) {
            return ['favourite', $at + 1];
        }

        return ['', $at + 1];
    }

    /** What it is done with: the next noun, over little words. */
    private function object(Sentence $sentence, int $i, Draft $draft): ?Phrase
    {
        for ($n = 0; $n < 5 && isset($sentence->words[$i]); $n++, $i++) {
            if ($this->isEachOther($sentence, $i) || ($sentence->is($i, 'as') && $sentence->is($i + 2, 'couple', 'group', 'pair', 'team', 'family'))) {
                return null;
            }
            // “it”, “them”, “the ones they like”: what was spoken of before.
            if ($sentence->is($i, 'it', 'them', 'one', 'ones')) {
                return $this->before($sentence, $i, $draft);
            }
            $phrase = $sentence->phrase($i);
            if ($phrase?->isOf('one') === true) {
                return $this->before($sentence, $i, $draft);
            }
            if ($phrase !== null && ! $phrase->isOf('seat', 'place', 'lot', 'kind', 'damage at', 'time', 'problem of')) {
                return $phrase;
            }
            if ($phrase !== null) {
                // “book a place for an evening”.
                $i = $phrase->next - 1;

                continue;
            }
            $isEnd = $sentence->is($i, '.', ';', 'if', 'when', 'because', 'until', 'before', 'after', 'in', 'at');
            if ($isEnd || ! in_array($sentence->part($i), ['I', 'T', 'R', 'C', 'O', '0'], true)) {
                return null;
            }
        }

        return null;
    }

    private function isEachOther(Sentence $sentence, int $i): bool
    {
        return ($sentence->is($i, 'each') && $sentence->is($i + 1, 'other')) || ($sentence->is($i, 'one') && $sentence->is($i + 1, 'another'));
    }

    /** “can be searched by kind and filtered by state”. */
    private function isAfterBe(Sentence $sentence, int $at): bool
    {
        for ($i = $at - 1; $i >= 0 && ! $sentence->is($i, '.', ';', ','); $i--) {
            if ($sentence->is($i, 'be')) {
                return true;
            }
        }

        return false;
    }

    /** What something is done to that stands before it: “evenings with a date can be booked”. */
    private function first(Sentence $sentence, int $at): ?Phrase
    {
        for ($i = 0; $i < $at; $i++) {
            $phrase = $sentence->phrase($i);
            if ($phrase !== null && ! $this->people->isOne($phrase) && ! FieldKind::isPlain($phrase->noun, $phrase->head)) {
                return $phrase;
            }
        }

        return null;
    }

    /** The thing that was spoken of last. */
    private function before(Sentence $sentence, int $at, Draft $draft): ?Phrase
    {
        for ($i = $at - 1; $i >= 0; $i--) {
            $phrase = $sentence->phrase($i);
            if ($phrase !== null && $draft->isKept($phrase->noun) && ! $this->people->isOne($phrase)) {
                return $phrase;
            }
        }

        return $draft->spoken;
    }

    private function isNoObject(Phrase $phrase, Draft $draft): bool
    {
        // “Things that were lost”, where no things are kept.
        if ($phrase->noun === 'thing' && ! $draft->isKept('thing')) {
            return true;
        }

        return in_array($phrase->noun, self::NOT_OBJECTS, true) || in_array($phrase->head, self::NOT_OBJECTS, true);
    }

    private function done(Sentence $sentence, Draft $draft, string $act, Phrase $object, ?Phrase $doer, int $at, string $verb): void
    {
        $noun = $object->noun;
        if (in_array($verb, self::BEGINS, true) && ! $draft->isKept($noun)) {
            return;
        }
        // “only I can add services”.
        $isOnlyI = $sentence->is($at - 2, 'i') && $sentence->is($at - 3, 'only') || $sentence->is($at - 1, 'i') && $sentence->is($at - 2, 'only');
        if ($act === 'add' && $isOnlyI) {
            $draft->founders[] = $draft->known($noun);
        }
        if ($act === 'message') {
            $draft->does('message', Draft::PERSON, '', $sentence->from($at, $object->next));

            return;
        }
        $isPerson = $this->people->isOne($object) && ! $draft->isKept($noun);
        $by = $doer !== null && $this->people->isOne($doer) && ! $this->people->isAnybody($doer->head) ? $doer->noun : '';
        $of = $isPerson ? Draft::PERSON : $draft->known($noun);
        if ($isPerson && ! in_array($act, ['follow', 'rate', 'message'], true)) {
            return;
        }
        $from = $sentence->from($at, $object->next);
        $draft->does($act, $of, $by, $from);
        if ($doer !== null && $doer->points === 'only' && $by !== '') {
            $draft->only["$act $of"][] = $by;
        }
        if (in_array($act, self::MAKES, true) && ! $isPerson && ! in_array($noun, Having::NOTHING, true) && ! FieldKind::isPlain($noun, $object->head)) {
            $draft->keeps($draft->isKept($noun) ? $of : $noun, $object->from);
            $isTheirs = in_array($verb, ['offer', 'upload', 'publish', 'write', 'register', 'submit', 'post', 'share', 'report', 'log'], true);
            $draft->adds[$of] ??= $by;
            if ($isTheirs || ($doer?->points !== 'only' && ! isset($draft->only["$act $of"]) && $by === '')) {
                $draft->leads($noun, Draft::PERSON, $object->from);
            }
        }
        // “writes a report”: it has words.
        if ($verb === 'write' && in_array($object->head, self::WRITTEN, true) && ! $isPerson) {
            $draft->has($noun, 'text', 'long text', [], $object->from);
            $draft->leads($noun, Draft::PERSON, $object->from);
        }
        $after = $sentence->phrase($object->next + 1);
        if ($after !== null && $sentence->is($object->next, 'of', 'about', 'on', 'to', 'at') && ! $isPerson) {
            $draft->about[] = [$noun, $after->noun, $from];
        }
    }

    /** “People donate to a campaign”, where donations are kept: each is of a campaign, and somebody’s. */
    private function named(Sentence $sentence, Draft $draft, string $verb, int $at): void
    {
        $object = strlen($verb) < 5 ? null : $this->object($sentence, $at + 1, $draft);
        if ($object === null || ! $draft->isKept($object->noun) || $this->people->isOne($object)) {
            return;
        }
        foreach (array_keys($draft->tables) as $noun) {
            $isSame = strncmp($noun, $verb, 5) === 0 && $noun !== $object->noun && ! str_contains($noun, ' ');
            if ($isSame) {
                $draft->leads($noun, $object->noun, $sentence->from($at, $object->next));
                $draft->leads($noun, Draft::PERSON, $sentence->from($at, $object->next));
                $draft->does('add', $noun, '', $sentence->from($at, $object->next));
            }
        }
    }

    /** What is done, said as a noun: “a reminder before each rehearsal”, “a message when an order is sent”, “favourites”; and “yes or no”. */
    private function nouns(Sentence $sentence, Draft $draft): void
    {
        $all = array_map(fn (Word $word): string => $word->is, $sentence->words);
        $isAnswered = in_array('yes', $all, true) && in_array('no', $all, true);
        $draft->isAnswered = $draft->isAnswered || $isAnswered;
        $draft->hasOwners = $draft->hasOwners || ($isAnswered && in_array('owner', $all, true));
        foreach ($sentence->words as $i => $word) {
            if (str_starts_with($word->is, 'favorite') || str_starts_with($word->is, 'favourite')) {
                $draft->favourites ??= $sentence->from($i, $i + 1);
            }
            if ($word->is === 'goal') {
                $draft->goal ??= $sentence->from($i, $i + 1);
            }
            if ($word->is === 'cart' || $word->is === 'basket') {
                $put = $this->before($sentence, $i, $draft);
                $put === null ?: $draft->does('cart', $put->noun, '', $sentence->from($i, $i + 1));
            }
            $isTold = in_array($word->is, self::TELLS, true)
                || ($word->is === 'message' && $sentence->is($i - 1, 'a') && ! $sentence->is($i - 2, 'write', 'send', 'sends'));
            $about = $isTold ? $this->toldAbout($sentence, $i, $draft) : null;
            if ($about !== null) {
                $draft->does('remind', $about->noun, '', $sentence->from($i, $i + 1));
            }
        }
    }

    /** What somebody is told about: what is spoken of behind, else what was spoken of before. */
    private function toldAbout(Sentence $sentence, int $at, Draft $draft): ?Phrase
    {
        foreach ([range($at + 1, count($sentence->words)), range(0, $at)] as $places) {
            foreach ($places as $i) {
                $phrase = $sentence->phrase($i);
                if ($phrase !== null && ! $this->people->isOne($phrase) && $draft->isKept($phrase->noun)) {
                    return $phrase;
                }
            }
        }

        return null;
    }
}
