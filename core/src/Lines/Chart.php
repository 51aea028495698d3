<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\LinkCondition;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Text\Names;

/** Rows put together by what they have alike, as bars, a line or a ring. */
final readonly class Chart implements Tappable
{
    use MayBeTapped;

    private const MOST = 60;

    /** So many parts of a bar are told apart; what is left stands together as one more. */
    private const PARTS = 6;

    private const EVERY = ['day' => 'day', 'week' => 'week', 'month' => 'month', 'year' => 'year'];

    /**
     * @param  string  $owner  a formula that gives a row: only rows linked with it; '' for all
     * @param  string  $each  a formula about a row: those with the same answer are one bar
     * @param  'day'|'week'|'month'|'year'|''  $every  those whose day lies in the same one are one bar, and none is left out in between
     * @param  string  $parts  a formula about a row: what is alike in it is one part of each bar
     * @param  string  $sum  a formula about a row that is added up; '' to count rows
     * @param  'bars'|'line'|'ring'|''  $form
     * @param  string  $goal  a formula: a line at this height
     * @param  list<Effect>  $tapped
     */
    public function __construct(
        public string $table,
        public string $owner = '',
        public string $where = '',
        public string $each = '',
        public string $every = '',
        public string $parts = '',
        public string $sum = '',
        public string $form = 'bars',
        public string $goal = '',
        public string $title = '',
        public Placing $placing = new Placing(),
        #[ListOf(AnyEffect::class)] public array $tapped = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Chart of', new Blank('table', TableFit::listed()))
            ->clauses(
                Clause::joined('of', 'only those of one row', new Blank('owner', FormulaFit::row())),
                Clause::joined('where', 'only those where', new Blank('where', FormulaFit::giving(Kind::YesNo))),
                Clause::of('by', 'put together by', new Blank('each', FormulaFit::giving(Kind::Any))),
                Clause::of('for each', 'for each day, week, month or year', new Blank('every', ChoiceFit::of('day, week, month or year', self::EVERY))),
                Clause::of('in parts by', 'in parts by', new Blank('parts', FormulaFit::giving(Kind::Any))),
                Clause::of('adding up', 'adding up, instead of counting', new Blank('sum', FormulaFit::giving(Kind::Any))),
                Clause::of(
                    'as',
                    'as bars, a line or a ring',
                    new Blank('form', ChoiceFit::of('bars, a line or a ring', ['bars' => 'bars', 'line' => 'a line', 'ring' => 'a ring'])),
                ),
                Clause::of('with a goal of', 'with a goal', new Blank('goal', FormulaFit::giving(Kind::Any))),
                Clause::of('titled', 'titled', new Blank('title', new TextFit())),
                ...Placing::acting(),
            )
            ->below(self::whenTapped())
            ->within(
                ['where', 'each', 'parts', 'sum'],
                fn (array $data, Scope $scope): Scope => $scope->inRow(Blueprint::in($scope)->table(is_string($data['table'] ?? null) ? $data['table'] : '')),
            );
    }

    public function draw(Scene $scene): array
    {
        $table = $scene->blueprint->table($this->table);
        $bars = $table === null ? ChartBars::none() : $this->bars($scene, $table);
        $points = $bars->points($scene, $this->form === 'ring', self::PARTS);
        $more = count($points) - self::MOST;
        // Of days the latest are drawn.
        $drawn = $this->every === '' ? array_slice($points, 0, self::MOST) : array_slice($points, -self::MOST);

        return [
            'form' => $this->form === '' ? 'bars' : $this->form,
            'title' => $scene->text($this->title, 'title'),
            'points' => $drawn,
        ] +
            ($bars->names === [] ? [] : ['parts' => $bars->names]) +
            $this->goal($scene) +
            ($more > 0 ? ['rest' => $scene->own('{0, plural, one {One more is not drawn.} other {# more are not drawn.}}', $more)] : []) +
            $this->taps();
    }

    /** @return array{goal?: array{value: int|float, text: string}} */
    private function goal(Scene $scene): array
    {
        $goal = $this->goal === '' || $this->form === 'ring' ? null : $scene->value($this->goal, 'goal');

        return $goal === null ? [] : ['goal' => ['value' => Kinds::holding($goal)->length($goal), 'text' => $scene->show($goal)]];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $title = Nodes::text($node, 'title');
        $rest = Nodes::text($node, 'rest');

        return $setting->stacked(
            [
                ...$title === '' ? [] : [new Box(text: $setting->pen->text($title, weight: 600))],
                Nodes::list($node['points'] ?? []) === [] ? $setting->said($setting->own('There is nothing to draw yet.')) : new Box(height: Size::dp(220)),
                ...$rest === '' ? [] : [new Box(text: $setting->pen->text($rest))],
            ],
            6,
        );
    }

    private function bars(Scene $scene, Table $table): ChartBars
    {
        $bars = new ChartBars($this->every, $scene->moment->zone);
        foreach ($this->amounts($scene, $table) as [$alike, $amount, $part]) {
            $bars->add($alike, $amount, $part, $scene);
        }

        return $bars;
    }

    /**
     * What rows have alike and what each adds: a few rows one by one, so that it can be said where a bar comes from; many by a
     * query that puts them together, where one can say it.
     *
     * @return iterable<array{mixed, mixed, array{mixed}|null}> and in which part, where parts are told apart
     */
    private function amounts(Scene $scene, Table $table): iterable
    {
        $also = LinkCondition::to($this->owner, $scene, $table);
        $read = [$this->each, $this->sum, $this->parts];
        $rows = $scene->rows($table, $this->where, [], Reader::BOUND + 1, $read, $also);
        $label = $table->labelField();
        $groups =
            count($rows) <= Reader::BOUND || $this->every !== '' || $this->parts !== ''
                ? null
                : $scene->grouped(
                    $table,
                    $this->where,
                    $also,
                    match (true) {
                        $this->each !== '' => $this->each,
                        $label === null => '',
                        default => Names::inFormula($label->name),
                    },
                    $this->sum,
                );
        foreach ($groups ?? [] as $group) {
            yield [$group['alike'], $group['total'], null];
        }
        foreach (
            match (true) {
                $groups !== null => [],
                count($rows) <= Reader::BOUND => $rows,
                default => $scene->each($table, $this->where, $read, $also),
            } as $row
        ) {
            $here = $scene->inRow($row);
            yield [
                $this->each === '' ? $row->label() : $here->value($this->each, 'each', $row->id),
                $this->sum === '' ? 1 : $here->value($this->sum, 'sum', $row->id),
                $this->parts === '' ? null : [$here->value($this->parts, 'parts', $row->id)],
            ];
        }
    }
}
