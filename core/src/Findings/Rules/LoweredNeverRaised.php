<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Blueprint\Pointer;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Effects\AddRow;
use Lanai\Core\Effects\LowerNumber;
use Lanai\Core\Effects\RaiseNumber;
use Lanai\Core\Effects\RemoveRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Assignment;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\NodeSpot;
use Lanai\Core\Text\Pattern;

/**
 * A number that goes down when a row is added (a place is booked) and does not go up when such a row is removed (the booking
 * is cancelled), so that it runs out with time.
 */
final class LoweredNeverRaised implements Rule
{
    public function holds(): string
    {
        return 'What a booking takes, a cancellation gives back.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->walk->nodesOf(LowerNumber::class) as $lowered) {
            [$owner, $field] = self::number($lowered, $reading);
            if ($owner === null) {
                continue;
            }
            foreach (self::beside($lowered, $reading->walk->nodesOf(AddRow::class)) as $added) {
                $table = $reading->blueprint->tableOfOne($added->text('one'));
                if ($table === null) {
                    continue;
                }
                $link = self::linkTo($table, $owner);
                foreach ($link === '' ? [] : $reading->walk->nodesOf(RemoveRow::class) as $removed) {
                    if (self::removes($removed, $table) && ! self::givesBack($removed, $owner, $field, $reading)) {
                        $path = "{$removed->text('row')}.$link.$field";
                        yield Finding::warning(self::class, $removed->at, "Adding a $table->singular lowers {$lowered->text('number')}, but removing one here does not raise it again, so it runs out with time.",
                            new Mend("Raise $path again", [['op' => 'add', 'path' => Pointer::parent($removed->at).'/'.Pointer::last($removed->at), 'value' => ['kind' => 'raise', 'number' => $path, 'by' => $lowered->text('by')]]]));
                    }
                }
            }
        }
    }

    /** @return array{Table|null, string} the table of the row whose number it is, and the field as formulas call it */
    private static function number(NodeSpot $spot, Reading $reading): array
    {
        $parts = explode('.', $spot->text('number'));
        $field = array_pop($parts);
        try {
            $type = $parts === [] ? null : Formula::of(implode('.', $parts))->typeIn($spot->scope);
        } catch (FormulaMistake) {
            return [null, ''];
        }
        $table = $type === null ? $spot->scope->row : ($type->kind === Kind::Row ? $reading->blueprint->tableOfOne($type->one) : null);

        return [$table?->fieldInFormula($field) === null ? null : $table, $field];
    }

    /**
     * @param  list<NodeSpot>  $others
     * @return list<NodeSpot> those among the effects of the same tap
     */
    private static function beside(NodeSpot $spot, array $others): array
    {
        $tap = self::tap($spot->at);

        return array_values(array_filter($others, fn (NodeSpot $o): bool => str_starts_with($o->at, $tap)));
    }

    private static function tap(string $at): string
    {
        return Pattern::match('~^.*?/(?:tapped|saved|does)/~', $at, $found) ? $found[0] : $at;
    }

    private static function linkTo(Table $table, Table $owner): string
    {
        foreach ($table->fields as $field) {
            if (mb_strtolower($field->linksTo()) === mb_strtolower($owner->singular)) {
                return Names::inFormula($field->name);
            }
        }

        return '';
    }

    private static function removes(NodeSpot $spot, Table $table): bool
    {
        try {
            return mb_strtolower(Formula::of($spot->text('row'))->typeIn($spot->scope)->one) === mb_strtolower($table->singular);
        } catch (FormulaMistake) {
            return false;
        }
    }

    /** Raised by name, or set by hand in a way that names the field. */
    private static function givesBack(NodeSpot $removed, Table $owner, string $field, Reading $reading): bool
    {
        foreach (self::beside($removed, $reading->walk->nodesOf(RaiseNumber::class)) as $raised) {
            if (self::number($raised, $reading) === [$owner, $field]) {
                return true;
            }
        }

        return array_filter(self::beside($removed, $reading->walk->nodesOf(Assignment::class)), fn (NodeSpot $a): bool => $a->scope->target === $owner && Names::inFormula($a->text('field')) === $field) !== [];
    }
}
