<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Access\Rights;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Term;
use Lanai\Core\Text\Pattern;

/** Why a list is empty: the rows before each part of its condition, and the part that removed the last ones. */
final readonly class EmptyAccount implements \JsonSerializable
{
    /** @param  list<array{part: string, before: int, after: int}>  $parts */
    private function __construct(public string $sentence, public int $rows, public array $parts)
    {
    }

    public static function of(Scene $scene, Table $table, string $where, ?Term $also, Narrowing $narrowing): self
    {
        $count = $scene->count($table, '', $also);
        if ($count === 0) {
            $hidden = $scene->store->whole()->count(new Query($table, $also));
            $rights = Rights::over($scene->store);
            if ($hidden > 0 && $rights !== null) {
                $who = $rights->me === null ? 'somebody who has not signed in' : $rights->me->label();
                $whos = $rights->rules->of(Verb::See, $table);

                return new self(
                    "$table->name has ".
                        self::rows($hidden).
                        " here, but $who may see none: ".
                        ($rights->rules->isSaid(Verb::See, $table)
                            ? 'they may be seen by '.$rights->rules->inWords($whos, $table).'.'
                            : 'nothing says who may see them.'),
                    $hidden,
                    [],
                );
            }

            return new self($also === null ? "$table->name has no rows yet." : "No $table->name are linked with it.", 0, []);
        }
        $parts = [];
        $left = $count;
        $said = '';
        foreach (self::parts($where) as $part) {
            try {
                Formula::of($part);
            } catch (FormulaMistake $mistake) {
                return new self("The condition cannot be computed: {$mistake->getMessage()}", $count, $parts);
            }
            $said = $said === '' ? $part : "($said) and ($part)";
            $parts[] = ['part' => $part, 'before' => $left, 'after' => ($after = $scene->count($table, $said, $also))];
            if ($after === 0) {
                return new self(
                    "$table->name has ".self::rows($count).", but “{$part}” is not true for ".self::those($left, $count).'.',
                    $count,
                    $parts,
                );
            }
            $left = $after;
        }
        foreach ($narrowing->conditions as $chosen => $condition) {
            $also = Term::every($also, $condition);
            $parts[] = ['part' => $chosen, 'before' => $left, 'after' => ($after = $scene->count($table, $where, $also))];
            if ($after === 0) {
                return new self(
                    "$table->name has ".
                        self::rows($count).
                        ", but “{$chosen}”, which was chosen above the list, fits none of ".
                        self::those($left, $count, false).
                        '.',
                    $count,
                    $parts,
                );
            }
            $left = $after;
        }
        if ($narrowing->search !== '') {
            $parts[] = [
                'part' => "search: $narrowing->search",
                'before' => $left,
                'after' => ($after = $scene->count($table, $where, $also, $narrowing->search)),
            ];
            if ($after === 0) {
                return new self(
                    "$table->name has ".
                        self::rows($count).
                        ", but the words “{$narrowing->search}”, which were searched for, are in none of ".
                        self::those($left, $count, false).
                        '.',
                    $count,
                    $parts,
                );
            }
            $left = $after;
        }

        return new self("The list is not empty: it shows $left of $count rows.", $count, $parts);
    }

    private static function rows(int $count): string
    {
        return $count === 1 ? '1 row' : "$count rows";
    }

    /** The rows that were there before something left none. */
    private static function those(int $left, int $all, bool $every = true): string
    {
        $those = match (true) {
            $left === 1 => 'the one row',
            $every => "all $left rows",
            default => "the $left rows",
        };

        return $those.match (true) {
            $left === $all => '',
            $left === 1 => ' that was left',
            default => ' that were left',
        };
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
        foreach (Pattern::split('/("[^"]*"|\'[^\']*\'|[()\[\]]|\s+and\s+|\s+or\s+|\?)/', $where, -1, PREG_SPLIT_DELIM_CAPTURE) as $piece) {
            $depth += match ($piece) {
                '(', '[' => 1,
                ')', ']' => -1,
                default => 0,
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
