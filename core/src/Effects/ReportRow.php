<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\MayWait;
use Lanai\Core\Play\Reported;
use Lanai\Core\Play\Reports;

/** Tells whoever runs the app of a row that does not belong there; nothing about it changes for anybody. */
final readonly class ReportRow implements MayWait, Reports
{
    /** Characters of what is said of it. */
    private const LONGEST = 1000;

    /** @param  string  $row  a formula that gives the row */
    public function __construct(public string $row, public string $why = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('report', new Blank('row', FormulaFit::row()))
            ->clauses(Clause::of('because', 'what is said of it', new Blank('why', new TextFit())));
    }

    public function run(Doing $doing): void
    {
        $row = $this->row === '' ? null : $doing->scene->value($this->row, 'row');
        if (! $row instanceof Row) {
            throw $doing->gone($this->row);
        }
        $doing->scene->reader->budget->write('reports');
        $why = $this->why === '' ? '' : mb_substr(trim($doing->scene->text($this->why, 'why')), 0, self::LONGEST);
        $doing->outcome->reports[] = new Reported($row->table->name, $row->id, $row->label(), $why);
        $doing->scene->trail->step('reported', $row->label(), $doing->scene->at);
    }
}
