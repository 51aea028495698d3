<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Access\Verb;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Query;
use Lanai\Core\Data\Row;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Term;

/** Why a list is empty: the rows before each part of its condition, and the part that removed the last ones. */
final readonly class EmptyAccount implements \JsonSerializable
{
    /** @param  list<array{part: string, before: int, after: int}>  $parts */
    private function __construct(public string $sentence, public int $rows, public array $parts)
    {
    }

    public static function of(Scene $scene, Table $table, string $where, ?Term $also = null): self
    {
        $rows = $scene->store->rows(new Query($table, $also, limit: Scene::BOUND));
        $count = count($rows);
        if ($count === 0) {
            $hidden = count($scene->store->whole()->rows(new Query($table, $also, limit: Scene::BOUND)));
            $rights = $scene->store->rights();
            if ($hidden > 0 && $rights !== null) {
                $who = $rights->me === null ? 'somebody who has not signed in' : $rights->me->label();

                return new self("$table->name has $hidden ".($hidden === 1 ? 'row' : 'rows')." here, but $who may see none: they may be seen by ".$rights->rules->inWords($rights->rules->of(Verb::See, $table), $table).'.', $hidden, []);
            }

            return new self($also === null ? "$table->name has no rows yet." : "No $table->name are linked with it.", 0, []);
        }
        $parts = [];
        foreach (self::parts($where) as $part) {
            $before = count($rows);
            try {
                $formula = Formula::of($part);
                $rows = array_filter($rows, fn (Row $row): bool => $scene->inRow($row)->evaluation()->yes($formula));
            } catch (FormulaMistake $mistake) {
                return new self("The condition cannot be computed: {$mistake->getMessage()}", $count, $parts);
            }
            $parts[] = ['part' => $part, 'before' => $before, 'after' => count($rows)];
            if ($rows === []) {
                $others = $before === 1 ? 'the one row' : "all $before rows";

                return new self("$table->name has $count ".($count === 1 ? 'row' : 'rows').", but “{$part}” is not true for $others".($before === $count ? '.' : ($before === 1 ? ' that was left.' : ' that were left.')), $count, $parts);
            }
        }

        return new self('The list is not empty: it shows '.count($rows).' of '.$count.' rows.', $count, $parts);
    }

    /** @return array{sentence: string, rows: int, parts: list<array{part: string, before: int, after: int}>} */
    public function jsonSerialize(): array
    {
        return ['sentence' => $this->sentence, 'rows' => $this->rows, 'parts' => $this->parts];
    }

    /** @return list<string> the parts joined by "and" at the top level */
    private static function parts(string $where): array
    {
        if (trim($where) === '') {
            return [];
        }
        $parts = [''];
        $depth = 0;
        foreach (preg_split('/("[^"]*"|\'[^\']*\'|[()\[\]]|\s+and\s+|\s+or\s+|\?)/', $where, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $piece) {
            $depth += match ($piece) {
                '(', '[' => 1, ')', ']' => -1, default => 0
            };
            if ($depth === 0 && trim($piece) === 'and') {
                $parts[] = '';
            } elseif ($depth === 0 && (trim($piece) === 'or' || $piece === '?')) {
                return [trim($where)];
            } else {
                $parts[count($parts) - 1] .= $piece;
            }
        }

        return array_map(trim(...), $parts);
    }
}
