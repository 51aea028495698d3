<?php

declare(strict_types=1);

namespace Lanai\Core\Formula\Kinds;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Text\OwnWords;

final readonly class YesOrNo extends ValueKind
{
    public function holds(mixed $value): bool
    {
        return is_bool($value);
    }

    public function typeOf(mixed $value): Type
    {
        return Type::of(Kind::YesNo);
    }

    public function plain(mixed $value): string
    {
        return $value === true ? 'yes' : 'no';
    }

    public function shown(mixed $value, Moment $moment): string
    {
        return OwnWords::in($moment->locale)->say($this->plain($value));
    }

    public function literal(mixed $value): string
    {
        return $value === true ? 'true' : 'false';
    }

    public function kept(mixed $value): int
    {
        return $value === true ? 1 : 0;
    }

    public function value(string|int|float|bool $kept, Type $type): bool
    {
        return (bool) $kept;
    }

    public function json(mixed $value): bool
    {
        return $value === true;
    }

    public function fromJson(mixed $json, Type $type): ?string
    {
        return is_bool($json) ? $this->plain($json) : null;
    }

    public function jsonInWords(Type $type): string
    {
        return 'true or false';
    }

    public function schema(Type $type): array
    {
        return ['type' => 'boolean'];
    }

    public function comparisons(): array
    {
        return ['yes' => 'is yes', 'no' => 'is no'];
    }

    public function conditions(string $path): array
    {
        return [$path => 'is yes', "not $path" => 'is no'];
    }
}
