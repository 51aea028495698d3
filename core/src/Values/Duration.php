<?php

declare(strict_types=1);

namespace Lanai\Core\Values;

use Lanai\Core\Text\Pattern;

/** A length of time in whole seconds. */
final readonly class Duration implements Sortable
{
    public function __construct(public int $seconds)
    {
    }

    /** Reads “1:30” (hours and minutes), “1 h 30 min”, “45 s” and ISO 8601 as in PT1H30M; null for anything else. */
    public static function of(string $text): ?self
    {
        $text = strtolower(trim($text));
        if (Pattern::match('/^(\d{1,5}):([0-5]\d)(?::([0-5]\d))?$/', $text, $m)) {
            return new self((int) $m[1] * 3600 + (int) $m[2] * 60 + (int) ($m[3] ?? 0));
        }
        if (Pattern::match('/^p(?:(\d{1,5})d)?(?:t(?:(\d{1,5})h)?(?:(\d{1,5})m)?(?:(\d{1,5})s)?)?$/', $text, $m) && count($m) > 1) {
            return new self((int) $m[1] * 86400 + (int) ($m[2] ?? 0) * 3600 + (int) ($m[3] ?? 0) * 60 + (int) ($m[4] ?? 0));
        }
        if (
            Pattern::match(
                '/^(?:(\d{1,5}) ?d(?:ays?)?)? ?(?:(\d{1,5}) ?h(?:ours?)?)? ?(?:(\d{1,5}) ?m(?:in(?:utes?)?)?)? ?(?:(\d{1,5}) ?s(?:ec(?:onds?)?)?)?$/',
                $text,
                $m,
            ) &&
            count($m) > 1
        ) {
            return new self((int) $m[1] * 86400 + (int) ($m[2] ?? 0) * 3600 + (int) ($m[3] ?? 0) * 60 + (int) ($m[4] ?? 0));
        }

        return null;
    }

    public function key(): int
    {
        return $this->seconds;
    }

    /** “1 h 30 min”, read back by of(). */
    public function written(): string
    {
        $parts = [];
        foreach (['d' => 86400, 'h' => 3600, 'min' => 60, 's' => 1] as $unit => $length) {
            $count = intdiv($this->seconds, $length) % ($unit === 'd' ? PHP_INT_MAX : ['h' => 24, 'min' => 60, 's' => 60][$unit]);
            if ($count !== 0) {
                $parts[] = abs($count)." $unit";
            }
        }

        return ($this->seconds < 0 ? '-' : '').($parts === [] ? '0 min' : implode(' ', $parts));
    }
}
