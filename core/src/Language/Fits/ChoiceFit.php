<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;

/** One of a few fixed values, each with its words. */
final readonly class ChoiceFit implements Fit
{
    /**
     * @param  array<string, string>  $options value => words
     * @param  array<string, string>  $also other words that are read, after a comma too => value
     */
    private function __construct(private string $what, private array $options, private array $also = [])
    {
    }

    /** @param  array<string, string>  $options value => words */
    public static function of(string $what, array $options): self
    {
        return new self($what, $options);
    }

    /** @param  array<string, string>  $also other words that people say for it => value */
    public function also(array $also): self
    {
        return new self($this->what, $this->options, $also);
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
        foreach ($this->also as $words => $value) {
            $spaced = str_replace(' ', '\s+', preg_quote($words, '/'));
            if ($cursor->take('/\G\s*,?\s*'.$spaced.'(?![\p{L}\p{N}_])/iu', '') !== null) {
                return $value;
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
