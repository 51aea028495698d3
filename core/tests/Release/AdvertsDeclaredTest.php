<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Release;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\AdvertsDeclared;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AdvertsDeclaredTest extends TestCase
{
    private const RULES = "adverts through Bunting\n";

    #[TestWith(['', '  Text "Here"', ''])]
    #[TestWith([self::RULES, '  Text "Here"', ''])]
    #[TestWith(['', '  Advert Below', ''])]
    #[TestWith([self::RULES, '  Advert Below', 'allow it'])]
    #[TestWith([self::RULES, "  Button \"A\"\n    tapped:\n      show an advert Between", 'allow it'])]
    #[TestWith([self::RULES, "  Button \"A\"\n    tapped:\n      offer an advert Badge", 'allow it'])]
    #[TestWith(["adverts through Bunting, also for children\n", '  Advert Below', 'the language and the kind of device.'])]
    public function test_what_is_declared_follows_from_the_sentences(string $rules, string $lines, string $words): void
    {
        $declared = AdvertsDeclared::of(Blueprint::fromScript("app A\n{$rules}screen S, first\n$lines\n"));
        self::assertSame($words === '', $declared->sentence() === '');
        self::assertSame($words === '', $declared->form() === null);
        self::assertStringContainsString($words, $declared->sentence());
        self::assertSame(str_contains($words, 'allow'), $declared->form()['tracks'] ?? false);
    }
}
