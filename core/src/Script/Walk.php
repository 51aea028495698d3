<?php

declare(strict_types=1);

namespace Lanai\Core\Script;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Script\Fits\FamilyFit;

/** Visits every node and every blank of a blueprint, in the order of the script, with the names in scope. */
final class Walk
{
    /** @var list<NodeSpot> */
    public array $nodes = [];

    /** @var list<BlankSpot> */
    public array $blanks = [];

    /** @var array<class-string, list<NodeSpot>> */
    private array $byClass = [];

    private function __construct()
    {
    }

    /** @return array<string, self> what was walked, apart by the screen it stands on; '' for all that stands outside of screens */
    public function byScreen(): array
    {
        $parts = ['' => new self];
        foreach ($this->nodes as $spot) {
            $part = $parts[self::screenOf($spot->at)] ??= new self;
            $part->nodes[] = $spot;
        }
        foreach ($this->blanks as $spot) {
            $part = $parts[self::screenOf($spot->at)] ??= new self;
            $part->blanks[] = $spot;
        }

        return $parts;
    }

    private static function screenOf(string $at): string
    {
        $end = str_starts_with($at, '/screens/') ? strpos($at, '/', 9) : 0;

        return $end === 0 ? '' : ($end === false ? $at : substr($at, 0, $end));
    }

    public static function through(Blueprint $blueprint): self
    {
        $walk = new self;
        $walk->node($blueprint->data(), Blueprint::class, '', Scope::of($blueprint), null);

        return $walk;
    }

    public function blankAt(string $at): ?BlankSpot
    {
        foreach ($this->blanks as $spot) {
            if ($spot->at === $at) {
                return $spot;
            }
        }

        return null;
    }

    public function nodeAt(string $at): ?NodeSpot
    {
        foreach ($this->nodes as $spot) {
            if ($spot->at === $at) {
                return $spot;
            }
        }

        return null;
    }

    /**
     * @param  class-string  $class
     * @return list<NodeSpot>
     */
    public function nodesOf(string $class): array
    {
        return $this->byClass[$class] ??= array_values(array_filter($this->nodes, fn (NodeSpot $n): bool => $n->is($class)));
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $class
     */
    private function node(array $data, string $class, string $at, Scope $scope, ?NodeSpot $parent): void
    {
        $sentence = Sentences::of($class);
        $spot = new NodeSpot($at, $class, $data, $scope, $parent);
        $this->nodes[] = $spot;
        $this->parts($sentence->head, $sentence, $spot, true);
        foreach ($sentence->clauses as $clause) {
            $this->parts($clause->parts, $sentence, $spot, Prose::isSet($data, $clause->key));
        }
        foreach ($sentence->below as $below) {
            $inner = fn (string $key): Scope => $sentence->scopeOf($key, $data, $scope);
            if ($below instanceof SubLine) {
                $this->blank($below->blank, $spot, $inner($below->blank->key), Prose::isSet($data, $below->blank->key));
            } elseif ($below instanceof One) {
                $this->node(Prose::node($data[$below->key] ?? []), $below->class, "$at/$below->key", $inner($below->key), $spot);
            } elseif ($below instanceof Block || $below instanceof Children) {
                $within = $inner($below->key);
                foreach (Prose::nodes($data[$below->key] ?? []) as $i => $item) {
                    $this->node($item, $below->family->classOf($item), "$at/$below->key/$i", $within, $spot);
                }
            }
        }
    }

    /** @param  list<Part>  $parts */
    private function parts(array $parts, Sentence $sentence, NodeSpot $spot, bool $needed): void
    {
        foreach ($parts as $part) {
            if ($part instanceof Blank) {
                $this->blank($part, $spot, $sentence->scopeOf($part->key, $spot->data, $spot->scope), $needed);
            } elseif ($part instanceof Nested) {
                $inner = Prose::node($spot->data[$part->key] ?? []);
                $this->blanks[] = new BlankSpot("$spot->at/$part->key", new Blank($part->key, new FamilyFit($part->family)), $inner, $spot->scope, $spot, true);
                $this->node($inner, $part->family->classOf($inner), "$spot->at/$part->key", $spot->scope, $spot);
            } elseif ($part instanceof Series) {
                $scope = $sentence->scopeOf($part->key, $spot->data, $spot->scope);
                $items = is_array($spot->data[$part->key] ?? null) ? array_values($spot->data[$part->key]) : [];
                foreach ($items as $i => $item) {
                    $place = "$spot->at/$part->key/$i";
                    if ($part->item instanceof Fit) {
                        $this->blanks[] = new BlankSpot($place, new Blank($part->key, $part->item), $item, $scope, $spot, true);
                    } else {
                        $this->node(Prose::node($item), $part->item, $place, $scope, $spot);
                    }
                }
                if ($part->item instanceof Fit) {
                    $this->blanks[] = new BlankSpot("$spot->at/$part->key", new Blank($part->key, $part->item), '', $scope, $spot, $needed && $items === []);
                }
            }
        }
    }

    private function blank(Blank $blank, NodeSpot $spot, Scope $scope, bool $needed): void
    {
        $this->blanks[] = new BlankSpot("$spot->at/$blank->key", $blank, $spot->data[$blank->key] ?? '', $scope, $spot, $needed);
    }
}
