<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

use Doctrine\Inflector\Inflector;
use Doctrine\Inflector\InflectorFactory;

/**
 * English words: what parts of speech they can be, the most frequent first, and what a noun is the name of. From core/english/words.php, which is
 * derived from an open word list and an open dictionary (core/english/derive.mjs).
 */
final class Lexicon
{
    /** Forms that follow no rule. */
    private const IRREGULAR = [
        'has' => 'have', 'had' => 'have', 'is' => 'be', 'are' => 'be', 'was' => 'be', 'were' => 'be', 'been' => 'be', 'does' => 'do', 'did' => 'do',
        'done' => 'do', 'sent' => 'send', 'took' => 'take', 'taken' => 'take', 'saw' => 'see', 'seen' => 'see', 'kept' => 'keep', 'paid' => 'pay',
        'bought' => 'buy', 'lent' => 'lend', 'wrote' => 'write', 'written' => 'write', 'told' => 'tell', 'found' => 'find', 'given' => 'give',
        'gave' => 'give', 'held' => 'hold', 'shown' => 'show', 'made' => 'make', 'met' => 'meet', 'got' => 'get', 'chosen' => 'choose', 'went' => 'go',
        'gone' => 'go', 'came' => 'come', 'brought' => 'bring', 'sold' => 'sell', 'left' => 'leave', 'put' => 'put', 'let' => 'let', 'set' => 'set',
    ];

    /** Words of this trade that are younger than the list. */
    private const YOUNG = [
        'upload' => ['VN', 'w'], 'download' => ['VN', 'w'], 'login' => ['N', 'a'], 'bookmark' => ['VN', 'w'], 'favourite' => ['NJV', 'k'], 'app' => ['N', 'w'],
        'website' => ['N', 'w'], 'email' => ['NV', 'w'], 'online' => ['RJ', ''], 'selfie' => ['N', 'x'], 'blog' => ['NV', 'w'], 'username' => ['N', 'w'],
        'playlist' => ['N', 'w'], 'podcast' => ['N', 'w'], 'webinar' => ['N', 'a'], 'signup' => ['N', 'a'], 'checkout' => ['N', 'a'], 'wishlist' => ['N', 'w'],
        'barcode' => ['N', 'w'], 'dashboard' => ['N', 'x'], 'leaderboard' => ['N', 'x'], 'unsubscribe' => ['V', ''],
        'sync' => ['VN', 'a'], 'backup' => ['N', 'a'],
        'caretaker' => ['N', 'p'], 'birdwatcher' => ['N', 'p'], 'quiz' => ['N', 'w'],
    ];

    private readonly string $words;

    private readonly Inflector $inflector;

    /** @var array<string, array{string, string}> */
    private array $known = [];

    /** @var array<string, string> */
    private array $ones = [];

    public function __construct()
    {
        /** @var string $words */
        $words = require dirname(__DIR__, 2).'/english/words.php';
        $this->words = ' '.strtr($words, "\n", ' ').' ';
        $this->inflector = InflectorFactory::create()->build();
    }

    /**
     * Parts of speech that a word can be.
     *
     * @return string letters, the most frequent first; '' for a word that is not known. N and S are nouns, for one and for several; V P D E G forms of verbs
     */
    public function parts(string $word): string
    {
        return $this->found($word)[0];
    }

    /** @return string of a noun, what it names: p a person, g a group, l a place, t a time, a something that happens, x w f n b a thing, …; '' for none */
    public function class(string $noun): string
    {
        return $this->found($noun)[1] ?: $this->found($this->one($noun))[1];
    }

    public function isVerb(string $word): bool
    {
        return strpbrk($this->parts($word), 'V') !== false;
    }

    /** A noun for one of something. */
    public function one(string $noun): string
    {
        $exact = ['people' => 'person', 'news' => 'news', 'series' => 'series', 'photos' => 'photo', 'pianos' => 'piano'];

        // “bus”, “glass”: one already.
        $parts = $this->parts($noun);
        $isOne = str_contains($parts, 'N') && ! str_contains($parts, 'S');

        return $this->ones[$noun] ??= $exact[$noun] ?? ($isOne ? $noun : $this->inflector->singularize($noun));
    }

    /** A noun for several of something. */
    public function many(string $noun): string
    {
        return ['person' => 'people', 'news' => 'news'][$noun] ?? $this->inflector->pluralize($noun);
    }

    /** A verb as a dictionary has it. */
    public function verb(string $word): string
    {
        if (isset(self::IRREGULAR[$word])) {
            return self::IRREGULAR[$word];
        }
        $tries = match (true) {
            str_ends_with($word, 'ies'), str_ends_with($word, 'ied') => [substr($word, 0, -3).'y'],
            str_ends_with($word, 'ing') => [substr($word, 0, -3).'e', substr($word, 0, -3), substr($word, 0, -4)],
            str_ends_with($word, 'ed') => [substr($word, 0, -1), substr($word, 0, -2), substr($word, 0, -3)],
            str_ends_with($word, 'es') => [substr($word, 0, -1), substr($word, 0, -2)],
            str_ends_with($word, 's') => [substr($word, 0, -1)],
            default => [],
        };
        foreach ($tries as $try) {
            if ($this->isVerb($try)) {
                return $try;
            }
        }

        return $word;
    }

    /** @return array{string, string} parts of speech and class */
    private function found(string $word): array
    {
        return $this->known[$word] ??= self::YOUNG[$word] ?? $this->looked($word) ?? $this->looked(self::american($word)) ?? ['', ''];
    }

    /** @return array{string, string}|null */
    private function looked(string $word): ?array
    {
        // They are in the order of their bytes: halved until one is left.
        [$low, $high] = [0, strlen($this->words) - 1];
        $sought = "$word:";
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $begin = (int) strrpos($this->words, ' ', $middle - strlen($this->words)) + 1;
            $end = (int) strpos($this->words, ' ', $begin);
            $entry = substr($this->words, $begin, $end - $begin);
            if (str_starts_with($entry, $sought)) {
                [, $parts, $class] = explode(':', $entry.':');

                return [$parts, $class];
            }
            if (strcmp($entry, $sought) < 0) {
                $low = $end;
            } else {
                $high = $begin - 1;
            }
        }

        return null;
    }

    /** As the word list spells it. */
    private static function american(string $word): string
    {
        return strtr($word, ['our' => 'or', 'ise' => 'ize', 'ising' => 'izing', 'isation' => 'ization', 'metre' => 'meter', 'theatre' => 'theater']);
    }
}
