<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Text\Pattern;

/** A version by Semantic Versioning 2.0.0; the pattern is the one that its specification suggests. */
final readonly class SemanticVersion
{
    private const PATTERN = '/^(0|[1-9]\d*)\.(0|[1-9]\d*)\.(0|[1-9]\d*)(?:-((?:0|[1-9]\d*|\d*[a-zA-Z-][0-9a-zA-Z-]*)(?:\.(?:0|[1-9]\d*|'
        .'\d*[a-zA-Z-][0-9a-zA-Z-]*))*))?(?:\+([0-9a-zA-Z-]+(?:\.[0-9a-zA-Z-]+)*))?$/';

    /**
     * @param  array{int, int, int}  $core
     * @param  list<string>  $before  identifiers of a pre-release
     */
    private function __construct(public array $core, public array $before)
    {
    }

    public static function tryOf(string $text): ?self
    {
        if (! Pattern::match(self::PATTERN, $text, $found)) {
            return null;
        }
        $before = ($found[4] ?? '') === '' ? [] : explode('.', $found[4]);

        return new self([(int) $found[1], (int) $found[2], (int) $found[3]], $before);
    }

    /** Below 0, 0 or above 0, by the precedence of section 11. */
    public function compare(self $other): int
    {
        $core = $this->core <=> $other->core;
        if ($core !== 0) {
            return $core;
        }
        if ($this->before === [] || $other->before === []) {
            return ($this->before === [] ? 1 : 0) <=> ($other->before === [] ? 1 : 0);
        }
        foreach ($this->before as $i => $mine) {
            if (! isset($other->before[$i])) {
                return 1;
            }
            $theirs = $other->before[$i];
            $compared = match (true) {
                ctype_digit($mine) && ctype_digit($theirs) => (int) $mine <=> (int) $theirs,
                ctype_digit($mine) => -1,
                ctype_digit($theirs) => 1,
                default => strcmp($mine, $theirs),
            };
            if ($compared !== 0) {
                return $compared;
            }
        }

        return count($this->before) <=> count($other->before);
    }
}
