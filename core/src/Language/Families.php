<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

use Closure;

/** The families of nodes by their interface. Which kinds they have is told once, when the core is put together. */
final class Families
{
    /** @var Closure(): array<class-string, array{string, array<string, class-string<HasSentence>>}> */
    private static Closure $told;

    /** @var array<class-string, Family> */
    private static array $made = [];

    /**
     * @param  Closure(): array<class-string, array{string, array<string, class-string<HasSentence>>}>  $families  interface => name in plain words,
     *   and class by kind
     */
    public static function come(Closure $families): void
    {
        self::$told = $families;
        self::$made = [];
    }

    /**
     * @param  class-string  $interface
     *
     * @throws \LogicException where no family is known by it
     */
    public static function of(string $interface): Family
    {
        return self::find($interface) ?? throw new \LogicException("No kinds are known of $interface.");
    }

    /** @param  class-string  $class  null where it is no family's interface */
    public static function find(string $class): ?Family
    {
        if (self::$made === []) {
            foreach ((self::$told)() as $interface => [$name, $kinds]) {
                self::$made[$interface] = Family::of($name, $kinds);
            }
        }

        return self::$made[$class] ?? null;
    }
}
