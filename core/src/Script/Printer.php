<?php

declare(strict_types=1);

namespace Lanai\Core\Script;

use Lanai\Core\Blueprint\Blueprint;

/** The whole app as text. */
final class Printer
{
    /** @param  array<string, mixed>  $data a blueprint's data */
    public static function print(array $data): string
    {
        $text = '';
        foreach (Prose::of($data, Blueprint::class, flat: true) as $i => $line) {
            $text .= ($i > 0 && $line->indent === 0 ? "\n" : '').$line->text()."\n";
        }

        return $text;
    }

    /**
     * One node and what is under it.
     *
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $class
     */
    public static function node(array $data, string $class): string
    {
        return implode("\n", array_map(fn (ProseLine $line): string => $line->text(), Prose::of($data, $class)));
    }
}
