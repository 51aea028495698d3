<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Language;

use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\TakeOffer;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\ProseLine;
use Lanai\Core\Language\ProsePart;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ProseTest extends TestCase
{
    public function test_a_sentence_is_broken_into_words_and_blanks(): void
    {
        $list = $this->line('/screens/0/lines/2');

        self::assertSame(
            ['List of', 'Swims', 'where', 'starts > now()', ', by', 'Starts', 'upward', ', as', 'cards'],
            array_map(fn (ProsePart $p): string => $p->text, $list->parts),
        );
        self::assertSame(
            ['table', 'formula', 'field', 'choice', 'choice'],
            array_values(array_filter(array_map(fn (ProsePart $p): string => $p->kind, $list->parts))),
        );
        self::assertSame('/screens/0/lines/2/where', $list->parts[3]->at);
    }

    public function test_a_sentence_says_what_could_be_added_to_it(): void
    {
        $offers = array_column($this->line('/screens/0/lines/0')->offers, 'at');

        self::assertSame(['/screens/0/lines/0/enabled', '/screens/0/lines/0/on'], array_slice($offers, 0, 2), 'It has its condition already.');
    }

    public function test_the_type_of_a_field_offers_its_limits(): void
    {
        self::assertSame(
            [
                '/tables/0/fields/1/required',
                '/tables/0/fields/1/unique',
                '/tables/0/fields/1/begins',
                '/tables/0/fields/1/onlyWhile',
                '/tables/0/fields/1/tongue',
                '/tables/0/fields/1/type/least',
                '/tables/0/fields/1/type/most',
                '/tables/0/fields/1/type/like',
            ],
            array_column($this->line('/tables/0/fields/1')->offers, 'at'),
        );
        $offered = (new TakeOffer('/tables/0/fields/1/type/most'))->on(World::saltlark()->blueprint)->blueprint;
        self::assertStringContainsString('Shore is a text of at most ___', $offered->script());
        self::assertStringContainsString(
            'Shore is a text of at most 20',
            (new Fill('/tables/0/fields/1/type/most', '20'))->on($offered)->blueprint->script(),
        );
    }

    /** As an English reader says it; whatever stands there, both are read. */
    #[TestWith(['Order', 'an'])]
    #[TestWith(['Spot', 'a'])]
    #[TestWith(['Umbrella', 'an'])]
    #[TestWith(['User', 'a'])]
    #[TestWith(['Unit', 'a'])]
    #[TestWith(['Hour', 'an'])]
    #[TestWith(['House', 'a'])]
    #[TestWith(['European', 'a'])]
    #[TestWith(['One-off', 'a'])]
    #[TestWith(['Ostrich', 'an'])]
    public function test_a_name_is_written_with_its_article(string $name, string $article): void
    {
        foreach (['a', 'an'] as $typed) {
            $script = "app Reef\n\ntable All, each $typed $name\n  Title is a text\n\nscreen Start, first\n  Text \"Here\"\n";
            self::assertStringContainsString("table All, each $article $name\n", Blueprint::fromScript($script)->script());
        }
    }

    public function test_a_blank_offers_what_fits(): void
    {
        self::assertContains('Swims', $this->choices('/screens/0/lines/2/table'));
        self::assertContains('starts > now()', $this->choices('/screens/0/lines/2/where'));
        self::assertContains('spot.photo', $this->choices('/screens/0/lines/2/shows/3/formula'));
        self::assertSame(['Title', 'Spot', 'Starts', 'Places', 'Host', 'Lasts', 'Kit fee', 'Booked'], $this->choices('/screens/2/lines/1/asking/0'));
        self::assertContains('Swim', $this->choices('/screens/0/lines/2/tapped/0/screen'));
    }

    private function line(string $at): ProseLine
    {
        foreach (Prose::of(World::saltlark()->blueprint->data(), Blueprint::class, flat: true) as $line) {
            if ($line->at === $at) {
                return $line;
            }
        }
        self::fail("There is no line at $at.");
    }

    /** @return list<string> */
    private function choices(string $at): array
    {
        $spot = World::saltlark()->blueprint->walk()->blankAt($at);

        return $spot === null ? [] : array_map(fn (Choice $c): string => $c->text, $spot->blank->fit->choices($spot->scope));
    }
}
