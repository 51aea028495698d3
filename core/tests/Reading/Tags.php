<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reading;

use Faker\Provider\en_US\Text;
use Lanai\Core\Reading\Lexicon;
use Lanai\Core\Reading\Tagger;
use ReflectionClass;

/**
 * A second opinion on parts of speech: sentences of a text in the public domain (“Alice’s Adventures in Wonderland” by Lewis Carroll, 1865, as the
 * package fakerphp/faker has it), tagged by the npm package wink-nlp, a library of its own model, and by Lanai.
 */
final class Tags
{
    /** Parts as the Universal Dependencies name them => ours that mean the same. */
    private const SAME = [
        'NOUN' => 'NS', 'PROPN' => 'NS', 'VERB' => 'VPDEGM', 'AUX' => 'VPDEGM', 'ADJ' => 'JE', 'ADV' => 'RC', 'ADP' => 'IR', 'SCONJ' => 'IR', 'DET' => 'TO',
        'CCONJ' => 'C', 'PRON' => 'OT', 'NUM' => '0', 'PART' => 'IRC',
    ];

    /** @return list<string> so many sentences of five to thirty words */
    public static function sentences(int $many): array
    {
        $text = (string) (new ReflectionClass(Text::class))->getProperty('baseText')->getDefaultValue();
        $text = (string) preg_replace(
            '/\s+/',
            ' ',
            strtr($text, ['_' => '', '*' => '', '`' => '', '"' => '', '(' => '', ')' => '', '--' => ', ', " '" => ' ', "' " => ' ']),
        );
        preg_match_all('/(?<=[.!?] )[A-Z][^.!?\[\]]{20,200}[.!?]/u', $text, $found);
        $fits = array_filter($found[0], fn (string $one): bool => substr_count($one, ' ') > 3 && substr_count($one, ' ') < 30);

        return array_slice(array_values($fits), 0, $many);
    }

    /**
     * @param  list<string>  $sentences
     * @param  list<list<array{string, string}>>  $theirs  of each sentence its words with their parts
     * @return array{words: int, same: int, verbs: int, sameVerbs: int, nouns: int, sameNouns: int}
     */
    public static function compared(array $sentences, array $theirs): array
    {
        $sum = ['words' => 0, 'same' => 0, 'verbs' => 0, 'sameVerbs' => 0, 'nouns' => 0, 'sameNouns' => 0];
        $tagger = new Tagger(new Lexicon());
        foreach ($sentences as $i => $sentence) {
            $ours = array_merge(...[[], ...$tagger->sentences($sentence)]);
            $from = 0;
            foreach ($theirs[$i] ?? [] as [$word, $part]) {
                // Both go on to where the same word stands: they cut words like “don’t” differently.
                for ($at = $from; $at < min($from + 4, count($ours)) && mb_strtolower($ours[$at]->text) !== mb_strtolower($word); $at++);
                if (! isset(self::SAME[$part], $ours[$at]) || mb_strtolower($ours[$at]->text) !== mb_strtolower($word)) {
                    continue;
                }
                $from = $at + 1;
                $same = (int) str_contains(self::SAME[$part], $ours[$at]->part);
                $sum['words']++;
                $sum['same'] += $same;
                foreach (['verbs' => ['VERB'], 'nouns' => ['NOUN']] as $of => $parts) {
                    $sum[$of] += (int) in_array($part, $parts, true);
                    $sum['same'.ucfirst($of)] += in_array($part, $parts, true) ? $same : 0;
                }
            }
        }

        return $sum;
    }
}
