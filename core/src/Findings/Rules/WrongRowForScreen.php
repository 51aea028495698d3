<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Blueprint\Screen;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\NodeSpot;
use Lanai\Core\Script\Scope;

/** A screen that is about a row, opened without one or with a row of another table. */
final class WrongRowForScreen implements Rule
{
    public function holds(): string
    {
        return 'Every screen gets the row that it is about.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        foreach ($reading->goTos() as $goTo) {
            $screen = $blueprint->screen($goTo->text('screen'));
            if ($screen !== null) {
                yield from self::goTo($goTo, $screen);
            }
        }
        foreach ($blueprint->tabs as $i => $tab) {
            $screen = $blueprint->screen($tab->screen);
            if ($screen !== null && $screen->about === [] && $screen->taking !== []) {
                yield Finding::blocking(self::class, "/tabs/$i", "A tab opens “{$screen->name}”, but that screen needs to know {$screen->taking[0]->name}, and a tab has nothing to give.", new Mend('Take the tab away', [['op' => 'remove', 'path' => "/tabs/$i"]]));
            }
            if ($screen !== null && $screen->about !== []) {
                yield Finding::blocking(self::class, "/tabs/$i", "A tab opens “{$screen->name}”, but that screen is about one {$screen->about[0]->one}, and a tab has none to give.",
                    new Mend('Take the tab away', [['op' => 'remove', 'path' => "/tabs/$i"]]));
            }
        }
        $first = $blueprint->firstScreen();
        if ($first !== null && $first->about !== []) {
            $at = '/screens/'.$blueprint->screenIndex($first->name);
            yield Finding::blocking(self::class, $at, "The app begins with “{$first->name}”, but that screen is about one {$first->about[0]->one}, and nobody has chosen one yet.");
        }
    }

    /** @return iterable<Finding> */
    private static function goTo(NodeSpot $goTo, Screen $screen): iterable
    {
        $given = is_array($goTo->data['with'] ?? null) ? array_values($goTo->data['with']) : [];
        $right = [];
        $wrong = '';
        foreach ($screen->about as $i => $parameter) {
            $wanted = Type::row($parameter->one);
            $formula = is_string($given[$i] ?? null) ? $given[$i] : '';
            $right[$i] = $formula;
            try {
                $type = $formula === '' ? null : Formula::of($formula)->typeIn($goTo->scope);
            } catch (FormulaMistake) {
                return;
            }
            if ($type === null || ! $type->fits($wanted)) {
                $wrong = $type === null ? "needs to know which $parameter->one it is about" : "is about one $parameter->one, but “{$formula}” is ".$type->inWords();
                $right[$i] = self::named($wanted, $goTo->scope);
            }
        }
        foreach ($screen->taking as $i => $taken) {
            $place = count($screen->about) + $i;
            $formula = is_string($given[$place] ?? null) ? $given[$place] : '';
            $right[$place] = $formula;
            try {
                $type = $formula === '' ? null : Formula::of($formula)->typeIn($goTo->scope);
            } catch (FormulaMistake) {
                return;
            }
            $wanted = $taken->type->type();
            if ($wrong === '' && $type !== null && ! $type->fits($wanted) && $wanted->kind !== Kind::Text) {
                $wrong = "takes $taken->name, which is {$wanted->inWords()}, but “{$formula}” is ".$type->inWords();
                $right[$place] = self::named($wanted, $goTo->scope);
            } elseif ($wrong === '' && $type === null) {
                $wrong = "needs to know $taken->name";
            }
        }
        if ($wrong === '' && count($given) <= count($screen->about) + count($screen->taking)) {
            return;
        }
        $wrong = $wrong === '' ? 'takes no row, but it is given one' : $wrong;
        $mend = in_array('', $right, true) ? null : ($right === [] ? new Mend('Give it none', [['op' => 'remove', 'path' => "$goTo->at/with"]])
            : Mend::put('Go there with '.implode(', ', $right), "$goTo->at/with", $right));
        yield Finding::blocking(self::class, $goTo->at, "The screen “{$screen->name}” $wrong.", $mend);
    }

    /** A name in scope that gives such a row: the row at hand, else a name, else a link of the row at hand. */
    private static function named(Type $wanted, Scope $scope): string
    {
        $names = isset($scope->names['this']) ? ['this' => $scope->names['this']] + $scope->all() : $scope->all();
        foreach ($names as $name => $type) {
            if ($type->fits($wanted)) {
                return (string) $name;
            }
        }

        return '';
    }
}
