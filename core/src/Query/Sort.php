<?php

declare(strict_types=1);

namespace Lanai\Core\Query;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\Field;
use Lanai\Core\Text\Texts;

/** One sort key. Rows without a value come first upward and last downward, as SQLite orders nulls. */
final readonly class Sort
{
    /** @param  bool  $exact  whether texts that differ only in their case are kept apart */
    private function __construct(public Term $by, public bool $upward, public bool $exact = false)
    {
    }

    public static function by(Field $field, bool $upward = true): self
    {
        return new self(Term::column(0, $field), $upward);
    }

    public static function byTerm(Term $term, bool $upward = true): self
    {
        return new self($term, $upward);
    }

    /** The same order from its other end. */
    public function turned(): self
    {
        return new self($this->by, ! $this->upward, $this->exact);
    }

    /** Behind the same order of texts: what is spelt alike stands together. */
    public function apart(): self
    {
        return new self($this->by, $this->upward, true);
    }

    /** Whether it is the natural order of texts. */
    public function isOfTexts(): bool
    {
        return ! $this->exact && $this->by->type->kind === Kind::Text;
    }

    /** Which of two stored values comes first. */
    public function compare(string|int|float|null $a, string|int|float|null $b): int
    {
        $order = match (true) {
            $a === null || $b === null => ($a !== null) <=> ($b !== null),
            is_string($a) && is_string($b) => $this->isOfTexts() ? Texts::order($a, $b) : strcmp($a, $b),
            default => $a <=> $b,
        };

        return $this->upward ? $order : -$order;
    }
}
