<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Lanai\Core\Formula\Scope;

/** A node where it stands in the blueprint. */
final readonly class NodeSpot
{
    /**
     * @param  class-string<HasSentence>  $class
     * @param  array<string, mixed>  $data
     */
    public function __construct(public string $at, public string $class, public array $data, public Scope $scope, public ?NodeSpot $parent)
    {
    }

    /** @param  class-string  $class */
    public function is(string $class): bool
    {
        return is_a($this->class, $class, true);
    }

    /** The nearest node of this class at or above this one. */
    public function within(string $class): ?self
    {
        for ($spot = $this; $spot !== null; $spot = $spot->parent) {
            if (is_a($spot->class, $class, true)) {
                return $spot;
            }
        }

        return null;
    }

    public function text(string $key): string
    {
        $value = $this->data[$key] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }
}
