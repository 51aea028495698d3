<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Symfony\Component\ExpressionLanguage\Node;

/** Reads the parts of a parsed formula's nodes, whose own properties are untyped. */
final class Tree
{
    public static function child(Node\Node $node, string $key): Node\Node
    {
        $child = $node->nodes[$key] ?? null;

        return $child instanceof Node\Node ? $child : throw new FormulaMistake('This kind of formula is not known here.');
    }

    public static function name(Node\Node $node): string
    {
        return self::attribute($node, 'name');
    }

    public static function operator(Node\Node $node): string
    {
        return self::attribute($node, 'operator');
    }

    /** True for a name, or a path that begins with it. */
    public static function beginsWith(Node\Node $node, string $name): bool
    {
        return $node instanceof Node\NameNode
            ? self::name($node) === $name
            : $node instanceof Node\GetAttrNode && self::beginsWith(self::child($node, 'node'), $name);
    }

    /** The word after the dot. */
    public static function member(Node\GetAttrNode $node): string
    {
        return self::attribute(self::child($node, 'attribute'), 'value');
    }

    /** @return list<Node\Node> the arguments of a call */
    public static function arguments(Node\FunctionNode $node): array
    {
        return self::nodes(self::child($node, 'arguments')->nodes);
    }

    /** @return list<Node\Node> the values of [a, b] */
    public static function items(Node\ArrayNode $node): array
    {
        $items = [];
        foreach (array_chunk(self::nodes($node->nodes), 2) as $pair) {
            $items[] = $pair[1] ?? throw new FormulaMistake('These values cannot be read.');
        }

        return $items;
    }

    /**
     * @param  array<array-key, mixed>  $nodes
     * @return list<Node\Node>
     */
    public static function nodes(array $nodes): array
    {
        return array_values(array_filter($nodes, fn (mixed $n): bool => $n instanceof Node\Node));
    }

    private static function attribute(Node\Node $node, string $key): string
    {
        $value = $node->attributes[$key] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }
}
