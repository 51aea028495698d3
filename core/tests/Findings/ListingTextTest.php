<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

final class ListingTextTest extends TestCase
{
    private const APP = <<<'APP'
    app A
    screen Start, first
      Text "A"
    language German
      for "Find a ride" say "SAID"
    language French, not shown yet
      for "Find a ride" say "SAID"
    release
      title is "Lifts"
      summary is "Find a ride"
      description is "Find a ride, or offer one."
    APP;

    /** A store looks at each language by itself (the limits are those of ListingText); what nobody gets yet is in no store. */
    public function test_a_page_that_is_too_long_in_another_language_is_found_and_shortened(): void
    {
        self::assertSame([], self::found(str_replace('SAID', str_repeat('ä', 80), self::APP)));
        $long = str_replace('SAID', 'Finde eine Fahrt. '.str_repeat('Und noch eine ', 6), self::APP);
        $found = self::found($long);
        self::assertSame(
            [['/languages/0/says/0/says', 'The short description in German has 102 characters; stores take at most 80.']],
            array_map(fn (Finding $f): array => [$f->at, $f->sentence], $found),
        );
        $mended = Blueprint::fromData((new Patch($found[0]->mend->operations ?? []))->applyTo(Blueprint::fromScript($long)->data()));
        self::assertSame('Finde eine Fahrt.', $mended->languages[0]->says()[0]->says);
        self::assertSame([], self::found($mended->script()));
    }

    /** @return list<Finding> */
    private static function found(string $script): array
    {
        $found = Findings::in(Reading::of(Blueprint::fromScript($script)));

        return array_values(array_filter($found, fn (Finding $f): bool => $f->rule === 'ListingSummary'));
    }
}
