<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Text\Pattern;

/** Reads *strong* and _slanted_ words of a text. A mark counts only where it closes again in the same line. */
final class Emphasis
{
    /** @return list<array{text: string, strong: bool, slanted: bool}> */
    public static function runs(string $text): array
    {
        $runs = [];
        foreach (
            Pattern::split(
                '/(?<![\w*])(\*[^\s*](?:[^*\n]*[^\s*])?\*)(?![\w*])|(?<![\w_])(_[^\s_](?:[^_\n]*[^\s_])?_)(?![\w_])/u',
                $text,
                -1,
                PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY,
            ) as $piece
        ) {
            $mark = strlen($piece) > 2 && $piece[0] === substr($piece, -1) ? $piece[0] : '';
            $runs[] = match ($mark) {
                '*' => ['text' => substr($piece, 1, -1), 'strong' => true, 'slanted' => false],
                '_' => ['text' => substr($piece, 1, -1), 'strong' => false, 'slanted' => true],
                default => ['text' => $piece, 'strong' => false, 'slanted' => false],
            };
        }

        return $runs;
    }
}
