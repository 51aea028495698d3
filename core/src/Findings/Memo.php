<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/** What was found on screens before, by the fingerprint of all that it depends on. */
final class Memo
{
    private const FEW = 8;

    /** @var array<string, array<array-key, mixed>> what was asked for or made this time */
    public array $used = [];

    /**
     * @param  array<string, array<array-key, mixed>>  $known
     * @param  array<int, string>  $marks  screen => its fingerprint, of those that are known not to have changed
     */
    public function __construct(private readonly array $known = [], public array $marks = [])
    {
    }

    public function mark(int $i, mixed $screen): string
    {
        return $this->marks[$i] ??= hash('xxh128', serialize($screen));
    }

    /**
     * @template T of array<array-key, mixed>
     *
     * @param  callable(): T  $look
     * @return T
     */
    public function of(string $fingerprint, callable $look): array
    {
        /** @var T */
        return $this->used[$fingerprint] ??= $this->known[$fingerprint] ?? $look();
    }

    /** Whether so many are new that it is worth keeping: a few are sooner looked at again. */
    public function grew(): bool
    {
        $new = count(array_diff_key($this->used, $this->known));

        return $new > min(self::FEW, count($this->known) / 10);
    }
}
