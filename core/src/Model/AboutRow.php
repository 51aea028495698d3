<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Text\Names;

/** A row that a screen is about; formulas on it say "swim" for one Swim. */
final readonly class AboutRow implements AnyParameter, HasSentence
{
    public function __construct(public string $one)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('one', new Blank('one', TableFit::singular()));
    }

    public function key(Blueprint $blueprint): string
    {
        return Names::inFormula($blueprint->tableOfOne($this->one)->singular ?? $this->one);
    }

    public function called(): string
    {
        return $this->one;
    }

    public function type(): Type
    {
        return Type::row($this->one);
    }

    public function mayBeEmpty(): bool
    {
        return false;
    }

    public function read(int|string $argument): ?int
    {
        return is_numeric($argument) ? (int) $argument : null;
    }

    public function argument(mixed $value): int
    {
        return $value instanceof Row ? $value->id : 0;
    }
}
