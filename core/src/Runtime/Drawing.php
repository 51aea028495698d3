<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Effects\IfSo;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Lines\Lines;
use Lanai\Core\Ports\Refused;

/** Draws lines as nodes of the view tree, and finds the line again that stands behind one. */
final class Drawing
{
    /**
     * @param  list<Line>  $lines
     * @param  string  $at  where the list of lines stands
     * @return list<array<string, mixed>>
     */
    public static function nodes(array $lines, string $at, Scene $scene): array
    {
        $nodes = [];
        foreach ($lines as $i => $line) {
            $here = $scene->at("$at/$i");
            if (self::shown($line, $here)) {
                $enabled = $line->placing()->enabled === '' || $here->yes($line->placing()->enabled) ? [] : ['enabled' => false];
                $queues = $line instanceof Tappable && self::waits($line->effects(), $scene->blueprint) ? ['queues' => true] : [];
                $nodes[] = ['kind' => Lines::family()->kindOf($line), 'at' => $here->at] + $line->draw($here) + $line->placing()->drawn() + $enabled + $queues;
            }
        }

        return $nodes;
    }

    /**
     * The nodes in a holding line, by the place inside of it.
     *
     * @return array<string, list<array<string, mixed>>>
     */
    public static function inside(Holding $line, Scene $scene): array
    {
        $places = [];
        foreach ($line->inside($scene) as [$place, $lines, $inner]) {
            $places[$place] = self::nodes($lines, $scene->at.$place, $inner);
        }

        return $places;
    }

    /**
     * The line behind a node, with what it knows; null where none stands there now.
     *
     * @param  list<Line>  $lines
     * @param  string  $at  where the list of lines stands
     * @return array{Line, Scene}|null
     *
     * @throws Refused where it, or what it stands in, is not shown or not enabled now
     */
    public static function find(string $wanted, array $lines, string $at, Scene $scene): ?array
    {
        foreach ($lines as $i => $line) {
            $here = $scene->at("$at/$i");
            $part = $line instanceof InParts && str_starts_with($wanted, "$here->at/");
            $inside = $line instanceof Holding && str_starts_with($wanted, $here->at) && in_array($wanted[strlen($here->at)] ?? '', ['/', '@', '='], true);
            if ($wanted !== $here->at && ! $inside && ! $part) {
                continue;
            }
            if (! self::shown($line, $here) || ($line->placing()->enabled !== '' && ! $here->yes($line->placing()->enabled))) {
                throw $wanted === $here->at || $part ? new NotNow($line, $here) : new NotNow;
            }
            if ($wanted === $here->at || $part) {
                return [$line, $here];
            }
            foreach ($line instanceof Holding ? $line->inside($here) : [] as [$place, $children, $inner]) {
                if (str_starts_with($wanted, $here->at.$place.'/')) {
                    return self::find($wanted, $children, $here->at.$place, $inner);
                }
            }
        }

        return null;
    }

    /**
     * All lines, those inside of others too, in the order of the page.
     *
     * @param  list<Line>  $lines
     * @return iterable<Line>
     */
    public static function all(array $lines, Blueprint $blueprint, int $depth = 0): iterable
    {
        foreach ($lines as $line) {
            yield $line;
            if ($line instanceof Holding && $depth < 20) {
                yield from self::all($line->held($blueprint), $blueprint, $depth + 1);
            }
        }
    }

    /**
     * Those of the inputs that can be filled in now, those inside of other lines too, in the order of the page.
     *
     * @param  list<Line>  $lines
     * @return iterable<InputLine>
     */
    public static function inputs(array $lines, Scene $scene, int $depth = 0): iterable
    {
        foreach ($lines as $line) {
            if (! self::shown($line, $scene)) {
                continue;
            }
            if ($line instanceof InputLine) {
                yield $line;
            }
            if ($line instanceof Holding && $depth < 20) {
                yield from self::inputs($line->held($scene->blueprint), $scene, $depth + 1);
            }
        }
    }

    /**
     * Whether effects may as well be done later: they change rows and lead nowhere, those of their routines too.
     *
     * @param  list<Effect>  $effects
     */
    private static function waits(array $effects, Blueprint $blueprint, int $depth = 0): bool
    {
        foreach ($effects as $effect) {
            if ($effect instanceof IfSo) {
                if (! array_reduce([$effect->then, $effect->otherwise], fn (bool $all, array $branch): bool => $all && ($branch === [] || self::waits($branch, $blueprint, $depth + 1)), true)) {
                    return false;
                }

                continue;
            }
            $routine = $effect instanceof DoRoutine && $depth < 5 ? $blueprint->routineIndex($effect->routine) : null;
            if (! $effect instanceof Patient && ($routine === null || ! self::waits($blueprint->routines[$routine]->does, $blueprint, $depth + 1))) {
                return false;
            }
        }

        return $effects !== [];
    }

    private static function shown(Line $line, Scene $scene): bool
    {
        $placing = $line->placing();

        return ($scene->visit === null || $placing->shownOn($scene->visit)) && ($placing->if === '' || $scene->yes($placing->if));
    }
}
