<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Edits\Kinds\LetPeopleIn;
use Lanai\Core\Effects\DeleteMe;
use Lanai\Core\Effects\DownloadMine;
use Lanai\Core\Effects\SignOut;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Blueprint;

/** What stores insist on in an app with accounts: signing out and deleting the account from inside the app (common practice, no source). */
final class AccountMatters implements Rule
{
    public function holds(): string
    {
        return 'People can sign out, take their data along and delete their account.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        if ($reading->blueprint->signIn === null) {
            return;
        }
        $mend = null;
        foreach (
            [
                DeleteMe::class => ['delete their account', true],
                SignOut::class => ['sign out', false],
                DownloadMine::class => ['download their data', false],
            ] as $effect => [$what, $blocks]
        ) {
            if ($reading->placesOf($effect) === []) {
                $mend ??= self::mend($reading->blueprint);
                $sentence = "No line lets people $what".($blocks ? '; stores turn such apps down.' : '.');
                yield $blocks ? Finding::blocking(self::class, '/signIn', $sentence, $mend) : Finding::warning(self::class, '/signIn', $sentence, $mend);
            }
        }
    }

    private static function mend(Blueprint $blueprint): Mend
    {
        [$screen, $name] = LetPeopleIn::accountScreen($blueprint);
        $entry = ['screen' => $name, 'label' => 'Account', 'icon' => 'person'];

        return new Mend('Add an account screen', [
            ['op' => 'add', 'path' => $blueprint->screens === [] ? '/screens' : '/screens/-', 'value' => $blueprint->screens === [] ? [$screen] : $screen],
            ['op' => 'add', 'path' => $blueprint->menu === [] ? '/menu' : '/menu/-', 'value' => $blueprint->menu === [] ? [$entry] : $entry],
        ]);
    }
}
