<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reading;

use Lanai\Core\Reading\Lexicon;
use PHPUnit\Framework\TestCase;

final class LexiconTest extends TestCase
{
    public function test_each_word_of_the_file_is_found_and_nothing_else(): void
    {
        $lexicon = new Lexicon();
        $lines = explode(' ', strtr(require dirname(__DIR__, 2).'/english/words.php', "\n", ' '));
        $sorted = $lines;
        sort($sorted, SORT_STRING);
        self::assertSame($sorted, $lines, 'Halving needs an order.');
        foreach ([0, 1, 2, count($lines) - 2, count($lines) - 1, ...range(10, count($lines) - 1, 397)] as $i) {
            [$word, $parts, $class] = [...explode(':', $lines[$i]), ''];
            self::assertSame($parts, $lexicon->parts($word), $word);
            $class === '' ?: self::assertSame($class, $lexicon->class($word), $word);
        }
        foreach (['', 'a b', 'qqqq', 'zzzzzz', '!', "tool\n", 'toolx', 'ünder'] as $none) {
            self::assertSame('', $lexicon->parts($none), $none);
        }
    }

    public function test_what_nouns_are_names_of(): void
    {
        $lexicon = new Lexicon();
        $names = ['teacher' => 'p', 'committee' => 'g', 'valley' => 'x', 'month' => 't', 'hammer' => 'x', 'neighbour' => 'p', 'teachers' => 'p'];
        foreach ($names as $noun => $class) {
            self::assertSame($class, $lexicon->class($noun), $noun);
        }
    }

    public function test_one_and_many_and_what_verbs_come_from(): void
    {
        $lexicon = new Lexicon();
        foreach (['people' => 'person', 'categories' => 'category', 'photos' => 'photo', 'news' => 'news', 'boxes' => 'box'] as $many => $one) {
            self::assertSame([$one, $many], [$lexicon->one($many), $lexicon->many($one)]);
        }
        $from = ['has' => 'have', 'borrows' => 'borrow', 'cancelled' => 'cancel', 'booked' => 'book',
            'sending' => 'send', 'applies' => 'apply', 'lent' => 'lend',
            'shared' => 'share', 'writing' => 'write', 'fixes' => 'fix', 'book' => 'book'];
        foreach ($from as $word => $verb) {
            self::assertSame($verb, $lexicon->verb($word), $word);
        }
    }
}
