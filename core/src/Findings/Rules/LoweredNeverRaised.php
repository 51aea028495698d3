<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\AddRow;
use Lanai\Core\Effects\LowerNumber;
use Lanai\Core\Effects\RaiseNumber;
use Lanai\Core\Effects\RemoveRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Gathers;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Assignment;
use Lanai\Core\Text\Article;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/**
 * A number that goes down when a row is added (a place is booked) and does not go up when such a row is removed (the booking
 * is cancelled), so that it runs out with time.
 *
 * @implements Gathers<array{lowers?: array{table: string, owner: string, field: string, number: string, by: string}, removes?: array{table: string,
 *   at: string, row: string, back: list<string>}}>
 */
final class LoweredNeverRaised implements Gathers
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
        return $this->judge($this->gather($reading), $reading);
    }

    public function gather(Reading $part): array
    {
        $added = self::byTap($part->nodesOf(AddRow::class));
        $facts = [];
        foreach ($added === [] ? [] : $part->nodesOf(LowerNumber::class) as $lowered) {
            foreach ($added[self::tap($lowered->at)] ?? [] as $add) {
                $table = $part->blueprint->tableOfOne($add->text('one'));
                [$owner, $field] = $table === null ? [null, ''] : self::number($lowered, $part);
                if ($table !== null && $owner !== null) {
                    $facts[] = [
                        'lowers' => [
                            'table' => $table->name,
                            'owner' => $owner->name,
                            'field' => $field,
                            'number' => $lowered->text('number'),
                            'by' => $lowered->text('by'),
                        ],
                    ];
                }
            }
        }
        $removed = $part->nodesOf(RemoveRow::class);
        $back = $removed === [] ? [] : self::byTap([...$part->nodesOf(RaiseNumber::class), ...$part->nodesOf(Assignment::class)]);
        foreach ($removed as $one) {
            $table = self::removes($one, $part);
            if ($table !== null) {
                $facts[] = [
                    'removes' => [
                        'table' => $table->name,
                        'at' => $one->at,
                        'row' => $one->text('row'),
                        'back' => self::givenBack($back[self::tap($one->at)] ?? [], $part),
                    ],
                ];
            }
        }

        return $facts;
    }

    public function judge(array $facts, Reading $reading): iterable
    {
        $lowered = array_values(array_unique(array_column($facts, 'lowers'), SORT_REGULAR));
        $removed = array_column($facts, 'removes');
        foreach ($lowered as $lowers) {
            $table = $reading->blueprint->table($lowers['table']);
            $owner = $reading->blueprint->table($lowers['owner']);
            $link = $table === null || $owner === null ? '' : self::linkTo($table, $owner);
            foreach ($link === '' ? [] : $removed as $one) {
                if ($one['table'] !== $lowers['table'] || in_array("{$lowers['owner']}/{$lowers['field']}", $one['back'], true)) {
                    continue;
                }
                $path = "{$one['row']}.$link.{$lowers['field']}";
                yield Finding::warning(
                    self::class,
                    $one['at'],
                    'Adding '.Article::with((string) $table?->singular)
                        ." lowers {$lowers['number']}, but removing one here does not raise it again, so it runs out with time.",
                    new Mend("Raise $path again", [
                        ['op' => 'add', 'path' => $one['at'], 'value' => ['kind' => 'raise', 'number' => $path, 'by' => $lowers['by']]],
                    ]),
                );
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
        $table = match (true) {
            $type === null => Table::known($spot->scope->row),
            $type->kind === Kind::Row => $reading->blueprint->tableOfOne($type->one),
            default => null,
        };

        return [$table?->fieldInFormula($field) === null ? null : $table, $field];
    }

    /**
     * @param  list<NodeSpot>  $spots
     * @return array<string, list<NodeSpot>> by the tap among whose effects they stand
     */
    private static function byTap(array $spots): array
    {
        $taps = [];
        foreach ($spots as $spot) {
            $taps[self::tap($spot->at)][] = $spot;
        }

        return $taps;
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

    /** The table whose row is removed; null where that cannot be told. */
    private static function removes(NodeSpot $spot, Reading $reading): ?Table
    {
        try {
            return $reading->blueprint->tableOfOne(Formula::of($spot->text('row'))->typeIn($spot->scope)->one);
        } catch (FormulaMistake) {
            return null;
        }
    }

    /**
     * The numbers that are raised by name, or set by hand in a way that names the field.
     *
     * @param  list<NodeSpot>  $beside  what raises or sets values in the same tap
     * @return list<string> table/field as formulas call it
     */
    private static function givenBack(array $beside, Reading $reading): array
    {
        $back = [];
        foreach ($beside as $spot) {
            [$table, $field] = $spot->is(RaiseNumber::class)
                ? self::number($spot, $reading)
                : [Table::known($spot->scope->target), Names::inFormula($spot->text('field'))];
            $back[] = "$table?->name/$field";
        }

        return $back;
    }
}
