<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Closure;
use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Effects\GoToScreen;
use Lanai\Core\Effects\StartOver;
use Lanai\Core\Lines\PieceLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\MenuEntry;
use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Reach\Opens;
use Lanai\Core\Model\Tab;
use Lanai\Core\Text\Pattern;

/** The ways between screens, laid out: those one begins with on the left, each further one a step to the right. */
final readonly class ScreenMap implements \JsonSerializable
{
    public const WIDE = 150;

    public const HIGH = 190;

    private const STEP = 250;

    private const ROOM = 40;

    /**
     * @param  list<array{at: string, slug: string, name: string, step: int|null, x: int, y: int}>  $screens  step is null where nobody gets there
     * @param  list<array{from: string, to: string, at: string}>  $ways  screens by their places
     */
    private function __construct(public array $screens, public array $ways, public int $width, public int $height)
    {
    }

    public static function of(Blueprint $blueprint): self
    {
        $ways = self::ways($blueprint);
        $steps = self::steps($blueprint, $ways);
        $columns = [];
        foreach ($blueprint->screens as $i => $screen) {
            $columns[$steps[$i] ?? -1][] = $i;
        }
        ksort($columns);
        // In each column, screens stand at the height of those that lead to them.
        $height = [];
        $screens = [];
        $column = 0;
        $lowest = 0;
        foreach (array_filter($columns, fn (int $step): bool => $step >= 0, ARRAY_FILTER_USE_KEY) as $step => $members) {
            $from = function (int $i) use ($ways, $height): float {
                $before = array_filter(
                    array_map(fn (array $w): ?int => $w[1] === $i ? $height[$w[0]] ?? null : null, $ways),
                    fn (?int $y): bool => $y !== null,
                );

                return $before === [] ? PHP_INT_MAX : array_sum($before) / count($before);
            };
            usort($members, fn (int $a, int $b): int => [$from($a), $a] <=> [$from($b), $b]);
            foreach ($members as $row => $i) {
                $height[$i] = self::ROOM + $row * (self::HIGH + self::ROOM);
                $screens[$i] = self::placed($blueprint, $i, $step, self::ROOM + $column * self::STEP, $height[$i]);
                $lowest = max($lowest, $height[$i] + self::HIGH);
            }
            $column++;
        }
        foreach ($columns[-1] ?? [] as $row => $i) {
            $screens[$i] = self::placed($blueprint, $i, null, self::ROOM + $row * self::STEP, $lowest + self::ROOM * 2);
        }
        ksort($screens);
        $found = [];
        foreach ($ways as [$a, $b, $at]) {
            $found["$a-$b"] ??= ['from' => "/screens/$a", 'to' => "/screens/$b", 'at' => $at];
        }
        $xs = array_map(fn (array $s): int => $s['x'] + self::WIDE, $screens);
        $ys = array_map(fn (array $s): int => $s['y'] + self::HIGH, $screens);

        return new self(array_values($screens), array_values($found), max([0, ...$xs]) + self::ROOM, max([0, ...$ys]) + self::ROOM);
    }

    /**
     * The screens in the order in which a person reaches them; those that nobody reaches come last.
     *
     * @return list<array{at: string, slug: string, name: string, step: int|null, x: int, y: int}>
     */
    public function inOrder(): array
    {
        $screens = $this->screens;
        usort(
            $screens,
            fn (array $a, array $b): int => [$a['step'] ?? PHP_INT_MAX, (int) Pointer::last($a['at'])] <=> [
                $b['step'] ?? PHP_INT_MAX,
                (int) Pointer::last($b['at']),
            ],
        );

        return $screens;
    }

    /**
     * @return array{screens: list<array{at: string, slug: string, name: string, step: int|null, x: int, y: int}>, ways: list<array{from: string,
     *   to: string, at: string}>, width: int, height: int}
     */
    public function jsonSerialize(): array
    {
        return ['screens' => $this->inOrder(), 'ways' => $this->ways, 'width' => $this->width, 'height' => $this->height];
    }

    /**
     * @param  (Closure(class-string): array<string, array<string, mixed>>)|null  $places  the lines and effects of a class by their places, where
     *   they are known already
     * @return list<array{int, int, string}> from, to, and where the effect stands
     */
    public static function ways(Blueprint $blueprint, ?Closure $places = null): array
    {
        $places ??= $blueprint->kinds()->ofClass(...);
        $homes = self::homes($blueprint, $places);
        $ways = [];
        $add = function (string $at, ?int $to) use ($homes, &$ways): void {
            foreach (self::screensOf($at, $homes) as $from) {
                if ($to !== null && $from !== $to) {
                    $ways[] = [$from, $to, $at];
                }
            }
        };
        foreach ($places(GoToScreen::class) as $at => $goTo) {
            $add($at, is_string($goTo['screen'] ?? null) ? $blueprint->screenIndex($goTo['screen']) : null);
        }
        $first = $blueprint->firstScreen();
        foreach (array_keys($places(StartOver::class)) as $at) {
            $add($at, $first === null ? null : $blueprint->screenIndex($first->name));
        }

        return $ways;
    }

    /**
     * The steps from where a person begins; tabs and the menu at the side are beginnings too.
     *
     * @param  list<array{int, int, string}>  $ways
     * @return array<int, int> screen => step
     */
    public static function steps(Blueprint $blueprint, array $ways): array
    {
        $first = $blueprint->firstScreen();
        $open = array_map(fn (Tab|MenuEntry $t): ?int => $blueprint->screenIndex($t->screen), [...$blueprint->tabs, ...$blueprint->menu]);
        // Whoever must sign in is led there, and begins where their role begins.
        array_push(
            $open,
            ...array_map(fn (string $name): ?int => $name === '' ? null : $blueprint->screenIndex($name), [
                $blueprint->signIn->at ?? '',
                ...array_map(fn (Role $r): string => $r->begins, $blueprint->roles),
            ]),
        );
        // Messages open screens, too.
        foreach ($blueprint->sends as $message) {
            array_push($open, ...array_map(fn (Opens $o): ?int => $blueprint->screenIndex($o->screen), $message->opens));
        }
        array_unshift($open, $first === null ? null : $blueprint->screenIndex($first->name));
        $to = [];
        foreach ($ways as [$a, $b]) {
            $to[$a][] = $b;
        }
        // What is tried is reached as that in whose place it stands.
        foreach ($blueprint->trials as $trial) {
            [$shown, $instead] = [$blueprint->screenIndex($trial->shown), $blueprint->screenIndex($trial->instead)];
            if ($shown !== null && $instead !== null) {
                in_array($instead, $open, true) && $open[] = $shown;
                $to = array_map(fn (array $next): array => in_array($instead, $next, true) ? [...$next, $shown] : $next, $to);
            }
        }
        $steps = [];
        $step = 0;
        while ($open !== []) {
            $next = [];
            foreach ($open as $i) {
                if ($i !== null && ! isset($steps[$i])) {
                    $steps[$i] = $step;
                    $next[] = $i;
                }
            }
            $open = array_merge(...array_map(fn (int $i): array => $to[$i] ?? [], $next));
            $step++;
        }

        return $steps;
    }

    /**
     * Where the pieces and routines are used that effects stand in.
     *
     * @param  Closure(class-string): array<string, array<string, mixed>>  $places
     * @return array<string, list<string>> place of a piece or routine => places of the sentences that use it
     */
    private static function homes(Blueprint $blueprint, Closure $places): array
    {
        $homes = [];
        $users = [
            'piece' => [PieceLine::class, $blueprint->pieceIndex(...), '/pieces'],
            'routine' => [DoRoutine::class, $blueprint->routineIndex(...), '/routines'],
        ];
        foreach ($users as $key => [$user, $index, $list]) {
            foreach ($places($user) as $at => $data) {
                $thing = is_string($data[$key] ?? null) ? $index($data[$key]) : null;
                if ($thing !== null) {
                    $homes["$list/$thing"][] = $at;
                }
            }
        }

        return $homes;
    }

    /**
     * @param  array<string, list<string>>  $homes
     * @return list<int>
     */
    private static function screensOf(string $at, array $homes, int $depth = 0): array
    {
        if (Pattern::match('~^/screens/(\d+)/~', $at, $found)) {
            return [(int) $found[1]];
        }
        $home = Pattern::match('~^/(?:pieces|routines)/\d+~', $at, $found) ? $found[0] : '';
        $screens = [];
        foreach ($depth > 8 ? [] : $homes[$home] ?? [] as $user) {
            $screens = [...$screens, ...self::screensOf($user, $homes, $depth + 1)];
        }

        return array_values(array_unique($screens));
    }

    /** @return array{at: string, slug: string, name: string, step: int|null, x: int, y: int} */
    private static function placed(Blueprint $blueprint, int $i, ?int $step, int $x, int $y): array
    {
        return [
            'at' => "/screens/$i",
            'slug' => $blueprint->screens[$i]->slug(),
            'name' => $blueprint->screens[$i]->name,
            'step' => $step,
            'x' => $x,
            'y' => $y,
        ];
    }
}
