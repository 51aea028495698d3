<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** A place in the script that could not be read, with what would have fitted there. */
final class ScriptMistake extends \DomainException
{
    /**
     * @param  int  $scriptLine  from 1
     * @param  int  $column  from 1, in characters
     * @param  list<string>  $expected  plain words for what fits here
     */
    public function __construct(
        public readonly int $scriptLine,
        public readonly int $column,
        public readonly array $expected,
        public readonly string $found = '',
    ) {
        $what = count($expected) > 1
            ? implode(', ', array_slice($expected, 0, -1)).' or '.$expected[count($expected) - 1]
            : ($expected[0] ?? 'something else');
        $seen = $found === '' ? 'the line ends' : '“'.mb_substr($found, 0, 40).'” stands there';
        parent::__construct("Line $scriptLine, column $column: expected $what, but $seen.");
    }
}
