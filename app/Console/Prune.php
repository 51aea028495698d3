<?php

declare(strict_types=1);

namespace App\Console;

use App\Adverts\AdvertBook;
use App\Apps\OldWork;
use App\Apps\RevisionBook;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Console\Command;

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
                $space?->blueprint()->adverts === null ?: rescue(fn () => (new AdvertBook($space))->tidy(time()));
            }
        }
        $this->line("$indexed data sets got other indexes");
        foreach (OldWork::prune() as $what => $count) {
            $this->line("$count $what");
        }

        return self::SUCCESS;
    }
}
