<?php

declare(strict_types=1);

namespace Lanai\Core\Tests;

use PHPUnit\Framework\TestCase;

/** Rooms of the core import only from rooms above them (docs/decisions/0028). */
final class RoomsTest extends TestCase
{
    /** From the ground up. */
    private const ORDER = [
        'Text',
        'Geometry',
        'Values',
        'Earnings',
        'Adverts',
        'Reach',
        'Formula',
        'Language',
        'Model',
        'Query',
        'Rows',
        'Wording',
        'Access',
        'Data',
        'People',
        'Play',
        'Services',
        'Effects',
        'Lines',
        'Languages',
        'Player',
        'Errands',
        'Storage',
        'Exchange',
        'Release',
        'Edits',
        'Findings',
        'Layout',
        'Review',
        'Reading',
        'Saying',
    ];

    /** Files that stand above all rooms: they put the core together. */
    private const ABOVE = ['Catalogue.php', 'put-together.php'];

    public function test_no_room_imports_from_one_below_it(): void
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

        self::assertSame([], $against, 'Imports against the order of the rooms.');
    }

    public function test_every_room_is_there(): void
    {
        $rooms = array_map(basename(...), glob(dirname(__DIR__).'/src/*', GLOB_ONLYDIR) ?: []);

        self::assertSame([], array_merge(array_diff(self::ORDER, $rooms), array_diff($rooms, self::ORDER)));
    }

    /** @return iterable<array{string, string, string}> the room that imports, the one that is imported from, and where what is imported */
    private function imports(): iterable
    {
        $root = dirname(__DIR__).'/src/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            if (! ($file instanceof \SplFileInfo) || $file->getExtension() !== 'php') {
                continue;
            }
            $path = substr($file->getPathname(), strlen($root));
            if (in_array($path, self::ABOVE, true)) {
                continue;
            }
            $room = explode('/', $path)[0];
            foreach (\PhpToken::tokenize((string) file_get_contents($file->getPathname())) as $i => $token) {
                $name = ltrim($token->text, '\\');
                if (
                    $token->is([T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED]) &&
                    preg_match('/^Lanai\\\\Core\\\\(\w+)\\\\/', $name, $found) &&
                    $found[1] !== $room
                ) {
                    yield [$room, $found[1], "$path: $name"];
                }
            }
        }
    }
}
