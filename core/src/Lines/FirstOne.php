<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Effects\AddRow;
use Lanai\Core\Effects\GoToScreen;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Branching;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Scene;

/**
 * Where a list is empty: what floats over its screen or stands in the title bar, and adds the first row. A button on the page itself is seen
 * without that.
 */
final class FirstOne
{
    /** @return array{at: string, label: string}|null null where the screen has none that can be tapped now */
    public static function of(Table $table, Scene $scene): ?array
    {
        $blueprint = $scene->blueprint;
        $visited = $scene->visit?->screen;
        $screen = $visited === '' ? $blueprint->firstScreen() : $blueprint->screen($visited ?? '');
        $at = $screen === null ? null : '/screens/'.$blueprint->screenIndex($screen->slug());
        foreach ($screen === null ? [] : ['lines' => $screen->lines(), 'actions' => $screen->actions()] as $part => $lines) {
            foreach ($lines as $i => $line) {
                $stands = $part === 'actions' || $line instanceof FloatingButton;
                if (! $stands || ! ($line instanceof Labelled) || ! self::adds($line->effects(), $table, $blueprint)) {
                    continue;
                }
                $here = $scene->at("$at/$part/$i");
                [$label] = $line->label($here, '');
                $can = $line->placing()->enabled === '' || $here->yes($line->placing()->enabled);
                if ($label !== '' && $can && Drawing::shown($line, $here)) {
                    return ['at' => $here->at, 'label' => $label];
                }
            }
        }

        return null;
    }

    /** @param  list<AnyEffect>  $effects */
    private static function adds(array $effects, Table $table, Blueprint $blueprint, int $depth = 0): bool
    {
        foreach ($effects as $effect) {
            if ($effect instanceof AddRow && $blueprint->tableOfOne($effect->one) === $table) {
                return true;
            }
            $to = $effect instanceof GoToScreen ? $blueprint->screen($effect->screen) : null;
            foreach ($to === null ? [] : Drawing::all($to->lines(), $blueprint) as $line) {
                if ($line instanceof AddForm && $blueprint->tableOfOne($line->one) === $table) {
                    return true;
                }
            }
            foreach ($effect instanceof Branching && $depth < 20 ? $effect->branches($blueprint) : [] as $branch) {
                if (self::adds($branch, $table, $blueprint, $depth + 1)) {
                    return true;
                }
            }
        }

        return false;
    }
}
