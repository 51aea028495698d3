<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

use Lanai\Core\Text\Pattern;

/** Parts a paragraph into sentences and words, and says of each word what part of speech it is there. */
final readonly class Tagger
{
    /** Letters of a paragraph that are read. */
    public const LONGEST = 20_000;

    /** No word that names something is longer. */
    private const WORD_LETTERS = 30;

    private const WORD = '/\p{L}[\p{L}\p{M}]*(?:[’\'-]\p{L}[\p{L}\p{M}]*)*|\p{N}+(?:[.,:]\p{N}+)*|[^\s\p{L}\p{N}]/u';

    /** After these stands what somebody does. */
    private const BEFORE_VERBS = ['i', 'we', 'they', 'you', 'he', 'she', 'who', 'everyone', 'everybody', 'anyone', 'anybody', 'somebody', 'someone',
        'people',
        'users', 'others', 'each other', 'cannot', 'not', 'also', 'please', 'never', 'always'];

    /** Words that are always the same: what points at something, leads to it, joins, and what can be. */
    private const ALWAYS = [
        'T' => ['a', 'an', 'the', 'each', 'every', 'this', 'that', 'these', 'those', 'some', 'any', 'no', 'all', 'both', 'another', 'several',
            'many', 'few',
            'my', 'our', 'your', 'their', 'his', 'her', 'its', 'other'],
        'I' => ['of', 'for', 'with', 'to', 'by', 'from', 'about', 'into', 'over', 'under', 'after', 'before', 'until', 'near', 'as', 'than',
            'without', 'in', 'on',
            'at', 'within', 'between', 'per', 'if', 'because', 'while', 'whether', 'through', 'during', 'including'],
        'M' => ['can', 'may', 'must', 'should', 'could', 'would', 'will', 'cannot', 'shall'],
        'C' => ['and', 'or', 'but'],
        'O' => ['i', 'we', 'you', 'they', 'he', 'she', 'it', 'who', 'them', 'me', 'us', 'everyone', 'everybody', 'anyone', 'anybody', 'somebody',
            'someone', 'nobody',
            'something', 'which', 'what', 'there', 'others', 'myself', 'themselves'],
        'R' => ['not', 'only', 'also', 'when', 'where', 'how', 'why', 'once', 'then', 'again', 'never', 'always', 'please', 'there'],
    ];

    private const NUMBERS = ['two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'twenty', 'thirty', 'hundred'];

    /** After these somebody does something else. */
    private const ANEW = ['that', 'who', 'which', 'when', 'if', 'because', 'while', 'to'];

    private const BE = ['is', 'are', 'was', 'were', 'be', 'been', 'being', 'has', 'have', 'had', 'get', 'gets'];

    private Spelling $spelling;

    /** Before these stands what has, is or can. */
    private const BORNE = ['have', 'has', 'are', 'is', 'can', 'may', 'must', 'should', 'belong', 'belongs'];

    public function __construct(private Lexicon $lexicon)
    {
        $this->spelling = new Spelling($lexicon);
    }

    /** @return list<list<Word>> sentences, each of its words and signs; what stands below one another with dashes is one list */
    public function sentences(string $text): array
    {
        $text = mb_substr(mb_scrub($text), 0, self::LONGEST);
        // “- fabrics: colour, shop” says something by itself.
        $text = Pattern::replace('/(?<=\n|^)([ \t]*)[-*•–](?=\s[^:\n]{1,40}:)/u', '$1 ', $text);
        // A line that begins with a dash or a dot is a part of a list: a comma stands for its sign, so that all keep their places.
        $text = Pattern::replace('/(?<=\n|^)([ \t]*)[-*•–](?=\s)/u', '$1,', $text);
        $sentences = [];
        foreach (Pattern::split('/(?<=[.!?…])(?=\s)|\n(?=\s*\n)|\n(?=\s*[^\s,])/u', $text) as $part) {
            $sentences[] = $part;
        }
        $told = [];
        $at = 0;
        Pattern::matchAll('/\p{L}+/u', mb_strtolower($text), $own);
        $own = array_values(array_unique($own[0]));
        foreach ($sentences as $sentence) {
            $begins = mb_strpos($text, $sentence, $at);
            $at = $begins === false ? $at : $begins;
            $words = $this->tagged($this->words($sentence, $at, $own));
            $at += mb_strlen($sentence);
            if ($words !== []) {
                $told[] = $words;
            }
        }

        return $told;
    }

    /**
     * @param  list<string>  $own  words of the paragraph
     * @return list<Word>
     */
    private function words(string $sentence, int $at, array $own): array
    {
        Pattern::matchAll(self::WORD, $sentence, $found, PREG_OFFSET_CAPTURE);
        $words = [];
        [$letters, $bytes] = [0, 0];
        foreach ($found[0] as [$text, $offset]) {
            $letters += mb_strlen(substr($sentence, $bytes, $offset - $bytes));
            $bytes = $offset;
            if (in_array($text, ['“', '”', '„', '"', '«', '»', '*', '_'], true)) {
                continue;
            }
            $is = mb_strtolower(strtr($text, ['’' => "'"]));
            $words[] = new Word($text, $this->spelling->meant($is, $own), $at + $letters);
        }

        return $words;
    }

    /**
     * @param  list<Word>  $words
     * @return list<Word>
     */
    private function tagged(array $words): array
    {
        // Whether somebody does something already since the last sign: hardly anybody does two things without an “and”.
        $does = false;
        foreach ($words as $i => $word) {
            $isJoined = ($words[$i - 1]->part ?? '') === 'C' && ($words[$i - 2] ?? null)?->isVerb() === true;
            $isThere = $i > 1 && in_array($words[$i - 1]->is, self::BE, true) && $words[$i - 2]->is === 'there';
            $word->part = $this->part($word, $words[$i - 1] ?? null, $words[$i + 1] ?? null, $does, $isJoined, $isThere);
            $isAnew = in_array($word->is, self::ANEW, true) || in_array($word->part, ['.', 'C', 'O', 'M'], true);
            $does = $word->isVerb() || ($does && ! $isAnew);
        }

        return $words;
    }

    private function part(Word $word, ?Word $before, ?Word $after, bool $does, bool $isJoined, bool $isThere): string
    {
        // What is longer than any word names nothing.
        if (mb_strlen($word->is) > self::WORD_LETTERS || ! Pattern::match('/[\p{L}\p{N}]/u', $word->is)) {
            return '.';
        }
        if (Pattern::match('/^\p{N}/u', $word->is) || in_array($word->is, self::NUMBERS, true)) {
            return '0';
        }
        if (in_array($word->is, ['is', 'are', 'was', 'were', 'be', 'has', 'have', 'had'], true)) {
            return in_array($word->is, ['is', 'has'], true) ? 'P' : 'V';
        }
        foreach (self::ALWAYS as $part => $words) {
            if (in_array($word->is, $words, true)) {
                return $part;
            }
        }
        $parts = $this->lexicon->parts($word->is);
        if ($parts === '') {
            return $this->guessed($word->is);
        }
        $may = fn (string $any): string => substr((string) strpbrk($parts, $any), 0, 1);
        [$verb, $noun] = [$may('VPD'), $may('NS')];
        $was = $before->part ?? '.';
        $isAfterNoun = $before !== null && ($before->isNoun() || $was === 'O');
        $isDoer = $before !== null && (in_array($before->is, self::BEFORE_VERBS, true) || $was === 'M' || $before->is === 'to');

        // “shows have a title”: something has, is or can, and it stands where a sentence begins or a sign was.
        $isBearer = $noun !== '' && in_array($was, ['.', 'I', 'C'], true) && $after !== null && in_array($after->is, self::BORNE, true);

        return match (true) {
            $isBearer => $noun,
            // “Log your runs.”
            $before === null && $verb !== '' && in_array($after?->is, ['your', 'my', 'our'], true) => $verb,
            // “there are walks with a title”.
            $isThere && $noun !== '' => $noun,
            // “they follow others and like posts”.
            $word->is === 'like' && $was === 'C' && $after !== null && $this->begins($after) => 'V',
            // “brings the tools back”.
            in_array($word->is, ['back', 'down', 'off', 'away'], true) && $isAfterNoun && $does => 'R',
            // A thing after what points at one: “the report”, “their notes”.
            $noun !== '' && $before !== null && ($was === 'T' || in_array($before->is, ['my', 'our', 'their', 'his', 'her', 'its', 'your'],
                true)) => $noun,
            // “Everyone who has a bin puts it on a map”.
            $verb !== '' && $isAfterNoun && in_array($after?->is, ['it', 'them'], true) => $verb,
            // “composer, title, key, length”: one of a list.
            $noun !== '' && $before?->is === ',' && $after?->is === ',' && ! $isDoer => $noun,
            $verb !== '' && ($isDoer || (in_array($was, ['C', '.'], true) && in_array($after?->is, ['it', 'them'], true))) => $verb,
            $may('E') !== '' && $before !== null && in_array($before->is, self::BE, true) => 'E',
            // “add walks”, “saves posts”: what it is done to.
            $noun !== '' && in_array($was, ['V', 'P', 'D'], true) && ! in_array($word->is, self::BE, true) && ! in_array($before?->is, self::BE, true) => $noun,
            // “accepts or declines”, “add and change”.
            $verb !== '' && $isJoined => $verb,
            // “a sound file,”, “send song wishes with”: a name of two words.
            $noun !== '' && $isAfterNoun && ($does || $after === null || in_array($after->is, [',', '.', ')', '(', 'and', 'or'], true)) => $noun,
            // “Singers write”, “an order has”: after who or what does it, and before what it is done to.
            $verb !== '' && $isAfterNoun && $after !== null && $this->begins($after) && ($was !== 'N' || $verb !== 'V') => $verb,
            $noun !== '' && in_array($was, ['J', '0', 'I', 'E'], true) && $before?->is !== 'to' => $noun,
            default => $parts[0],
        };
    }

    /** Whether something that is done something to begins here. */
    private function begins(Word $word): bool
    {
        $parts = $this->lexicon->parts($word->is);

        return $word->part === '0' || $parts === '' || in_array(
            $word->is,
            self::ALWAYS['T'],
            true,
        ) || strpbrk($parts[0], 'TONSJI0RE') !== false || str_contains($parts, 'S');
    }

    private function guessed(string $word): string
    {
        return match (true) {
            str_ends_with($word, 'ing') => 'G',
            str_ends_with($word, 'ed') => 'D',
            str_ends_with($word, 'ly') => 'R',
            str_ends_with($word, 's') && ! str_ends_with($word, 'ss') && $this->lexicon->one($word) !== $word => 'S',
            default => 'N',
        };
    }
}
