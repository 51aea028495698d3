<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** A length that may depend on what it stands in. */
final readonly class Size
{
    private function __construct(public string $unit, public float $amount)
    {
    }

    public static function dp(float $amount): self
    {
        return new self('dp', $amount);
    }

    public static function percent(float $amount): self
    {
        return new self('%', $amount);
    }

    /** As wide as what is in it needs, at most what there is. */
    public static function content(): self
    {
        return new self('content', 0);
    }

    /** As the script writes it: "120 dp", "50 %", "content"; null for ''. */
    public static function of(string $written): ?self
    {
        return match (true) {
            $written === '' => null,
            $written === 'content' => self::content(),
            default => new self(str_ends_with($written, '%') ? '%' : 'dp', (float) $written),
        };
    }

    /** In dp, where that can be said; a percentage needs to know of how much. */
    public function within(?float $whole): ?float
    {
        return match ($this->unit) {
            'dp' => $this->amount,
            '%' => $whole === null ? null : $this->amount / 100 * $whole,
            default => null,
        };
    }
}
