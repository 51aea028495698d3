<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Access\Rules;
use Lanai\Core\Effects\AddRow;
use Lanai\Core\Effects\ChangeAll;
use Lanai\Core\Effects\ChangeRow;
use Lanai\Core\Effects\LowerNumber;
use Lanai\Core\Effects\PutInto;
use Lanai\Core\Effects\RaiseNumber;
use Lanai\Core\Effects\RemoveAll;
use Lanai\Core\Effects\RemoveRow;
use Lanai\Core\Effects\TakeOut;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Lines\ChangeForm;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Table;

/** In an app without sign-in: rows of which nothing says that everyone may see them. While the app is tried out they are open; live, they are closed. */
final class UnsaidWithoutSignIn implements Rule
{
    private const CHANGING = [ChangeForm::class, ChangeRow::class, ChangeAll::class, LowerNumber::class, RaiseNumber::class, PutInto::class, TakeOut::class];

    private const REMOVING = [RemoveRow::class, RemoveAll::class];

    public function holds(): string
    {
        return 'An app without sign-in says what everyone may do with the rows of each table.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        $rules = new Rules($blueprint);
        foreach ($blueprint->signIn !== null ? [] : $blueprint->tables as $i => $table) {
            $unsaid = array_values(array_filter(Verb::cases(), fn (Verb $v): bool => ! $rules->isSaid($v, $table)));
            if ($blueprint->isServiceTable($table) || ! in_array(Verb::See, $unsaid, true)) {
                continue;
            }
            $open = array_values(array_filter($unsaid, fn (Verb $v): bool => $this->uses($reading, $v, $table)));
            $said = array_map(fn (Verb $v): array => ['verb' => $v->value, 'who' => ['kind' => in_array($v, $open, true) ? 'everyone' : 'nobody']], $unsaid);
            yield Finding::blocking(
                self::class,
                "/tables/$i/access",
                "Nothing says who may see $table->name, so they would be empty once the app is live.",
                Mend::addingTo(
                    'Everyone may '.implode(' and ', array_map(fn (Verb $v): string => $v->does(), $open))." $table->name",
                    "/tables/$i/access",
                    $table->access !== [],
                    $said,
                ),
            );
        }
    }

    /** Whether the app does this with rows of the table, as far as its sentences tell. */
    private function uses(Reading $reading, Verb $verb, Table $table): bool
    {
        return match ($verb) {
            Verb::See => true,
            Verb::Add => array_filter(
                [...$reading->nodesOf(AddForm::class), ...$reading->nodesOf(AddRow::class)],
                fn ($spot): bool => mb_strtolower($spot->text('one')) === mb_strtolower($table->singular),
            ) !== [],
            Verb::Change => array_filter(self::CHANGING, fn (string $kind): bool => [...$reading->nodesOf($kind)] !== []) !== [],
            Verb::Remove => array_filter(self::REMOVING, fn (string $kind): bool => [...$reading->nodesOf($kind)] !== []) !== [],
        };
    }
}
