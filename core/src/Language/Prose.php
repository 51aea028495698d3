<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** Writes nodes as sentences broken into words and blanks. */
final class Prose
{
    /**
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $class
     * @param  bool  $flat  what is under it stands as far to the left
     * @param  bool  $asides  with the clauses that are no concern of who reads
     * @return list<ProseLine>
     */
    public static function of(array $data, string $class, string $at = '', int $indent = 0, bool $flat = false, bool $asides = true): array
    {
        $sentence = Sentences::of($class);
        $parts = self::parts($sentence->head, $sentence, $data, $at);
        $offers = [];
        foreach ($sentence->clauses as $clause) {
            if ($clause->aside && (! $asides || ! self::isSet($data, $clause->key))) {
                continue;
            }
            if (! self::isSet($data, $clause->key)) {
                $offers[] = [
                    'label' => $clause->label,
                    'at' => "$at/$clause->key",
                    'key' => $clause->key,
                    'kind' => $clause->flag !== null ? 'flag' : self::kindOf($clause->parts[0]),
                ];

                continue;
            }
            $parts[] = ProsePart::words(($clause->comma ? ', ' : '').$clause->lead);
            if ($clause->flag !== null) {
                continue;
            }
            array_push($parts, ...self::parts($clause->parts, $sentence, $data, $at, true));
        }
        foreach ($sentence->head as $part) {
            if (! ($part instanceof InlineNode)) {
                continue;
            }
            // What is written inside the sentence, such as a field's type, has clauses of its own.
            $inner = self::node($data[$part->key] ?? []);
            foreach (Sentences::of($part->family->classOf($inner))->clauses as $clause) {
                if (! self::isSet($inner, $clause->key)) {
                    $offers[] = [
                        'label' => $clause->label,
                        'at' => "$at/$part->key/$clause->key",
                        'key' => $clause->key,
                        'kind' => self::kindOf($clause->parts[0]),
                    ];
                }
            }
        }
        $under = [];
        $depth = $flat ? $indent : $indent + 1;
        foreach ($sentence->below as $below) {
            [$lines, $offer] = self::below($below, $data, $at, $depth, $asides);
            array_push($under, ...$lines);
            if ($offer !== null) {
                $offers[] = $offer;
            }
        }

        return [new ProseLine($at, $indent, $parts, $offers, 'node'), ...$under];
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array{list<ProseLine>, array{label: string, at: string, kind: string, key: string}|null}
     */
    private static function below(Below $below, array $data, string $at, int $depth, bool $asides): array
    {
        if ($below instanceof SubLine) {
            $key = $below->blank->key;
            if (! self::isSet($data, $key)) {
                return [[], ['label' => $below->label, 'at' => "$at/$key", 'key' => $key, 'kind' => $below->blank->fit->kind()]];
            }
            $parts = [ProsePart::words($below->lead), self::blank($below->blank, $data, $at, [], true)];

            return [[new ProseLine($at, $depth, $parts, [], 'part')], null];
        }
        if ($below instanceof One) {
            $inner = self::node($data[$below->key] ?? []);

            return [$inner === [] ? [] : self::of($inner, $below->class, "$at/$below->key", $depth, asides: $asides), null];
        }
        assert($below instanceof Block || $below instanceof Children);
        $lines = [];
        $items = self::nodes($data[$below->key] ?? []);
        foreach ($items as $i => $item) {
            array_push(
                $lines,
                ...self::of($item, $below->family->classOf($item), "$at/$below->key/$i", $depth + ($below instanceof Block ? 1 : 0), asides: $asides),
            );
        }
        if ($below instanceof Block && $items !== []) {
            array_unshift($lines, new ProseLine($at, $depth, [ProsePart::words($below->lead)], [self::growth($below, $at)], 'part'));
        }

        return [$lines, $below instanceof Children || $items === [] ? self::growth($below, $at) : null];
    }

    /** @return array{label: string, at: string, kind: string, key: string} */
    private static function growth(Block|Children $below, string $at): array
    {
        return ['label' => $below->label, 'at' => "$at/$below->key", 'key' => $below->key, 'kind' => 'line'];
    }

    /**
     * @param  list<Part>  $parts
     * @param  array<string, mixed>  $data
     * @return list<ProsePart>
     */
    private static function parts(array $parts, Sentence $sentence, array $data, string $at, bool $optional = false): array
    {
        $written = [];
        foreach ($parts as $i => $part) {
            if ($part instanceof Words) {
                $next = $parts[$i + 1] ?? null;
                $written[] = ProsePart::words($part->before($next instanceof Blank ? $data[$next->key] ?? null : null));
            } elseif ($part instanceof Blank) {
                $written[] = self::blank($part, $data, $at, Stops::after($parts, $i, $sentence), $optional);
            } elseif ($part instanceof InlineNode) {
                $inner = self::node($data[$part->key] ?? []);
                $class = Sentences::of($part->family->classOf($inner));
                $head = self::parts($class->head, $class, $inner, "$at/$part->key");
                if (isset($head[0]) && ! $head[0]->isBlank()) {
                    $head[0] = ProsePart::member("$at/$part->key", $head[0]->text);
                }
                array_push($written, ...$head);
                foreach ($class->clauses as $clause) {
                    if (self::isSet($inner, $clause->key)) {
                        $written[] = ProsePart::words(($clause->comma ? ', ' : '').$clause->lead);
                        array_push($written, ...self::parts($clause->parts, $class, $inner, "$at/$part->key", true));
                    }
                }
            } elseif ($part instanceof Series) {
                array_push($written, ...self::series($part, $data, $at, Stops::after($parts, $i, $sentence)));
            }
        }

        return $written;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  list<string>  $stops
     * @return list<ProsePart>
     */
    private static function series(Series $series, array $data, string $at, array $stops): array
    {
        $written = [];
        $items = is_array($data[$series->key] ?? null) ? array_values($data[$series->key]) : [];
        foreach ($items as $i => $item) {
            if ($i > 0) {
                $written[] = ProsePart::words($series->separator);
            }
            if ($series->item instanceof Fit) {
                $written[] = ProsePart::blank(
                    "$at/$series->key/$i",
                    new Blank($series->key, $series->item),
                    $series->item->print($item, $stops),
                    $item !== '',
                    true,
                );
            } else {
                $sentence = Sentences::of($series->item);
                array_push($written, ...self::parts($sentence->head, $sentence, self::node($item), "$at/$series->key/$i"));
            }
        }

        return $written;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  list<string>  $stops
     */
    private static function blank(Blank $blank, array $data, string $at, array $stops, bool $optional): ProsePart
    {
        $value = $data[$blank->key] ?? '';

        return ProsePart::blank("$at/$blank->key", $blank, $blank->fit->print($value, $stops), $value !== '', $optional);
    }

    private static function kindOf(Part $part): string
    {
        return match (true) {
            $part instanceof Blank => $part->fit->kind(),
            $part instanceof Series => $part->item instanceof Fit ? $part->item->kind() : 'series',
            default => 'text',
        };
    }

    /** @param  array<string, mixed>  $data */
    public static function isSet(array $data, string $key): bool
    {
        return array_key_exists($key, $data) && ! in_array($data[$key], [null, false, []], true);
    }

    /** @return array<string, mixed> */
    public static function node(mixed $value): array
    {
        $node = [];
        foreach (is_array($value) ? $value : [] as $key => $one) {
            $node[(string) $key] = $one;
        }

        return $node;
    }

    /** @return list<array<string, mixed>> */
    public static function nodes(mixed $value): array
    {
        return is_array($value) ? array_map(self::node(...), array_values($value)) : [];
    }
}
