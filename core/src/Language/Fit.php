<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Lanai\Core\Formula\Scope;

/** What can stand in a blank: how it is written, read, offered and judged. */
interface Fit
{
    /** One of: name, table, row, field, screen, formula, text, choice, number, colour, line. The studio picks its editor by it. */
    public function kind(): string;

    /** Plain words for messages: "a table", "a formula that gives yes or no". */
    public function inWords(Scope $scope): string;

    /** @param  list<string>  $stops words that end a formula here */
    public function print(mixed $value, array $stops): string;

    /**
     * Reads the value at the cursor; null (and the cursor's account of what was expected) where it does not stand there.
     *
     * @param  list<string>  $stops
     */
    public function read(Cursor $cursor, array $stops): mixed;

    /** @return list<Choice> what can be picked now */
    public function choices(Scope $scope): array;
}
