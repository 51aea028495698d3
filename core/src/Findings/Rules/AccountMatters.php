<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Edits\Beginning;
use Lanai\Core\Effects\DeleteMe;
use Lanai\Core\Effects\DownloadMine;
use Lanai\Core\Effects\SignOut;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;

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
        [$screen, $name] = Beginning::accountScreen($reading->blueprint);
        $entry = ['screen' => $name, 'label' => 'Account', 'icon' => 'person'];
        $mend = new Mend('Add an account screen', [['op' => 'add', 'path' => $reading->blueprint->screens === [] ? '/screens' : '/screens/-', 'value' => $reading->blueprint->screens === [] ? [$screen] : $screen],
            ['op' => 'add', 'path' => $reading->blueprint->menu === [] ? '/menu' : '/menu/-', 'value' => $reading->blueprint->menu === [] ? [$entry] : $entry]]);
        foreach ([DeleteMe::class => ['delete their account', true], SignOut::class => ['sign out', false], DownloadMine::class => ['download their data', false]] as $effect => [$what, $blocks]) {
            if ($reading->walk->nodesOf($effect) === []) {
                $sentence = "No line lets people $what".($blocks ? '; stores turn such apps down.' : '.');
                yield $blocks ? Finding::blocking(self::class, '/signIn', $sentence, $mend) : Finding::warning(self::class, '/signIn', $sentence, $mend);
            }
        }
    }
}
