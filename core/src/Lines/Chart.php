<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Fits\TableFit;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Arithmetic;
use Lanai\Core\Formula\Evaluation;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Runtime\Belonging;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Tappable;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Values\Currency;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;

/** Rows put together by what they have alike, as bars, a line or a ring. */
final readonly class Chart implements Tappable
{
    use MayBeTapped;

    private const MOST = 60;

    /**
     * @param  string  $owner  a formula that gives a row: only rows linked with it; '' for all
     * @param  string  $each  a formula about a row: those with the same answer are one bar
     * @param  string  $sum  a formula about a row that is added up; '' to count rows
     * @param  'bars'|'line'|'ring'|''  $form
     * @param  list<Effect>  $tapped
     */
    public function __construct(
        public string $table,
        public string $owner = '',
        public string $where = '',
        public string $each = '',
        public string $sum = '',
        public string $form = 'bars',
        public string $title = '',
        public Placing $placing = new Placing,
        #[ListOf(Effect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Chart of', new Blank('table', TableFit::listed()))->clauses(
            Clause::joined('of', 'only those of one row', new Blank('owner', FormulaFit::row())),
            Clause::joined('where', 'only those where', new Blank('where', FormulaFit::giving(Kind::YesNo))),
            Clause::of('by', 'put together by', new Blank('each', FormulaFit::giving(Kind::Any))),
            Clause::of('adding up', 'adding up, instead of counting', new Blank('sum', FormulaFit::giving(Kind::Any))),
            Clause::of('as', 'as bars, a line or a ring', new Blank('form', ChoiceFit::of('bars, a line or a ring', ['bars' => 'bars', 'line' => 'a line', 'ring' => 'a ring']))),
            Clause::of('titled', 'titled', new Blank('title', new TextFit)),
            ...Placing::acting(),
        )->below(self::whenTapped())->within(['where', 'each', 'sum'], fn (array $data, Scope $scope): Scope => $scope->inRow($scope->blueprint->table(is_string($data['table'] ?? null) ? $data['table'] : '')));
    }

    public function draw(Scene $scene): array
    {
        $table = $scene->blueprint->table($this->table);
        $points = $table === null ? [] : $this->points($scene, $table);
        $more = count($points) - self::MOST;

        return ['form' => $this->form === '' ? 'bars' : $this->form, 'title' => $scene->text($this->title, 'title'), 'points' => array_slice($points, 0, self::MOST)]
            + ($more > 0 ? ['rest' => number_format($more).' more '.($more === 1 ? 'is' : 'are').' not drawn.'] : []) + $this->taps();
    }

    /** @return list<array{label: string, value: float|int, text: string}> in the order of what they have alike; a ring largest first */
    private function points(Scene $scene, Table $table): array
    {
        $groups = [];
        foreach ($this->amounts($scene, $table) as [$alike, $amount]) {
            $key = $alike instanceof Row ? "#$alike->id" : $scene->show($alike);
            $groups[$key] ??= ['alike' => $alike, 'total' => null];
            $groups[$key]['total'] = $amount === null ? $groups[$key]['total'] : ($groups[$key]['total'] === null ? $amount : Arithmetic::of('+', $groups[$key]['total'], $amount));
        }
        uasort($groups, fn (array $a, array $b): int => $this->form === 'ring' ? Chart::plain($b['total']) <=> Chart::plain($a['total']) : Evaluation::compared($a['alike'] instanceof Row ? $a['alike']->label() : $a['alike'], $b['alike'] instanceof Row ? $b['alike']->label() : $b['alike']));
        $points = [];
        foreach ($groups as $group) {
            $points[] = ['label' => $group['alike'] === null ? '–' : $scene->show($group['alike']), 'value' => self::plain($group['total']), 'text' => $scene->show($group['total'])];
        }

        return $points;
    }

    /**
     * What rows have alike and what each adds: a few rows one by one, so that it can be said where a bar comes from; many by a
     * query that puts them together, where one can say it.
     *
     * @return iterable<array{mixed, mixed}>
     */
    private function amounts(Scene $scene, Table $table): iterable
    {
        $also = Belonging::to($this->owner, $scene, $table);
        $rows = $scene->rows($table, $this->where, [], Reader::BOUND + 1, [$this->each, $this->sum], $also);
        $label = $table->labelField();
        $groups = count($rows) <= Reader::BOUND ? null : $scene->grouped($table, $this->where, $also, $this->each !== '' ? $this->each : ($label === null ? '' : Names::inFormula($label->name)), $this->sum);
        foreach ($groups ?? [] as $group) {
            yield [$group['alike'], $group['total']];
        }
        foreach ($groups !== null ? [] : (count($rows) <= Reader::BOUND ? $rows : $scene->each($table, $this->where, [$this->each, $this->sum], $also)) as $row) {
            $here = $scene->inRow($row);
            yield [$this->each === '' ? $row->label() : $here->value($this->each, 'each', $row->id), $this->sum === '' ? 1 : $here->value($this->sum, 'sum', $row->id)];
        }
    }

    /** The length of a bar: money in its main unit, a duration in minutes. */
    private static function plain(mixed $value): int|float
    {
        return match (true) {
            is_int($value), is_float($value) => $value,
            $value instanceof Money => $value->minor / 10 ** Currency::digits($value->currency),
            $value instanceof Duration => $value->seconds / 60,
            default => 0,
        };
    }
}
