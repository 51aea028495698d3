<?php

declare(strict_types=1);

namespace Standins\Stores;

use Standins\Tool;

/** What a package's manifest says, as aapt prints its tree. */
final readonly class Manifest
{
    private const COMPONENTS = ['activity', 'activity-alias', 'service', 'receiver', 'provider'];

    /**
     * @param  bool  $cleartext  calls without encryption are allowed
     * @param  list<string>  $unexported  components with filters that do not say whether others may begin them
     */
    private function __construct(public bool $cleartext, public array $unexported)
    {
    }

    public static function of(string $file): self
    {
        [, $tree] = Tool::run(['aapt', 'dump', 'xmltree', $file, 'AndroidManifest.xml']);
        $cleartext = false;
        $unexported = [];
        /** @var list<array{depth: int, name: string, filters: bool, exported: bool}> $open components around the line at hand */
        $open = [];
        foreach ([...explode("\n", $tree), 'E: end '] as $line) {
            $here = count($open) - 1;
            if (preg_match('/^( *)E: ([\w.-]+) /', $line, $found)) {
                for (; $here >= 0 && $open[$here]['depth'] >= strlen($found[1]); $here--) {
                    $closed = array_pop($open);
                    if ($closed['filters'] && ! $closed['exported']) {
                        $unexported[] = $closed['name'];
                    }
                }
                if (in_array($found[2], self::COMPONENTS, true)) {
                    $open[] = ['depth' => strlen($found[1]), 'name' => $found[2], 'filters' => false, 'exported' => false];
                } elseif ($found[2] === 'intent-filter' && $here >= 0) {
                    $open[$here]['filters'] = true;
                }
            } elseif (preg_match('/^ *A: android:(\w+)\(0x[0-9a-f]+\)=(.*)$/', $line, $found)) {
                $cleartext = $cleartext || ($found[1] === 'usesCleartextTraffic' && str_ends_with($found[2], '0xffffffff'));
                // Once its filters have begun, what follows is theirs.
                if ($here >= 0 && ! $open[$here]['filters']) {
                    $open[$here]['exported'] = $open[$here]['exported'] || $found[1] === 'exported';
                    $open[$here]['name'] = $found[1] === 'name' && preg_match('/^"([^"]*)"/', $found[2], $name) ? $name[1] : $open[$here]['name'];
                }
            }
        }

        return new self($cleartext, $unexported);
    }
}
