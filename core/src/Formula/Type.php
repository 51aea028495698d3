<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Text\Pattern;

/** The type of a value, known before any formula runs. */
final readonly class Type
{
    /** @param  string  $one what one row of the table is called, for rows; the currency, for money */
    private function __construct(public Kind $kind, public string $one = '', public ?Type $of = null)
    {
    }

    public static function of(Kind $kind): self
    {
        return new self($kind);
    }

    /** @param  string  $one what one row of the table is called; '' for a row of any table */
    public static function row(string $one): self
    {
        return new self(Kind::Row, $one);
    }

    /** @param  string  $currency ISO 4217; '' for money of any */
    public static function money(string $currency): self
    {
        return new self(Kind::Money, $currency);
    }

    public static function several(self $each): self
    {
        return new self(Kind::Several, '', $each);
    }

    public function isNumber(): bool
    {
        return $this->kind === Kind::Whole || $this->kind === Kind::Decimal;
    }

    /** True for what has a size in a unit: amounts and lengths of time. They are added, but not multiplied with one another. */
    public function isMeasure(): bool
    {
        return ! $this->isNumber() && $this->zero() !== null;
    }

    /** The sum over nothing; null where there are no sums. */
    public function zero(): mixed
    {
        return Kinds\Kinds::of($this->kind)->zero($this);
    }

    /** True where a value of this type can stand where the other is wanted. Nothing and anything fit everywhere. */
    public function fits(self $wanted): bool
    {
        return match (true) {
            $this->kind === Kind::Nothing, $this->kind === Kind::Any, $wanted->kind === Kind::Any => true,
            $wanted->kind === Kind::Decimal => $this->isNumber(),
            $wanted->kind === Kind::Row => $this->kind === Kind::Row && ($wanted->one === '' || mb_strtolower($wanted->one) === mb_strtolower($this->one)),
            $wanted->kind === Kind::Money => $this->kind === Kind::Money && ($wanted->one === '' || $wanted->one === $this->one),
            $wanted->kind === Kind::Several => $this->kind === Kind::Several && ($this->of === null || $wanted->of === null || $this->of->fits($wanted->of)),
            default => $this->kind === $wanted->kind,
        };
    }

    public function comparesWith(self $other): bool
    {
        return $this->fits($other) || $other->fits($this);
    }

    /** The type that holds both, as in `a ? b : c`. */
    public function joined(self $other): self
    {
        return match (true) {
            $this->kind === Kind::Nothing => $other,
            $other->fits($this) => $this,
            $this->fits($other) => $other,
            default => self::of(Kind::Any),
        };
    }

    public function inWords(): string
    {
        return match (true) {
            $this->kind === Kind::Row && $this->one !== '' => (Pattern::match('/^[aeiou]/i', $this->one) ? 'an ' : 'a ').$this->one,
            $this->kind === Kind::Money && $this->one !== '' => "money in $this->one",
            $this->kind === Kind::Several && $this->of?->kind === Kind::Row => 'several rows of '.$this->of->one,
            default => $this->kind->value,
        };
    }
}
