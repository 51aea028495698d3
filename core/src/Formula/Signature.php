<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Closure;

/** A function of the formula language: what it takes, what it gives, and how it is computed. */
final readonly class Signature
{
    /** @var list<list<Kind>> for each value taken, the kinds that fit */
    public array $takes;

    /**
     * @param  list<Kind|list<Kind>>  $takes
     * @param  Kind|Closure(list<Type>): Type  $gives
     * @param  Closure|null  $compute  (Moment of the request, mixed ...the values taken): mixed; null for what ListFunctions does
     * @param  int  $optional  how many of the last may be left out
     * @param  bool  $withNothing  true where it is called with a null as well; else a null gives null
     */
    public function __construct(
        public string $name,
        array $takes,
        public Kind|Closure $gives,
        public string $help,
        public ?Closure $compute,
        public int $optional = 0,
        public bool $withNothing = false,
    ) {
        $this->takes = array_map(fn (Kind|array $k): array => is_array($k) ? $k : [$k], $takes);
    }

    /** @param  list<Type>  $given */
    public function gives(array $given): Type
    {
        return $this->gives instanceof Kind ? Type::of($this->gives) : ($this->gives)($given);
    }

    /** True where a value of this type can stand as the nth value. */
    public function accepts(int $nth, Type $type): bool
    {
        foreach ($this->takes[$nth] ?? [] as $kind) {
            if ($type->fits($kind === Kind::Several ? Type::several(Type::of(Kind::Any)) : Type::of($kind))) {
                return true;
            }
        }

        return false;
    }

    public function wants(int $nth): Type
    {
        return Type::of($this->takes[$nth][0] ?? Kind::Any);
    }
}
