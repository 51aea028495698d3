<?php

declare(strict_types=1);

// What the reader understands of paragraphs that people wrote down an outline for: how much of what it understands they do, too (precision), and how much
// of what they understand it does (recall). Those set aside were written before the rules and are not used to tune them. And how long 200 words take.
// Aims: 0.85 and 0.85 of those set aside; under 30 ms.

use Benchmarks\Size;
use Lanai\Core\Reading\Reader;
use Lanai\Core\Tests\Reading\Measure;
use Lanai\Core\Tests\Reading\Tags;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Size.php';

$at = __DIR__.'/../core/tests/Reading';
foreach (['aside' => 'set aside', 'paragraphs' => 'to tune by'] as $folder => $called) {
    $sums = ['hits' => 0, 'wanted' => 0, 'found' => 0];
    foreach (Measure::of("$at/$folder") as $what => $counts) {
        foreach ($counts as $key => $count) {
            $sums[$key] += $count;
        }
        printf("%-43s%.2f, %.2f\n", "$what of paragraphs $called", $counts['hits'] / max(1, $counts['found']), $counts['hits'] / max(1, $counts['wanted']));
    }
    [$precision, $recall] = [$sums['hits'] / max(1, $sums['found']), $sums['hits'] / max(1, $sums['wanted'])];
    printf("%-43s%.2f, %.2f  (aim: 0.85, 0.85)\n", "all of paragraphs $called", $precision, $recall);
}

$texts = array_map(fn (string $file): string => json_decode((string) file_get_contents($file), true)['text'], glob("$at/paragraphs/*.json") ?: []);
$words = array_slice(explode(' ', implode(' ', $texts)), 0, 200);
$text = implode(' ', $words);
$times = [];
for ($i = 0; $i < (Size::short() ? 3 : 40); $i++) {
    // Each time as it is read first: nothing is remembered.
    $from = hrtime(true);
    (new Reader())->read($text)->data();
    $times[] = (hrtime(true) - $from) / 1e6;
}
sort($times);
printf("%-43s%.1f ms  (aim: under 30)\n", '200 words, read for the first time', $times[intdiv(count($times), 2)]);

// A second opinion on the parts of speech; see Tags for what is compared with what.
$sentences = Tags::sentences(300);
$wink = new Process(['node', __DIR__.'/../tests/reference/tags.mjs'], input: (string) json_encode($sentences));
$told = Tags::compared($sentences, json_decode($wink->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR));
printf("%-43s%.3f of %d words of %d sentences\n", 'tags as wink-nlp has them', $told['same'] / $told['words'], $told['words'], count($sentences));
printf(
    "%-43s%.3f of %d verbs, %.3f of %d nouns\n",
    '',
    $told['sameVerbs'] / $told['verbs'],
    $told['verbs'],
    $told['sameNouns'] / $told['nouns'],
    $told['nouns'],
);
