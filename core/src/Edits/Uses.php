<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Printer;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Piece;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Routine;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Tab;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Pattern;

/** Where a table, a field or a screen is used: every sentence of the app that points at it. */
final class Uses
{
    /**
     * @param  string  $at  JSON Pointer of the thing
     * @return list<array{at: string, place: string, sentence: string}> each sentence once
     */
    public static function of(Blueprint $blueprint, string $at): array
    {
        $walk = $blueprint->walk();
        $found = [];
        foreach (['name', 'singular'] as $key) {
            $spot = $walk->blankAt("$at/$key");
            foreach ($spot === null ? [] : (new Renaming($blueprint, $spot))->users() as $user) {
                $node = self::sentenceOf($user->node);
                if ($node->at !== $at && ! str_starts_with($node->at, "$at/")) {
                    $found[$node->at] = [
                        'at' => $node->at,
                        'place' => self::place($node),
                        'sentence' => trim(explode("\n", Printer::node($node->data, $node->class))[0]),
                    ];
                }
            }
        }

        return array_values($found);
    }

    /** The node that stands on a line of its own. */
    private static function sentenceOf(NodeSpot $node): NodeSpot
    {
        while (
            $node->parent !== null &&
            ! Pattern::match(
                '~^/tabs/\d+$|/(lines|actions|does|then|otherwise|entries|swipes|sections|fields|tapped|saved|with|shows|screens|tables|pieces|'
                    .'routines|products|values|assets|menu|bought)/\d+$~',
                $node->at,
            )
        ) {
            $node = $node->parent;
        }

        return $node;
    }

    private static function place(NodeSpot $node): string
    {
        $screen = $node->within(Screen::class);
        $table = $node->within(Table::class);

        return match (true) {
            $screen !== null => 'screen '.$screen->text('name'),
            $table !== null => 'table '.$table->text('name'),
            $node->within(Piece::class) !== null => 'piece '.$node->within(Piece::class)->text('name'),
            $node->within(Routine::class) !== null => 'routine '.$node->within(Routine::class)->text('name'),
            default => $node->is(Tab::class) ? 'tabs' : 'app',
        };
    }
}
