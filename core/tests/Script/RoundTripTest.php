<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Script;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Script\Parser;
use Lanai\Core\Script\Printer;
use Lanai\Core\Tests\Support\BlueprintMaker;
use PHPUnit\Framework\TestCase;

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
            $printed = Printer::print($data);
            $again = Parser::script($printed);

            self::assertSame($this->sorted($data), $this->sorted($again), "seed $seed:\n$printed");
            self::assertSame($printed, Printer::print($again), "seed $seed");
        }
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
