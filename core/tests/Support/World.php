<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;

/** An app with rows, and somebody who uses it, at half past nine on 24 December 2026. */
final class World
{
    public readonly InMemoryRecordStore $store;

    private function __construct(public readonly Blueprint $blueprint)
    {
        $this->store = new InMemoryRecordStore($blueprint);
    }

    public static function of(string $script): self
    {
        return new self(Blueprint::fromScript($script));
    }

    public static function saltlark(): self
    {
        return self::of((string) file_get_contents(__DIR__.'/saltlark.script'));
    }

    public static function moment(): Moment
    {
        return new Moment(new DateTimeImmutable('2026-12-24T09:30:00Z'), new DateTimeZone('UTC'));
    }

    /** @param  array<string, mixed>  $values */
    public function add(string $table, array $values): int
    {
        return $this->store->add($this->blueprint->table($table) ?? throw new \LogicException($table), $values);
    }

    /** @param  list<int>  $args @return array<string, mixed> */
    public function show(string $screen = '', array $args = [], ?int $person = null, ?Trail $trail = null, array $pages = [], array $orders = []): array
    {
        return (new Player($this->blueprint, $this->store, rehearsal: true))->show(
            new Visit(self::moment(), $screen, $args, $person, pages: $pages, orders: $orders),
            $trail ?? Trail::none(),
        );
    }

    /**
     * Taps the nth line of a screen.
     *
     * @param  list<int>  $args
     * @param  array<string, mixed>  $inputs
     * @param  list<string>  $confirmed
     */
    public function tap(
        string $screen,
        int $line,
        array $args = [],
        ?int $person = null,
        array $inputs = [],
        ?int $item = null,
        string $key = '',
        ?Trail $trail = null,
        array $confirmed = [],
    ): Outcome {
        $at = '/screens/'.$this->blueprint->screenIndex($screen)."/lines/$line";

        return (new Player($this->blueprint, $this->store, rehearsal: true))->tap(
            new Visit(self::moment(), $screen, $args, $person, $inputs, $confirmed),
            $at,
            $item,
            $key,
            $trail ?? Trail::none(),
        );
    }

    public static function at(string $when): DateTimeImmutable
    {
        return new DateTimeImmutable($when, new DateTimeZone('UTC'));
    }
}
