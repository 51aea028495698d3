<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Type;

/** Something that a screen, a piece or a routine is given. An argument is how it stands in the address of a screen: an id or a text. */
interface AnyParameter
{
    /** What it is called in formulas. */
    public function key(Blueprint $blueprint): string;

    /** What it is called in sentences. */
    public function called(): string;

    public function type(): Type;

    /** False for what must be there: the row that a screen is about. */
    public function mayBeEmpty(): bool;

    /**
     * The value from an argument; a row by its id.
     *
     * @throws UnreadableValue
     */
    public function read(int|string $argument): mixed;

    public function argument(mixed $value): int|string;
}
