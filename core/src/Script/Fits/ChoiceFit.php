<?php

declare(strict_types=1);

namespace Lanai\Core\Script\Fits;

use Lanai\Core\Script\Choice;
use Lanai\Core\Script\Cursor;
use Lanai\Core\Script\Fit;
use Lanai\Core\Script\Scope;

/** One of a few fixed values, each with its words. */
final readonly class ChoiceFit implements Fit
{
    /** @param  array<string, string>  $options value => words */
    private function __construct(private string $what, private array $options)
    {
    }

    /** @param  array<string, string>  $options value => words */
    public static function of(string $what, array $options): self
    {
        return new self($what, $options);
    }

    public function kind(): string
    {
        return 'choice';
    }

    public function inWords(Scope $scope): string
    {
        return $this->what;
    }

    public function print(mixed $value, array $stops): string
    {
        return is_string($value) && isset($this->options[$value]) ? $this->options[$value] : Cursor::UNFILLED;
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        if ($cursor->words(Cursor::UNFILLED)) {
            return '';
        }
        foreach ($this->options as $value => $words) {
            if ($cursor->words($words)) {
                return (string) $value;
            }
        }

        return null;
    }

    public function choices(Scope $scope): array
    {
        return array_map(fn (string $words): Choice => new Choice($words), array_values($this->options));
    }

    /** @return list<string> */
    public function values(): array
    {
        return array_map(strval(...), array_keys($this->options));
    }
}
