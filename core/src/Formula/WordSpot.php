<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Scope;

/** A word of a formula where it stands: what it is asked of, and the rows at hand. */
final readonly class WordSpot
{
    /**
     * @param  non-empty-list<string>  $path  "swim", "places" for the word `places` of swim.places
     * @param  list<Scope>  $scopes  the names in scope, the innermost last; [] where nobody asked for them
     * @param  Type|null  $root  what the path begins at, where that is not its first word but a value in brackets
     */
    public function __construct(public array $path, public array $scopes, public ?Type $root)
    {
    }

    public function word(): string
    {
        return $this->path[count($this->path) - 1];
    }

    public function isBare(): bool
    {
        return $this->root === null && count($this->path) === 1;
    }

    /** The table whose row is asked for the word: before the dot, or that of the nearest row at hand which has it. */
    public function owner(Blueprint $blueprint): ?Table
    {
        if ($this->isBare()) {
            foreach (array_reverse($this->scopes) as $scope) {
                if ($scope->row !== null && isset($blueprint->partsOf($scope->row)[$this->word()])) {
                    return $scope->row;
                }
            }

            return null;
        }
        $steps = array_slice($this->path, 0, -1);
        $type = $this->root ?? $this->begin($steps);
        foreach ($steps as $step) {
            $table = self::table($type, $blueprint);
            $type = $table === null ? null : $blueprint->partsOf($table)[$step] ?? null;
        }

        return self::table($type, $blueprint);
    }

    /** @param  list<string>  $steps  those taken are removed */
    private function begin(array &$steps): ?Type
    {
        $first = array_shift($steps) ?? '';
        if ($first === 'screen') {
            return ($this->scopes[0] ?? null)?->names[array_shift($steps) ?? ''] ?? null;
        }

        return $this->scopes === [] ? null : $this->scopes[count($this->scopes) - 1]->typeOf($first);
    }

    private static function table(?Type $type, Blueprint $blueprint): ?Table
    {
        $row = $type?->kind === Kind::Several ? $type->of : $type;

        return $row?->kind === Kind::Row ? $blueprint->tableOfOne($row->one) : null;
    }
}
