<?php

declare(strict_types=1);

namespace App\Records;

use Lanai\Core\Model\Table;
use Lanai\Core\Storage\IndexKey;
use Lanai\Core\Storage\ListPlan;

/** Chooses the indexes of lists, by trial where there are many rows; what was found is kept until they have doubled. */
final class IndexChoice
{
    /** Where choices are kept, in the table of the data's shape. */
    public const KEPT = ' lists';

    /** So many seconds may be spent on trials at once; lists that are left have the first of their ways until the next time. */
    private const PATIENCE = 2.0;

    private float $spent = 0;

    /** @var array<string, int> list and size => the number of its alternative */
    private array $used = [];

    /** @param  array<string, int>  $known */
    public function __construct(private readonly IndexTrial $trial, private readonly array $known, private readonly float $patience = self::PATIENCE)
    {
    }

    /** @return list<array{Table, list<IndexKey>}> */
    public function of(ListPlan $plan, Table $table): array
    {
        $ways = $plan->alternatives($table);
        $rows = count($ways) < 2 ? 0 : $this->trial->rows($table);
        if ($rows < IndexTrial::MANY) {
            return $ways[0] ?? [];
        }
        $names = array_map(
            fn (array $way): array => array_map(
                fn (array $index): array => [$index[0]->storedAs(), array_map(fn (IndexKey $k): string => $k->name(), $index[1])],
                $way,
            ),
            $ways,
        );
        $key = md5((string) json_encode([$plan->line->where, $names])).' '.(int) log($rows, 2);
        $number = $this->used[$key] ?? ($this->known[$key] ?? null);
        if ($number === null) {
            if ($this->spent >= $this->patience) {
                return $ways[0];
            }
            $from = hrtime(true);
            $number = $this->trial->best($plan, $table, $ways);
            $this->spent += (hrtime(true) - $from) / 1e9;
        }
        $this->used[$key] = $number;

        return $ways[$number] ?? $ways[0];
    }

    /** @return list<array{tbl: string, col: string, tag: string}> */
    public function kept(): array
    {
        return array_map(fn (string $key): array => ['tbl' => self::KEPT, 'col' => $key, 'tag' => (string) $this->used[$key]], array_keys($this->used));
    }

    public function isAsBefore(): bool
    {
        return array_diff_key($this->used, $this->known) === [];
    }
}
