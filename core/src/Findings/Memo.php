<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/** What was found on screens before, by the fingerprint of all that the finding depends on. */
final class Memo
{
    /** @var array<string, list<Finding>> those asked for or made this time */
    public array $used = [];

    /** @param  array<string, list<Finding>>  $known */
    public function __construct(private readonly array $known = [])
    {
    }

    /**
     * @param  callable(): list<Finding>  $look
     * @return list<Finding>
     */
    public function of(string $fingerprint, callable $look): array
    {
        return $this->used[$fingerprint] ??= $this->known[$fingerprint] ?? $look();
    }

    public function grew(): bool
    {
        return array_diff_key($this->used, $this->known) !== [];
    }
}
