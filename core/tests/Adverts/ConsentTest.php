<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Adverts;

use DateTimeImmutable;
use Lanai\Core\Adverts\Consent;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** Consent strings: read and written as “@iabtcf/core” does, by which others in the trade read them. */
final class ConsentTest extends TestCase
{
    public function test_what_is_written_is_read_the_same_here_and_by_the_library_of_the_framework(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $made = [];
        for ($i = 0; $i < 300; $i++) {
            $some = function (int $most, int $share) use ($random): array {
                $all = array_values(array_filter(range(1, $most), fn (): bool => $random->getInt(0, 99) < $share));

                return $all;
            };
            // Few of many are written as ranges, many of few bit by bit.
            $vendors = $i % 3 === 0 ? range($random->getInt(1, 400), $random->getInt(401, 1400)) : $some($random->getInt(1, 900), $i % 3 === 1 ? 2 : 60);
            $made[] = new Consent(
                new DateTimeImmutable('@'.$random->getInt(1_700_000_000, 1_900_000_000)),
                $some(11, 60),
                $vendors,
                array_values(array_intersect($some(11, 40), [2, 7, 8, 9, 10, 11])),
                $some(50, 10),
                $some(2, 50),
                ['EN', 'DE', 'NB'][$i % 3],
                ['DE', 'FR', 'CH'][$i % 3],
            );
        }
        $models = array_map(fn (Consent $c): array => ['at' => $c->at->getTimestamp()] + array_diff_key(get_object_vars($c), ['at' => 1]), $made);
        $written = array_map(fn (Consent $c): string => $c->written(), $made);
        $input = (string) json_encode(['strings' => $written, 'models' => $models]);
        $node = new Process(['node', 'tests/reference/consent.mjs'], dirname(__DIR__, 3), null, $input, 60);
        $node->mustRun();
        $theirs = json_decode($node->getOutput(), true);
        foreach ($made as $i => $consent) {
            self::assertEquals(self::told($consent), $theirs['read'][$i], "they read $i");
            self::assertEquals(self::told($consent), self::told(Consent::read($written[$i])), "read $i");
            // Its language is that of its own list of vendors.
            $not = ['policy' => 1, 'language' => 1];
            $read = Consent::read($theirs['written'][$i]);
            self::assertEquals(array_diff_key(self::told($consent), $not), array_diff_key(self::told($read), $not), "theirs $i");
        }
    }

    /** @return array<string, mixed> */
    private static function told(Consent $consent): array
    {
        return ['at' => intdiv($consent->at->getTimestamp(), 86400) * 86400, 'language' => $consent->language]
            + array_diff_key(get_object_vars($consent), ['listVersion' => 1]);
    }

    public function test_it_is_personal_only_where_all_that_takes_is_allowed(): void
    {
        $at = new DateTimeImmutable('2026-11-29');
        self::assertTrue((new Consent($at, Consent::PURPOSES))->isPersonal());
        self::assertFalse((new Consent($at, [2, 7]))->isPersonal());
        self::assertFalse((new Consent($at, [1, 3, 7]))->isPersonal());
    }

    #[TestWith([''])]
    #[TestWith(['not a string!'])]
    #[TestWith(['BOEFEAyOEFEAyAHABDENAI4AAAB9vABAASA'])]
    #[TestWith(['CP'])]
    public function test_what_is_none_is_refused_with_a_sentence(string $string): void
    {
        $this->expectException(\ValueError::class);
        $this->expectExceptionMessageMatches('/consent string/');
        Consent::read($string);
    }
}
