<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Access\Rules;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Model\Access\InRole;
use Lanai\Core\Model\Access\Nobody;
use Lanai\Core\Model\Access\Themselves;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\EmailType;
use Lanai\Core\Model\FieldTypes\PhoneType;
use Lanai\Core\Model\Piece;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use Symfony\Component\ExpressionLanguage\Node;

/** A line that would show the e-mail address or the phone number of one person to others. */
final class AddressShown implements OfOneScreen
{
    public function holds(): string
    {
        return 'No line shows somebody’s address to others.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        $people = $reading->blueprint->peopleTable();
        if ($people === null) {
            return;
        }
        $rules = new Rules($reading->blueprint);
        foreach ($reading->walk()->blanks as $blank) {
            if (! ($blank->blank->fit instanceof FormulaFit) && ! ($blank->blank->fit instanceof TextFit && ! $blank->blank->fit->plain)) {
                continue;
            }
            if ($blank->node->within(Screen::class) === null && $blank->node->within(Piece::class) === null) {
                continue;
            }
            try {
                $formulas =
                    match (true) {
                        $blank->blank->fit instanceof FormulaFit && $blank->text() === '' => [],
                        $blank->blank->fit instanceof FormulaFit => [Formula::of($blank->text())],
                        default => Template::of($blank->text())->formulas(),
                    };
                foreach ($formulas as $formula) {
                    $field = self::address($formula->tree, $people, $blank->scope);
                    if ($field !== null && self::isOpen($rules, $people, $field)) {
                        $i = (int) array_search($people, $reading->blueprint->tables, true);
                        $permission = ['verb' => Verb::See->value, 'who' => ['kind' => 'themselves'], 'fields' => [$field->name]];
                        yield Finding::blocking(
                            self::class,
                            $blank->at,
                            "This shows the $field->name of one $people->singular to others.",
                            Mend::put(
                                "Only the person themselves sees their $field->name",
                                $people->access === [] ? "/tables/$i/access" : "/tables/$i/access/-",
                                $people->access === [] ? [$permission] : $permission,
                            ),
                        );
                    }
                }
            } catch (FormulaMistake) {
                continue;
            }
        }
    }

    private static function isOpen(Rules $rules, Table $people, Field $field): bool
    {
        $whos = $rules->ofField(Verb::See, $people, $field);

        return $whos === null ||
            array_filter($whos, fn (Who $w): bool => ! ($w instanceof Themselves) && ! ($w instanceof Nobody) && ! ($w instanceof InRole)) !== [];
    }

    /** The field of somebody else's address that a formula reads; null for none. */
    private static function address(Node\Node $node, Table $people, Scope $scope): ?Field
    {
        $name = null;
        if ($node instanceof Node\GetAttrNode) {
            $owner = Tree::child($node, 'node');
            if (! ($owner instanceof Node\NameNode && Tree::name($owner) === 'me')) {
                $type = self::typeOf($owner, $scope);
                $one = $type?->kind === Kind::Several ? $type->of : $type;
                $name = $one?->kind === Kind::Row && mb_strtolower($one->one) === mb_strtolower($people->singular) ? Tree::member($node) : null;
            }
        } elseif ($node instanceof Node\NameNode && $scope->row === $people) {
            $name = Tree::name($node);
        }
        $field = $name === null ? null : $people->fieldInFormula($name);
        if ($field !== null && ($field->type instanceof EmailType || $field->type instanceof PhoneType)) {
            return $field;
        }
        foreach (Tree::nodes($node->nodes) as $inner) {
            $found = self::address($inner, $people, $scope);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    private static function typeOf(Node\Node $node, Scope $scope): ?Type
    {
        try {
            return Formula::fromTree($node)->typeIn($scope);
        } catch (FormulaMistake) {
            return null;
        }
    }
}
