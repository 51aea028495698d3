<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;

/** Nothing, and what is only known when a formula runs. */
final readonly class Anything extends ValueKind
{
    public function __construct(private Kind $kind)
    {
    }

    public function holds(mixed $value): bool
    {
        return $this->kind === Kind::Nothing && $value === null;
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of($this->kind);
    }

    public function plain(mixed $value): string
    {
        return '';
    }

    public function literal(mixed $value): ?string
    {
        return $value === null ? 'null' : null;
    }

    public function kept(mixed $value): null
    {
        return null;
    }

    public function value(string|int|float|bool $kept, Type $type): string
    {
        return (string) $kept;
    }

    public function json(mixed $value): null
    {
        return null;
    }

    public function schema(Type $type): array
    {
        return ['description' => $this->kind->value];
    }

    public function isOrdered(): bool
    {
        return true;
    }
}
