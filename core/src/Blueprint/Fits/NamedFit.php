<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\Fits;

use Closure;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Lines\Sheet;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Script\Choice;
use Lanai\Core\Script\Cursor;
use Lanai\Core\Script\Fit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Scope;
use Lanai\Core\Services\AnswerInWords;
use Lanai\Core\Services\Askable;
use Lanai\Core\Services\Service;

/** Something of the app by its name: a piece, a routine, a value, or a sheet of the screen. */
final readonly class NamedFit implements Fit
{
    /** @param  Closure(Blueprint): list<string>  $names */
    private function __construct(public string $what, private Closure $names)
    {
    }

    public static function piece(): self
    {
        return new self('piece', fn (Blueprint $b): array => array_column($b->pieces, 'name'));
    }

    public static function routine(): self
    {
        return new self('routine', fn (Blueprint $b): array => array_column($b->routines, 'name'));
    }

    public static function request(): self
    {
        return new self('request', fn (Blueprint $b): array => array_merge(...array_map(fn (Service $s): array => array_map(fn (Askable $r): string => $r->called(), $s->requests), $b->services)));
    }

    /** A request that answers in words. */
    public static function answer(): self
    {
        return new self('request that answers in words', fn (Blueprint $b): array => array_merge(...array_map(fn (Service $s): array => array_map(fn (Askable $r): string => $r->called(), array_values(array_filter($s->requests, fn (Askable $r): bool => $r instanceof AnswerInWords))), $b->services)));
    }

    public static function value(): self
    {
        return new self('value', fn (Blueprint $b): array => array_column($b->values, 'name'));
    }

    public static function role(): self
    {
        return new self('role', fn (Blueprint $b): array => array_column($b->roles, 'name'));
    }

    public static function provider(): self
    {
        return new self('provider', fn (Blueprint $b): array => array_column($b->signIn?->providers() ?? [], 'provider'));
    }

    public static function sheet(): self
    {
        return new self('sheet', function (Blueprint $b): array {
            $names = [];
            foreach ($b->screens as $screen) {
                foreach (Drawing::all($screen->lines, $b) as $line) {
                    if ($line instanceof Sheet) {
                        $names[] = $line->name;
                    }
                }
            }

            return array_values(array_unique($names));
        });
    }

    public function kind(): string
    {
        return 'named';
    }

    public function inWords(Scope $scope): string
    {
        return "the name of a $this->what";
    }

    public function print(mixed $value, array $stops): string
    {
        return NameFit::written($value);
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->name("the name of a $this->what");
    }

    public function choices(Scope $scope): array
    {
        return array_map(fn (string $name): Choice => new Choice(NameFit::written($name)), ($this->names)($scope->blueprint));
    }
}
