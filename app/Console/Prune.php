<?php

declare(strict_types=1);

namespace App\Console;

use App\Adverts\AdvertBook;
use App\Adverts\AdvertLedger;
use App\Adverts\Films;
use App\Apps\OldWork;
use App\Apps\Removal;
use App\Apps\RevisionBook;
use App\Earnings\Statements;
use App\Models\App;
use App\Reach\CountBook;
use App\Reach\MessageBook;
use App\Reach\Shelf;
use App\Records\DataSet;
use App\Space;
use App\Studio\SandboxCopy;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Cache;

final class Prune extends Command
{
    protected $signature = 'lanai:prune';

    protected $description = 'Remove what nobody needs any more (answers to old taps, sessions, looked-at imports, folders of work that ended), and '
        .'give lists the indexes that serve them best';

    public function handle(RevisionBook $book): int
    {
        $indexed = 0;
        foreach (
            App::query()
                ->with(['revision', 'liveRevision'])
                ->lazy(50) as $app
        ) {
            $indexed += (int) rescue(fn (): int => $book->reconsider($app), 0);
            foreach (DataSet::cases() as $set) {
                $space = Space::of($app, $set);
                $space === null ?: rescue(fn () => (new CountBook($space))->tidy(time()));
                $space === null ?: rescue(fn () => (new MessageBook($space))->tidy(time()));
                $space === null ?: rescue(fn () => (new Shelf($space))->tidy(time()));
                $space?->blueprint()->adverts === null ?: rescue(fn () => $this->settle($space));
            }
        }
        Films::tidy(time());
        $this->line(Removal::prune().' removed apps');
        $this->line(SandboxCopy::prune().' copies of sandboxes');
        $this->line("$indexed data sets got other indexes");
        foreach (OldWork::prune() as $what => $count) {
            $this->line("$count $what");
        }

        return self::SUCCESS;
    }

    /** What was shown is forgotten, what was earned is written into the books; once a day the network is asked what it has paid. */
    private function settle(Space $space): void
    {
        (new AdvertBook($space))->tidy(time());
        (new AdvertLedger($space))->book(time());
        // Of an app that sells something it is asked together with the tills.
        if (! $space->app->sells && Cache::add("statements {$space->app->id} {$space->set->value}", true, 86400)) {
            foreach ((new Statements($space))->ask(false) as $refused) {
                $this->warn("{$space->app->slug}, {$space->set->value}: $refused");
            }
        }
    }
}
