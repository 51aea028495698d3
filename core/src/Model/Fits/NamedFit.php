<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Fits;

use Closure;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Text\Article;

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
        return self::requestOf(ServiceRequest::class, 'request');
    }

    /**
     * A request of one kind.
     *
     * @param  class-string<ServiceRequest>  $kind
     */
    public static function requestOf(string $kind, string $what): self
    {
        return new self($what, function (Blueprint $b) use ($kind): array {
            $names = [];
            foreach ($b->services as $service) {
                foreach ($service->requests as $request) {
                    if ($request instanceof $kind) {
                        $names[] = $request->called();
                    }
                }
            }

            return $names;
        });
    }

    public static function value(): self
    {
        return new self('value', fn (Blueprint $b): array => array_column($b->values, 'name'));
    }

    public static function role(): self
    {
        return new self('role', fn (Blueprint $b): array => array_column($b->roles, 'name'));
    }

    public static function product(): self
    {
        return new self('product', fn (Blueprint $b): array => array_column($b->products, 'name'));
    }

    public static function plan(): self
    {
        return new self('plan', fn (Blueprint $b): array => array_merge(...array_map(fn (Product $p): array => array_column($p->plans, 'name'), $b->products)));
    }

    public static function provider(): self
    {
        return new self('provider', fn (Blueprint $b): array => array_column($b->signIn?->providers() ?? [], 'provider'));
    }

    /**
     * Something else that has a name.
     *
     * @param  Closure(Blueprint): list<string>  $names
     */
    public static function of(string $what, Closure $names): self
    {
        return new self($what, $names);
    }

    public function kind(): string
    {
        return 'named';
    }

    public function inWords(Scope $scope): string
    {
        return 'the name of '.Article::with($this->what);
    }

    public function print(mixed $value, array $stops): string
    {
        return NameFit::written($value);
    }

    public function read(Cursor $cursor, array $stops): ?string
    {
        return $cursor->name('the name of '.Article::with($this->what));
    }

    public function choices(Scope $scope): array
    {
        return array_map(fn (string $name): Choice => new Choice(NameFit::written($name)), ($this->names)(Blueprint::in($scope)));
    }
}
