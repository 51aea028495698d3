<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Language\Families;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Rows\Refused;

/** Draws lines as nodes of the view tree, and finds the line again that stands behind one. */
final class Drawing
{
    /**
     * @param  list<AnyLine>  $lines
     * @param  string  $at  where the list of lines stands
     * @return list<array<string, mixed>>
     */
    public static function nodes(array $lines, string $at, Scene $scene): array
    {
        $nodes = [];
        foreach ($lines as $i => $line) {
            $here = $scene->at("$at/$i");
            if (! ($line instanceof Line)) {
                throw new \LogicException($line::class.' cannot be drawn.');
            }
            if (self::shown($line, $here)) {
                $enabled = $line->placing()->enabled === '' || $here->yes($line->placing()->enabled) ? [] : ['enabled' => false];
                $queues = $line instanceof Tappable && self::waits($line->effects(), $scene->blueprint) ? ['queues' => true] : [];
                $nodes[] =
                    ['kind' => Families::of(AnyLine::class)->kindOf($line), 'at' => $here->at] +
                    $line->draw($here) +
                    $line->placing()->drawn() +
                    $enabled +
                    $queues;
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
     * @param  list<AnyLine>  $lines
     * @param  string  $at  where the list of lines stands
     * @return array{Line, Scene}|null
     *
     * @throws Refused where it, or what it stands in, is not shown or not enabled now
     */
    public static function find(string $wanted, array $lines, string $at, Scene $scene): ?array
    {
        foreach ($lines as $i => $line) {
            if (! ($line instanceof Line)) {
                continue;
            }
            $here = $scene->at("$at/$i");
            $part = $line instanceof InParts && str_starts_with($wanted, "$here->at/");
            $inside = $line instanceof Holding && str_starts_with($wanted, $here->at) && in_array($wanted[strlen($here->at)] ?? '', ['/', '@', '='], true);
            if ($wanted !== $here->at && ! $inside && ! $part) {
                continue;
            }
            if (! self::shown($line, $here) || ($line->placing()->enabled !== '' && ! $here->yes($line->placing()->enabled))) {
                throw $wanted === $here->at || $part ? new NotNow($line, $here) : new NotNow();
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
     * @param  list<AnyLine>  $lines
     * @return iterable<AnyLine>
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
     * Whether effects may as well be done later: they change rows and lead nowhere, those of their routines too.
     *
     * @param  list<AnyEffect>  $effects
     */
    private static function waits(array $effects, Blueprint $blueprint, int $depth = 0): bool
    {
        foreach ($effects as $effect) {
            $branches = $effect instanceof Branching && $depth < 20 ? array_filter($effect->branches($blueprint)) : [];
            if ($branches === [] && ! ($effect instanceof MayWait)) {
                return false;
            }
            foreach ($branches as $branch) {
                if (! self::waits($branch, $blueprint, $depth + 1)) {
                    return false;
                }
            }
        }

        return $effects !== [];
    }

    public static function shown(Line $line, Scene $scene): bool
    {
        $placing = $line->placing();

        return ($scene->visit === null || $placing->shownOn($scene->visit)) && ($placing->if === '' || $scene->yes($placing->if))
            && (! ($line instanceof MayStayAway) || $line->isThere($scene));
    }
}
