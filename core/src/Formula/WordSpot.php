<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

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
    public function owner(Schema $schema): ?TableType
    {
        if ($this->isBare()) {
            foreach (array_reverse($this->scopes) as $scope) {
                if ($scope->row !== null && isset($schema->partsOf($scope->row)[$this->word()])) {
                    return $scope->row;
                }
            }

            return null;
        }
        $steps = array_slice($this->path, 0, -1);
        $type = $this->root ?? $this->begin($steps);
        foreach ($steps as $step) {
            $table = self::table($type, $schema);
            $type = $table === null ? null : $schema->partsOf($table)[$step] ?? null;
        }

        return self::table($type, $schema);
    }

    /** @param  list<string>  $steps  those taken are removed */
    private function begin(array &$steps): ?Type
    {
        $first = array_shift($steps) ?? '';
        if ($first === Prefix::Screen->value) {
            return ($this->scopes[0] ?? null)?->names[array_shift($steps) ?? ''] ?? null;
        }

        return $this->scopes === [] ? null : $this->scopes[count($this->scopes) - 1]->typeOf($first);
    }

    private static function table(?Type $type, Schema $schema): ?TableType
    {
        $row = $type?->kind === Kind::Several ? $type->of : $type;

        return $row?->kind === Kind::Row ? $schema->tableOfOne($row->one) : null;
    }
}
