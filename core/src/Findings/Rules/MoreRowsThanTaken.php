<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Effects\Ask;
use Lanai\Core\Effects\ChangeAll;
use Lanai\Core\Effects\DoForEach;
use Lanai\Core\Effects\RemoveAll;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Prose;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Lines\Repeat;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Shape;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Scene;
use Lanai\Core\Query\Pairs;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Budget;
use Lanai\Core\Rows\Conditions;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\NoRows;
use Lanai\Core\Rows\Terms;
use Symfony\Component\ExpressionLanguage\Node\FunctionNode;
use Symfony\Component\ExpressionLanguage\Node\NameNode;
use Symfony\Component\ExpressionLanguage\Node\Node;

/** What meets a table that has grown beyond what it can take: it says so when it happens, and here before. */
final class MoreRowsThanTaken implements OfOneScreen
{
    private const CHANGED = 'One tap changes at most %1$s %2$s. There are %3$s: if it meets more than it can, it says so and changes none of them.';

    private const REPEATED = 'Only the first %1$s %2$s are repeated here, of %3$s. A list shows all of them, as far as somebody scrolls.';

    private const COMPUTED =
        'This is computed row by row, over at most %1$s %2$s. There are %3$s, so the screen only says that there are too many. '.
        'Compare fields of the table with values, so that the data can answer.';

    private const PAIRS =
        'This compares about %s pairs of rows with one another, so the screen only says that there are too many. '.
        'Look rows up by a field that must be like another one (==), or choose fewer rows first.';

    private const PICKED =
        'Only the first %1$s of %3$s %2$s can be picked in this question. Ask for it by an input on the screen: there the others are searched for.';

    public function holds(): string
    {
        return 'Every tap, form and figure can take as many rows as there are.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        if ($reading->rows === [] || max($reading->rows) <= min(Repeat::MOST, Scene::CHOICES)) {
            return;
        }
        foreach ([ChangeAll::class, RemoveAll::class, DoForEach::class] as $class) {
            foreach ($reading->nodesOf($class) as $spot) {
                yield from self::beyond($reading, self::tableOf($spot->text('rows'), $spot->scope), "$spot->at/rows", Budget::WRITES, self::CHANGED);
            }
        }
        foreach ($reading->nodesOf(Repeat::class) as $spot) {
            yield from self::beyond($reading, self::tableOf($spot->text('of'), $spot->scope), "$spot->at/of", Repeat::MOST, self::REPEATED);
        }
        // A box on the screen searches among all rows; a question does not.
        foreach ($reading->nodesOf(Ask::class) as $spot) {
            $type = is_array($spot->data['type'] ?? null) ? Shape::make(FieldType::class, Prose::node($spot->data['type']))->type() : null;
            yield from self::beyond($reading, $reading->blueprint->tableOfOne(($type->of ?? $type)->one ?? ''), $spot->at, Scene::CHOICES, self::PICKED);
        }
        foreach ($reading->walk()->blanks as $spot) {
            $tables = [];
            $pairs = 0.0;
            foreach (self::overRows($spot) as [$table, $term]) {
                if ($term === null) {
                    $tables[$table->name] = $table;
                }
                $pairs = max($pairs, $term === null ? 0.0 : Pairs::of('', [$term], fn (string $stored): int => $reading->rows[$stored] ?? 0));
            }
            foreach ($tables as $table) {
                yield from self::beyond($reading, $table, $spot->at, Budget::ROWS, self::COMPUTED);
            }
            $pairs = max($pairs, self::inCondition($spot, $reading));
            if ($pairs > Pairs::MOST) {
                yield Finding::warning(self::class, $spot->at, sprintf(self::PAIRS, Pairs::words($pairs)));
            }
        }
    }

    /** @return iterable<Finding> */
    private static function beyond(Reading $reading, ?Table $table, string $at, int $most, string $says): iterable
    {
        $rows = $table === null ? 0 : $reading->rows[$table->storedAs()] ?? 0;
        if ($table !== null && $rows > $most) {
            yield Finding::warning(self::class, $at, sprintf($says, number_format($most), $table->name, number_format($rows)));
        }
    }

    /** The table that a formula begins at, such as in where(bookings, open); null where it begins at a row that is at hand. */
    private static function tableOf(string $formula, Scope $scope): ?Table
    {
        try {
            return trim($formula) === '' ? null : self::begins(Formula::of($formula)->tree, $scope);
        } catch (FormulaMistake) {
            return null;
        }
    }

    private static function begins(Node $node, Scope $scope): ?Table
    {
        while ($node instanceof FunctionNode) {
            $node = Tree::arguments($node)[0] ?? null;
        }
        $name = $node instanceof NameNode ? Tree::name($node) : '';
        $type = $name === '' ? null : $scope->typeOf($name);
        $atHand = isset($scope->names[$name]) || ($scope->row !== null && isset(Blueprint::in($scope)->partsOf($scope->row)[$name]));

        return $type === null || $atHand ? null : Blueprint::in($scope)->tableOfOne($type->of->one ?? '');
    }

    /** How many pairs of rows the condition of a list compares. */
    private static function inCondition(BlankSpot $spot, Reading $reading): float
    {
        $table = $spot->node->is(ListLine::class) && $spot->at === "{$spot->node->at}/where" ? $reading->blueprint->table($spot->node->text('table')) : null;
        if ($table === null || $spot->isEmpty()) {
            return 0;
        }
        try {
            [$term] = Conditions::of(Formula::of($spot->text()), $table, $reading->blueprint, self::nobody($spot->scope));
        } catch (FormulaMistake) {
            return 0;
        }

        return $term === null ? 0 : Pairs::of($table->storedAs(), [$term], fn (string $stored): int => $reading->rows[$stored] ?? 0);
    }

    /** @return iterable<array{Table, Term|null}> what a formula of this blank asks of the rows of a table; null where no query can say it */
    private static function overRows(BlankSpot $spot): iterable
    {
        $fit = $spot->blank->fit;
        if ($spot->isEmpty() || $spot->scope->lost || ! ($fit instanceof FormulaFit || ($fit instanceof TextFit && ! $fit->plain))) {
            return;
        }
        try {
            foreach ($fit instanceof FormulaFit ? [Formula::of($spot->text())] : Template::of($spot->text())->formulas() as $formula) {
                yield from self::within($formula->tree, $spot->scope);
            }
        } catch (FormulaMistake) {
            // Another finding tells it.
        }
    }

    /** Reads formulas where nothing is known of who looks and of what is at hand. */
    private static function nobody(Scope $scope): Evaluation
    {
        $names = array_fill_keys(array_keys([...$scope->names, ...$scope->row === null ? [] : Blueprint::in($scope)->partsOf($scope->row)]), null);

        return new Evaluation(
            new Moment(new DateTimeImmutable('@0'), new DateTimeZone('UTC')),
            new NoRows(),
            $names + ['me' => null],
            array_fill_keys(array_keys($scope->inputs), null),
        );
    }

    /** @return iterable<array{Table, Term|null}> */
    private static function within(Node $node, Scope $scope): iterable
    {
        $table = $node instanceof FunctionNode && in_array(Tree::name($node), Terms::OVER_ROWS, true) ? self::begins($node, $scope) : null;
        if ($node instanceof FunctionNode && $table !== null) {
            try {
                yield [$table, Terms::overRows($node, Blueprint::in($scope), self::nobody($scope))];
            } catch (FormulaMistake) {
                // What it needs is known on the phone only.
            }

            return;
        }
        foreach ($node->nodes as $inner) {
            if ($inner instanceof Node) {
                yield from self::within($inner, $scope);
            }
        }
    }
}
