<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Term;
use Symfony\Component\ExpressionLanguage\Node;

/** Splits a condition on rows into what a query can decide and what stays for PHP: parts joined by "and" go apart. */
final class Conditions
{
    /**
     * @param  Evaluation  $outer  evaluates names that do not depend on the row
     * @return array{Term|null, bool} the part for the query, and whether the formula must still be evaluated on each row
     */
    public static function of(Formula $formula, Table $table, Blueprint $blueprint, Evaluation $outer): array
    {
        $found = [];
        $whole = true;
        foreach (self::conjuncts($formula->tree) as $part) {
            $term = Terms::ofNode($part, $table, $blueprint, $outer);
            if ($term === null) {
                $whole = false;
            } else {
                $found[] = $term;
            }
        }

        return [$found === [] ? null : Term::all(...$found), ! $whole];
    }

    /** @return list<Node\Node> */
    public static function conjuncts(Node\Node $node): array
    {
        if ($node instanceof Node\BinaryNode && in_array(Tree::operator($node), ['and', '&&'], true)) {
            return [...self::conjuncts(Tree::child($node, 'left')), ...self::conjuncts(Tree::child($node, 'right'))];
        }

        return [$node];
    }
}
