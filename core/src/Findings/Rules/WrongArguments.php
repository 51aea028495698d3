<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\DoRoutine;
use Lanai\Core\Effects\GoToScreen;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Lines\PieceLine;
use Lanai\Core\Model\AnyParameter;
use Lanai\Core\Model\Reach\Opens;

/** A screen, a piece or a routine that is not given what it needs, or something else. */
final class WrongArguments implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every screen, piece and routine gets what it needs to know.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        foreach ([...$reading->nodesOf(GoToScreen::class), ...$reading->nodesOf(Opens::class)] as $goTo) {
            $screen = $blueprint->screen($goTo->text('screen'));
            if ($screen !== null) {
                yield from self::given($goTo, "screen “{$screen->name}”", $screen->parameters());
            }
        }
        foreach ($reading->nodesOf(PieceLine::class) as $line) {
            $piece = $blueprint->pieces[$blueprint->pieceIndex($line->text('piece')) ?? -1] ?? null;
            if ($piece !== null) {
                yield from self::given($line, "piece “{$piece->name}”", $piece->parameters());
            }
        }
        foreach ($reading->nodesOf(DoRoutine::class) as $do) {
            $routine = $blueprint->routines[$blueprint->routineIndex($do->text('routine')) ?? -1] ?? null;
            if ($routine !== null) {
                yield from self::given($do, "routine “{$routine->name}”", $routine->parameters());
            }
        }
        foreach ($reading->isAround() ? $blueprint->tabs : [] as $i => $tab) {
            $screen = $blueprint->screen($tab->screen);
            if ($screen !== null && $screen->about === [] && $screen->taking !== []) {
                yield Finding::blocking(
                    self::class,
                    "/tabs/$i",
                    "A tab opens “{$screen->name}”, but that screen needs to know {$screen->taking[0]->name}, and a tab has nothing to give.",
                    new Mend('Take the tab away', [['op' => 'remove', 'path' => "/tabs/$i"]]),
                );
            }
            if ($screen !== null && $screen->about !== []) {
                yield Finding::blocking(
                    self::class,
                    "/tabs/$i",
                    "A tab opens “{$screen->name}”, but that screen is about one {$screen->about[0]->one}, and a tab has none to give.",
                    new Mend('Take the tab away', [['op' => 'remove', 'path' => "/tabs/$i"]]),
                );
            }
        }
        $first = $blueprint->firstScreen();
        if ($reading->isAround() && $first !== null && $first->about !== []) {
            $at = '/screens/'.$blueprint->screenIndex($first->name);
            yield Finding::blocking(
                self::class,
                $at,
                "The app begins with “{$first->name}”, but that screen is about one {$first->about[0]->one}, and nobody has chosen one yet.",
            );
        }
    }

    /**
     * @param  list<AnyParameter>  $parameters
     * @return iterable<Finding>
     */
    private static function given(NodeSpot $spot, string $what, array $parameters): iterable
    {
        $with = is_array($spot->data['with'] ?? null) ? array_values($spot->data['with']) : [];
        $right = [];
        $wrong = '';
        foreach ($parameters as $i => $parameter) {
            $right[$i] = is_string($with[$i] ?? null) ? $with[$i] : '';
            try {
                $type = $right[$i] === '' ? null : Formula::of($right[$i])->typeIn($spot->scope);
            } catch (FormulaMistake) {
                return;
            }
            $fault = self::fault($parameter, $right[$i], $type);
            if ($fault !== '') {
                $right[$i] = self::named($parameter->type(), $spot->scope);
            }
            $wrong = $wrong === '' ? $fault : $wrong;
        }
        if ($wrong === '' && count($with) <= count($parameters)) {
            return;
        }
        yield Finding::blocking(
            self::class,
            $spot->at,
            "The $what ".($wrong === '' ? self::tooMany(count($parameters), count($with)) : $wrong).'.',
            self::mend($spot, array_values($right)),
        );
    }

    /** What is wrong with what is given; '' for nothing. */
    private static function fault(AnyParameter $parameter, string $formula, ?Type $type): string
    {
        $wanted = $parameter->type();
        $called = $parameter->called();
        $isRow = ! $parameter->mayBeEmpty();
        if ($type === null) {
            return $isRow ? "needs to know which $called it is about" : "needs to know $called";
        }
        if ($type->fits($wanted) || (! $isRow && $wanted->kind === Kind::Text)) {
            return '';
        }

        return $isRow
            ? "is about one $called, but “{$formula}” is ".$type->inWords()
            : "takes $called, which is {$wanted->inWords()}, but “{$formula}” is ".$type->inWords();
    }

    private static function tooMany(int $takes, int $given): string
    {
        return $takes === 0 ? 'takes nothing, but it is given something' : "takes $takes ".($takes === 1 ? 'value' : 'values').", but it is given $given";
    }

    /** @param  list<string>  $right */
    private static function mend(NodeSpot $spot, array $right): ?Mend
    {
        if (in_array('', $right, true)) {
            return null;
        }

        return $right === []
            ? new Mend('Give it none', [['op' => 'remove', 'path' => "$spot->at/with"]])
            : Mend::put('Say it with '.implode(', ', $right), "$spot->at/with", $right);
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
