<?php

declare(strict_types=1);

namespace Lanai\Core\Script\Fits;

use Lanai\Core\Script\Cursor;
use Lanai\Core\Script\Fit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Scope;

/** A name that the founder gives. */
final readonly class NameFit implements Fit
{
    private function __construct(private string $what)
    {
    }

    public static function of(string $what): self
    {
        return new self($what);
    }

    public static function column(): self
    {
        return new self('a column name');
    }

    public function kind(): string
    {
        return 'name';
    }

    public function inWords(Scope $scope): string
    {
        return $this->what;
    }

    public function print(mixed $value, array $stops): string
    {
        return self::written($value);
    }

    public static function written(mixed $value): string
    {
        $name = is_string($value) ? $value : '';

        return $name === '' ? Cursor::UNFILLED : (Names::bare($name) ? $name : Cursor::quote($name));
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->name($this->what);
    }

    public function choices(Scope $scope): array
    {
        return [];
    }
}
