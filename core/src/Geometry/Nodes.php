<?php

declare(strict_types=1);

namespace Lanai\Core\Geometry;

/** Reads nodes of a view tree. */
final class Nodes
{
    /** @return list<array<string, mixed>> */
    public static function of(mixed $nodes, bool $ofKinds = true): array
    {
        $found = [];
        foreach (self::list($nodes) as $node) {
            $plain = [];
            foreach (is_array($node) ? $node : [] as $key => $value) {
                $plain[(string) $key] = $value;
            }
            if (is_array($node) && (! $ofKinds || is_string($plain['kind'] ?? null))) {
                $found[] = $plain;
            }
        }

        return $found;
    }

    /** @return list<mixed> */
    public static function list(mixed $value): array
    {
        return is_array($value) ? array_values($value) : [];
    }

    /** @param  array<string, mixed>  $node */
    public static function text(array $node, string $key): string
    {
        return is_string($node[$key] ?? null) ? $node[$key] : '';
    }

    /** @param  array<string, mixed>  $node */
    public static function placing(array $node, string $key): string
    {
        $placing = is_array($node['placing'] ?? null) ? $node['placing'] : [];

        return is_scalar($placing[$key] ?? null) ? (string) $placing[$key] : '';
    }
}
