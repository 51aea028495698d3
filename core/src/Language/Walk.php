<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Fits\FamilyFit;

/** Visits every node and every blank under a root, in the order of the script, with the names in scope. */
final class Walk
{
    /** @var list<NodeSpot> */
    public array $nodes = [];

    /** @var list<BlankSpot> */
    public array $blanks = [];

    /** @var array<class-string, list<NodeSpot>> */
    private array $byClass = [];

    /** @var array{string, int|null}|null the only list of the root that is walked, and the only item of it */
    private ?array $only = null;

    private function __construct()
    {
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $root  of which the data is
     */
    public static function through(array $data, string $root, Scope $scope): self
    {
        $walk = new self;
        $walk->node($data, $root, '', $scope, null);

        return $walk;
    }

    /**
     * The same, as far as it lies on the way to a place or under it: of the lists of the root, only the item that holds the place.
     *
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $root
     * @param  string  $at  JSON Pointer, such as /screens/3/lines/1/text
     */
    public static function towards(string $at, array $data, string $root, Scope $scope): self
    {
        $walk = new self;
        [, $list, $item] = [...explode('/', $at, 4), '', '', ''];
        $walk->only = [$list, ctype_digit($item) ? (int) $item : null];
        $walk->node($data, $root, '', $scope, null);

        return $walk;
    }

    /**
     * The same without the items of one of the root's lists.
     *
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $root
     */
    public static function without(string $list, array $data, string $root, Scope $scope): self
    {
        return self::through([$list => []] + $data, $root, $scope);
    }

    /** Only what stands at a place or under it. */
    public function under(string $at): self
    {
        $walk = new self;
        $walk->nodes = array_values(array_filter($this->nodes, fn (NodeSpot $n): bool => $n->at === $at || str_starts_with($n->at, "$at/")));
        $walk->blanks = array_values(array_filter($this->blanks, fn (BlankSpot $b): bool => str_starts_with($b->at, "$at/")));

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
                $isAway = $below->sometimes && ! isset($data[$below->key]);
                if ($isAway || ($parent === null && $this->only !== null && $below->key !== $this->only[0])) {
                    continue;
                }
                $this->node(Prose::node($data[$below->key] ?? []), $below->class, "$at/$below->key", $inner($below->key), $spot);
            } elseif ($below instanceof Block || $below instanceof Children) {
                if ($parent === null && $this->only !== null && $below->key !== $this->only[0]) {
                    continue;
                }
                if ($below instanceof Children && $below->apart && $this->only === null) {
                    continue;
                }
                $within = $inner($below->key);
                foreach (is_array($data[$below->key] ?? null) ? array_values($data[$below->key]) : [] as $i => $item) {
                    if ($parent === null && $this->only !== null && $i !== $this->only[1]) {
                        continue;
                    }
                    $item = Prose::node($item);
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
            } elseif ($part instanceof InlineNode) {
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
