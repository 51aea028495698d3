<?php

declare(strict_types=1);

namespace Lanai\Core\Tests;

use PHPUnit\Framework\TestCase;

/** Rooms of the core import only from rooms above them (docs/decisions/0028). */
final class RoomsTest extends TestCase
{
    /** From the ground up. */
    private const ORDER = [
        'Text', 'Values', 'Script', 'Formula', 'Blueprint', 'Query', 'Ports', 'Rows', 'Access', 'Data', 'People', 'Runtime', 'Services',
        'Effects', 'Lines', 'Player', 'Storage', 'Edits', 'Release', 'Findings', 'Layout', 'Exchange',
    ];

    /** Imports against the order that are still there: a number may only become smaller. */
    private const LEFT = [
        'Blueprint -> Access' => 3, 'Blueprint -> Effects' => 4, 'Blueprint -> Lines' => 4, 'Blueprint -> People' => 8, 'Blueprint -> Runtime' => 7,
        'Blueprint -> Services' => 9, 'Effects -> Lines' => 1, 'Formula -> Access' => 2, 'Formula -> Blueprint' => 8, 'Formula -> Ports' => 1,
        'Formula -> Query' => 1, 'People -> Runtime' => 1, 'Ports -> Access' => 2, 'Query -> Access' => 1, 'Query -> Ports' => 1, 'Rows -> Access' => 2,
        'Runtime -> Effects' => 2, 'Runtime -> Lines' => 3, 'Runtime -> Services' => 1, 'Script -> Blueprint' => 6, 'Script -> Formula' => 10,
    ];

    public function test_no_room_imports_from_one_below_it_but_for_what_is_known(): void
    {
        $place = array_flip(self::ORDER);
        $against = [];
        foreach ($this->imports() as [$from, $to, $what]) {
            self::assertArrayHasKey($from, $place, "The room $from has no place in the order.");
            self::assertArrayHasKey($to, $place, "The room $to has no place in the order: $what");
            if ($place[$from] < $place[$to]) {
                $against["$from -> $to"][] = $what;
            }
        }
        ksort($against);
        $counts = array_map(count(...), $against);
        $more = array_filter($counts, fn (int $n, string $pair): bool => $n > (self::LEFT[$pair] ?? 0), ARRAY_FILTER_USE_BOTH);

        self::assertSame([], array_intersect_key($against, $more), 'Imports against the order of the rooms.');
        self::assertSame(self::LEFT, $counts, 'There are fewer now: write the smaller numbers down, so that it stays so.');
    }

    public function test_every_room_is_there(): void
    {
        $rooms = array_map(basename(...), glob(dirname(__DIR__).'/src/*', GLOB_ONLYDIR) ?: []);

        self::assertSame([], array_diff(self::ORDER, $rooms));
    }

    /** @return iterable<array{string, string, string}> the room that imports, the one that is imported from, and where what is imported */
    private function imports(): iterable
    {
        $root = dirname(__DIR__).'/src/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if (! $file instanceof \SplFileInfo || $file->getExtension() !== 'php') {
                continue;
            }
            $path = substr($file->getPathname(), strlen($root));
            $room = explode('/', $path)[0];
            foreach (\PhpToken::tokenize((string) file_get_contents($file->getPathname())) as $i => $token) {
                $name = ltrim($token->text, '\\');
                if ($token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) && preg_match('/^Lanai\\\\Core\\\\(\w+)\\\\/', $name, $found) && $found[1] !== $room) {
                    yield [$room, $found[1], "$path: $name"];
                }
            }
        }
    }
}
