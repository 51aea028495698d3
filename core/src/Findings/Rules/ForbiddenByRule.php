<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Access\Rules;
use Lanai\Core\Effects\AddRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Lines\Chart;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Article;

/** A list, a screen or a form that a permission makes useless: nobody may see, or add, what it is about. */
final class ForbiddenByRule implements OfOneScreen
{
    public function holds(): string
    {
        return 'No permission makes a screen useless.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        $rules = new Rules($reading->blueprint);
        $closed = fn (Verb $verb, ?Table $table): bool => $table !== null && $rules->isSaid($verb, $table) && $rules->isClosed($verb, $table);
        foreach ([...$reading->nodesOf(ListLine::class), ...$reading->nodesOf(Chart::class)] as $list) {
            $table = $reading->blueprint->table($list->text('table'));
            if ($closed(Verb::See, $table)) {
                yield Finding::warning(self::class, $list->at, "Nobody may see $table?->name, so this shows nothing to anybody.");
            }
        }
        foreach ($reading->isAround() ? $reading->blueprint->screens : [] as $i => $screen) {
            foreach ($screen->about as $parameter) {
                if ($closed(Verb::See, $reading->blueprint->tableOfOne($parameter->one))) {
                    yield Finding::warning(self::class, "/screens/$i", 'Nobody may see '.Article::with($parameter->one).', so this screen opens for nobody.');
                }
            }
        }
        foreach ([...$reading->nodesOf(AddForm::class), ...$reading->nodesOf(AddRow::class)] as $form) {
            $table = $reading->blueprint->tableOfOne($form->text('one'));
            if ($closed(Verb::Add, $table)) {
                $one = Article::with((string) $table?->singular);
                yield Finding::blocking(self::class, $form->at, "Nobody may add $one, so this is refused to everybody.");
            }
        }
    }
}
