<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Layout\Checks\AdvertsInSight;
use Lanai\Core\Layout\Checks\AdvertTooNear;
use Lanai\Core\Layout\Checks\CutOff;
use Lanai\Core\Layout\Checks\MostlyEmpty;
use Lanai\Core\Layout\Checks\Overlap;
use Lanai\Core\Layout\Checks\RunsOff;
use Lanai\Core\Layout\Checks\TooSmallToHit;
use Lanai\Core\Layout\Checks\WrapsBadly;
use Lanai\Core\Text\Pattern;

/** One screen on all devices: its flaws, put together by what and where they are. */
final class Survey
{
    /** @return list<Check> */
    public static function checks(): array
    {
        $ofAdverts = [new AdvertTooNear(), new AdvertsInSight()];

        return [new CutOff(), new RunsOff(), new Overlap(), new WrapsBadly(), new TooSmallToHit(), new MostlyEmpty(), ...$ofAdverts];
    }

    /**
     * @param  callable(string): array<string, mixed>  $view  the screen's view on a phone or a tablet
     * @param  list<Device>  $devices
     * @param  bool  $beside  lists lead to it
     * @return list<Flaw> every flaw on every device
     */
    public static function of(callable $view, array $devices, bool $beside = false): array
    {
        $views = [];
        $flaws = [];
        foreach ($devices as $device) {
            $views[$device->form()] ??= $view($device->form());
            if (($views[$device->form()]['problem'] ?? '') !== '') {
                continue;
            }
            $page = Page::frames($views[$device->form()], $device, $beside);
            foreach (self::checks() as $check) {
                // While answers are on their way, much of a screen is empty by itself; and what stands beside its list shares the room with it.
                if ($check instanceof MostlyEmpty && ($beside || ($views[$device->form()]['awaits'] ?? false) === true)) {
                    continue;
                }
                foreach ($check->look($page, $device) as $flaw) {
                    $flaws[] = $flaw;
                }
            }
        }

        return $flaws;
    }

    /**
     * As findings of the app, each once however many devices show it.
     *
     * @param  list<Flaw>  $flaws
     * @param  string  $screen  JSON Pointer of the screen
     * @return list<Finding>
     */
    public static function findings(array $flaws, string $screen, int $devices): array
    {
        $groups = [];
        foreach ($flaws as $flaw) {
            $groups[$flaw->rule.' '.self::line($flaw->at, $screen)][] = $flaw;
        }
        $findings = [];
        foreach ($groups as $group) {
            usort($group, fn (Flaw $a, Flaw $b): int => [$a->device->text, -$a->weight] <=> [$b->device->text, -$b->weight]);
            $worst = $group[0];
            $names = array_unique(array_map(fn (Flaw $f): string => $f->device->inWords(), $group));
            $others = count($names) - 1;
            $also = $others === 0 ? '' : " (and on $others other".($others === 1 ? ' one' : 's')." of $devices)";
            $findings[] = Finding::warning(
                $worst->rule,
                self::line($worst->at, $screen),
                ucfirst("on {$worst->device->inWords()}$also {$worst->what}."),
                self::mend($worst, $screen),
            );
        }

        return $findings;
    }

    /** The line in the blueprint that a key belongs to. */
    private static function line(string $key, string $screen): string
    {
        if (Pattern::match('~^tabs/(\d+)~', $key, $found)) {
            return "/tabs/$found[1]";
        }
        if ($key === 'title') {
            return "$screen/title";
        }
        if (! str_starts_with($key, '/')) {
            return $screen;
        }
        $key = str_contains($key, '=') ? substr((string) strrchr($key, '='), 1) : $key;

        return Pattern::replace('~@\d+|#\d+$~', '', $key);
    }

    private static function mend(Flaw $flaw, string $screen): ?Mend
    {
        if ($flaw->mend !== null) {
            return $flaw->mend;
        }
        $at = self::line($flaw->at, $screen);
        $fixed = $flaw->rule === CutOff::class && str_starts_with($flaw->what, 'what is in it');

        return $fixed ? new Mend('Let it be as high as its content', [['op' => 'remove', 'path' => "$at/high"]]) : null;
    }
}
