<?php

declare(strict_types=1);

namespace Tests\Feature;

use Lanai\Core\Tests\Reading\Tags;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Parts of speech, as another library has them: see Tags for what is compared with what. */
final class TagsTest extends TestCase
{
    public function test_most_words_have_the_part_of_speech_that_wink_nlp_gives_them(): void
    {
        $sentences = Tags::sentences(300);
        self::assertCount(300, $sentences);
        $wink = new Process(['node', dirname(__DIR__).'/reference/tags.mjs'], input: (string) json_encode($sentences));
        $told = Tags::compared($sentences, json_decode($wink->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR));

        self::assertGreaterThan(3500, $told['words']);
        // Two models of English agree on somewhat more than nine words of ten: the bench prints the figure.
        self::assertGreaterThan(0.9, $told['same'] / $told['words']);
        self::assertGreaterThan(0.88, $told['sameVerbs'] / $told['verbs']);
        self::assertGreaterThan(0.94, $told['sameNouns'] / $told['nouns']);
    }
}
