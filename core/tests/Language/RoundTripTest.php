<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Language;

use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Printer;
use Lanai\Core\Language\ScriptMistake;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Tests\Support\BlueprintMaker;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RoundTripTest extends TestCase
{
    public function test_the_demo_is_printed_as_it_was_written(): void
    {
        $script = (string) file_get_contents(__DIR__.'/../../../database/demo/saltlark.script');

        self::assertSame($script, Blueprint::fromScript($script)->script());
    }

    /** A property over generated blueprints: names with reserved words, quotes, any script; texts and formulas of any content. */
    public function test_parsing_what_was_printed_gives_the_same_app(): void
    {
        for ($seed = 1; $seed <= 400; $seed++) {
            $data = (new BlueprintMaker($seed))->make(Blueprint::class);
            $printed = Printer::print($data, Blueprint::class);
            $again = Parser::script($printed, Blueprint::class);

            self::assertSame($this->sorted($data), $this->sorted($again), "seed $seed:\n$printed");
            self::assertSame($printed, Printer::print($again, Blueprint::class), "seed $seed");
        }
    }

    /** Texts of any length, of what has to be escaped and of what has not; once the longer ones printed but no longer parsed. */
    public function test_long_texts_come_back(): void
    {
        $random = new Randomizer(new Mt19937(14));
        foreach ([9_999, 10_001, 100_000, 1_000_000] as $length) {
            foreach (['"', '\\', 'a', "\n", 'é', '🌊', "'", '`'] as $piece) {
                $text = mb_substr(str_repeat($piece.substr($random->shuffleBytes("ab \\\"\n"), 0, 3), (int) ceil($length / 3)), 0, $length);
                $app = Blueprint::fromScript("app A\nscreen S, first\n  Text ".Cursor::quote($text)."\n");

                self::assertSame($text, $app->screens[0]->lines()[0]->text, "$length of $piece");
                self::assertSame($app->script(), Blueprint::fromScript($app->script())->script());
            }
        }
    }

    public function test_a_text_that_is_too_long_is_refused_with_a_sentence(): void
    {
        $this->expectException(ScriptMistake::class);
        $this->expectExceptionMessage('a text of at most 1,000,000 characters');
        Blueprint::fromScript("app A\nscreen S, first\n  Text ".Cursor::quote(str_repeat('é', 1_000_001))."\n");
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private function sorted(array $data): array
    {
        if (! array_is_list($data)) {
            ksort($data);
        }

        return array_map(fn (mixed $v): mixed => is_array($v) ? $this->sorted($v) : $v, $data);
    }
}
