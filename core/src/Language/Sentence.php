<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Closure;
use Lanai\Core\Formula\Scope;

/**
 * The one description of how a node reads: printing, parsing, blanks and scopes all follow it, so that they cannot
 * disagree.
 */
final readonly class Sentence
{
    /**
     * @param  list<Part>  $head
     * @param  list<Clause>  $clauses
     * @param  list<Below>  $below
     * @param  array<string, Closure(array<string, mixed>, Scope): Scope>  $scopes  key => the names in scope under it
     */
    private function __construct(public array $head, public array $clauses = [], public array $below = [], public array $scopes = [])
    {
    }

    /** Strings stand for fixed words. */
    public static function of(Part|string ...$head): self
    {
        return new self(array_values(array_map(fn (Part|string $p): Part => is_string($p) ? new Words($p) : $p, $head)));
    }

    public function clauses(Clause ...$clauses): self
    {
        return new self($this->head, [...$this->clauses, ...array_values($clauses)], $this->below, $this->scopes);
    }

    public function below(Below ...$below): self
    {
        return new self($this->head, $this->clauses, [...$this->below, ...array_values($below)], $this->scopes);
    }

    /**
     * @param  list<string>  $keys
     * @param  Closure(array<string, mixed>, Scope): Scope  $scope
     */
    public function within(array $keys, Closure $scope): self
    {
        return new self($this->head, $this->clauses, $this->below, [...$this->scopes, ...array_fill_keys($keys, $scope)]);
    }

    /** @param  array<string, mixed>  $data */
    public function scopeOf(string $key, array $data, Scope $scope): Scope
    {
        return isset($this->scopes[$key]) ? ($this->scopes[$key])($data, $scope) : $scope;
    }

    /** The words the sentence begins with, to tell members of a family apart. */
    public function lead(): ?Words
    {
        $first = $this->head[0] ?? null;

        return $first instanceof Words ? $first : null;
    }
}
