<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Lines\Pages;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** What newcomers meet first: too much of it, a wall, a permission before anything else, a question that is asked for nothing. */
final class OnboardingMatters implements Rule
{
    /** Pages that newcomers look through (common practice, no source). */
    private const PAGES = 5;

    public function holds(): string
    {
        return 'Newcomers see what the app is for before anything is asked of them.';
    }

    public function station(): Station
    {
        return Station::Reach;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(Pages::class) as $node) {
            [$at, $pages] = [$node->at, is_array($node->data['pages'] ?? null) ? $node->data['pages'] : []];
            if (count($pages) > self::PAGES) {
                $said = count($pages).' pages are many: most newcomers look through five at most. Say less, or say it where it is needed.';
                yield Finding::warning(self::class, $at, $said);
            }
            yield from self::unused($reading, $at, $pages);
        }
        $first = $reading->blueprint->firstScreen();
        $index = $first === null ? null : $reading->blueprint->screenIndex($first->name);
        if ($first?->signedIn === true && $reading->isAround()) {
            $said = 'Nobody sees anything before they sign in: let newcomers look around first, and ask when it is needed.';
            yield Finding::warning(self::class, "/screens/$index", $said);
        }
        foreach ($reading->placesOf(ListLine::class) as $at => $data) {
            if (($data['here'] ?? false) === true && str_starts_with($at, "/screens/$index/")) {
                $said = 'Where the phone is is asked on the first screen, before anybody knows what for: most say no there, for good.';
                yield Finding::warning(self::class, $at, $said, new Mend('Do not mark where one is', [['op' => 'remove', 'path' => "$at/here"]]));
            }
        }
    }

    /**
     * Questions whose answer nothing on the screen takes.
     *
     * @param  array<array-key, mixed>  $pages
     * @return iterable<Finding>
     */
    private static function unused(Reading $reading, string $at, array $pages): iterable
    {
        $screen = Pattern::match('~^/(?:screens|pieces)/\d+~', $at, $found) ? Pointer::get($found[0], $reading->blueprint->data()) : [];
        $all = (string) json_encode($screen);
        foreach ($pages as $i => $page) {
            foreach (is_array($page) && is_array($page['lines'] ?? null) ? $page['lines'] : [] as $n => $line) {
                $name = is_array($line) && ($line['kind'] ?? '') === 'input' && is_string($line['name'] ?? null) ? $line['name'] : '';
                if ($name !== '' && ! str_contains($all, 'input.'.Names::inFormula($name))) {
                    $place = "$at/pages/$i/lines/$n";
                    yield Finding::warning(self::class, $place, "Nothing uses the answer to “{$name}”: who is asked for nothing leaves.", new Mend(
                        'Do not ask it',
                        [['op' => 'remove', 'path' => $place]],
                    ));
                }
            }
        }
    }
}
