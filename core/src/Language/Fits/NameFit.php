<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;
use Lanai\Core\Text\Names;

/** A name that the founder gives. */
final readonly class NameFit implements Fit
{
    /** @param  bool  $seen  people who use the app read it, too */
    private function __construct(private string $what, public bool $seen = false)
    {
    }

    /** A name that people who use the app read, such as that of a field. */
    public static function seen(string $what): self
    {
        return new self($what, true);
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

        return match (true) {
            $name === '' => Cursor::UNFILLED,
            Names::bare($name) => $name,
            default => Cursor::quote($name),
        };
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
