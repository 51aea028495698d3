<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Families;

/** Every line and every effect of an app by its kind and its place, without the names in scope: a whole app is gone through once. */
final readonly class Kinds
{
    /** Lines that rules about a whole app ask for, beside all effects. */
    private const LINES = ['list', 'chart', 'addForm', 'changeForm', 'piece', 'from', 'inbox', 'channels'];

    /** Bytes of a text that an outline keeps. */
    private const LONGEST = 1_000;

    /** @param  array<string, array<string, array<array-key, mixed>>>  $found  kind => place => data */
    private function __construct(private array $found)
    {
    }

    /**
     * What rules about a whole app ask of one part of it: its effects and some lines, with their texts, numbers and flags only, as plain values that can
     * be kept.
     *
     * @param  array<string, mixed>  $data  of an app with that part alone
     * @return array<string, array<string, array<string, string|int|true>>> kind => place => texts, numbers and flags
     */
    public static function outline(array $data): array
    {
        $found = self::of($data)->found;
        $outline = [];
        foreach (array_intersect_key($found, self::outlined()) as $kind => $places) {
            $outline[$kind] = array_map(
                fn (array $node): array => array_filter(
                    $node,
                    fn (mixed $v): bool => is_int($v) || $v === true || (is_string($v) && strlen($v) <= self::LONGEST),
                ),
                $places,
            );
        }

        /** @var array<string, array<string, array<string, string|int|true>>> $outline */
        return $outline;
    }

    /** @param  list<array<string, array<string, array<string, string|int|true>>>>  $outlines  of all parts */
    public static function joined(array $outlines): self
    {
        $found = [];
        foreach ($outlines as $outline) {
            foreach ($outline as $kind => $places) {
                // One by one: a sum of two arrays copies the first, which would be done for each screen.
                foreach ($places as $at => $node) {
                    $found[$kind][$at] ??= $node;
                }
            }
        }

        return new self($found);
    }

    /**
     * Whether an outline has the nodes of a class.
     *
     * @param  class-string  $class
     */
    public static function isOutlined(string $class): bool
    {
        return array_diff(self::named($class), array_keys(self::outlined())) === [];
    }

    /** @return array<string, mixed> by kind */
    private static function outlined(): array
    {
        return Families::of(AnyEffect::class)->kinds + array_fill_keys(self::LINES, true);
    }

    /** @param  array<string, mixed>  $data  of an app */
    public static function of(array $data): self
    {
        $found = [];
        foreach (['screens', 'pieces', 'routines', 'products', 'signIn'] as $list) {
            self::go($data[$list] ?? [], "/$list", $found);
        }

        return new self($found);
    }

    /** @return array<string, array<array-key, mixed>> place => data of the lines or effects of a kind */
    public function ofKind(string $kind): array
    {
        return $this->found[$kind] ?? [];
    }

    /**
     * @param  class-string  $class  a line or an effect
     * @return array<string, array<string, mixed>> place => data
     */
    public function ofClass(string $class): array
    {
        $all = [];
        foreach (self::named($class) as $kind) {
            $all += $this->found[$kind] ?? [];
        }

        /** @var array<string, array<string, mixed>> $all */
        return $all;
    }

    /**
     * @param  class-string  $class
     * @return list<string> the kinds of lines and effects that are of this class
     */
    public static function named(string $class): array
    {
        $kinds = [];
        foreach ([AnyLine::class, AnyEffect::class] as $family) {
            foreach (Families::of($family)->kinds as $kind => $member) {
                if ($member === $class) {
                    $kinds[] = $kind;
                }
            }
        }

        return $kinds;
    }

    /** @param  array<string, array<string, array<array-key, mixed>>>  $found */
    private static function go(mixed $node, string $at, array &$found): void
    {
        if (! is_array($node)) {
            return;
        }
        $kind = $node['kind'] ?? null;
        if (is_string($kind)) {
            $found[$kind][$at] = $node;
        }
        foreach ($node as $key => $part) {
            if (is_array($part)) {
                self::go($part, "$at/$key", $found);
            }
        }
    }
}
