<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** Nodes as text. */
final class Printer
{
    /**
     * What holds all the rest, with all that is under it and as far to the left.
     *
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $root
     */
    public static function print(array $data, string $root): string
    {
        $text = '';
        foreach (Prose::of($data, $root, flat: true) as $i => $line) {
            $text .= ($i > 0 && $line->indent === 0 ? "\n" : '').$line->text()."\n";
        }

        return $text;
    }

    /**
     * The members of the root's lists as they are written, so that a parser need not read them again.
     *
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $root
     * @return array<string, array<string, mixed>> as written => data
     */
    public static function known(array $data, string $root): array
    {
        $known = [];
        foreach (Sentences::of($root)->below as $below) {
            if (! $below instanceof Children) {
                continue;
            }
            foreach (Prose::nodes($data[$below->key] ?? []) as $item) {
                $known[self::node($item, $below->family->classOf($item))] = $item;
            }
        }

        return $known;
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
