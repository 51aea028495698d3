<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Formula;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TemplateTest extends TestCase
{
    public function test_a_text_is_split_into_words_and_formulas(): void
    {
        $parts = Template::of('Hi {me.name}, {x ? "{" : "}"} and {{braces}}')->parts;

        self::assertSame(
            ['Hi ', 'me.name', ', ', 'x ? "{" : "}"', ' and {braces}'],
            array_map(fn (string|Formula $p): string => is_string($p) ? $p : $p->text, $parts),
        );
    }

    #[TestWith(['Hi {me.name', 3, 'not closed'])]
    #[TestWith(['Hi {}', 4, 'no formula here'])]
    #[TestWith(['Hi {1 +}', 7, 'stops too early'])]
    public function test_a_mistake_has_its_place_in_the_whole_text(string $text, int $position, string $words): void
    {
        try {
            Template::of($text);
            self::fail('Nothing was wrong with it.');
        } catch (FormulaMistake $mistake) {
            self::assertSame($position, $mistake->position);
            self::assertStringContainsString($words, $mistake->getMessage());
        }
    }

    public function test_formulas_can_be_changed_and_the_words_stay(): void
    {
        self::assertSame('A {{b}} {C} d {E}', Template::changed('A {{b}} {c} d {e}', strtoupper(...)));
    }

    public function test_a_rename_touches_only_the_path_that_is_meant(): void
    {
        $renamed = Formula::of('swim.title ~ "swim.title" ~ spot.title ~ title ~ swim?.title')->renamed(
            fn (\Lanai\Core\Formula\WordSpot $word): ?string => $word->path === ['swim', 'title'] ? 'name' : null,
        );

        self::assertSame('swim.name ~ "swim.title" ~ spot.title ~ title ~ swim?.name', $renamed);
    }
}
