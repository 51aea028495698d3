<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Query;
use Lanai\Core\Data\Row;
use Lanai\Core\Data\Sort;
use Lanai\Core\Effects\Effect;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Term;
use Lanai\Core\Formula\Type;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Refused;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Block;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\NumberFit;
use Lanai\Core\Script\Fits\TableFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;
use Lanai\Core\Script\SubLine;

/** The rows of a table that meet a condition, in order, each as one item. */
final readonly class ListLine implements Tappable
{
    use ShownIf;

    /** No list shows more, however far one scrolls. */
    private const MOST = 10000;

    private const UNPAGED = 200;

    /**
     * @param  list<SortKey>  $by
     * @param  string  $owner  a formula that gives a row: only rows linked with it; '' for all
     * @param  'rows'|'cards'|'tiles'|'strip'|''  $layout
     * @param  int|null  $page  how many are shown at first, and more each time the end is reached
     * @param  list<Shown>  $shows
     * @param  list<Effect>  $tapped
     */
    public function __construct(
        public string $table,
        public string $owner = '',
        public string $where = '',
        #[ListOf(SortKey::class)] public array $by = [],
        public string $layout = 'rows',
        public bool $searchable = false,
        public ?int $page = null,
        public string $if = '',
        #[ListOf(Shown::class)] public array $shows = [],
        #[ListOf(Effect::class)] public array $tapped = [],
        public string $empty = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('List of', new Blank('table', TableFit::plural()))
            ->clauses(
                Clause::joined('of', 'only those of one row', new Blank('owner', FormulaFit::row())),
                Clause::joined('where', 'only those where', new Blank('where', FormulaFit::giving(Kind::YesNo))),
                Clause::of('by', 'sorted by', new Series('by', 'then', SortKey::class)),
                Clause::of('as', 'as rows, cards, tiles or a strip', new Blank('layout', ChoiceFit::of('rows, cards, tiles or a strip', ['rows' => 'rows', 'cards' => 'cards', 'tiles' => 'tiles', 'strip' => 'a strip']))),
                Clause::flag('searchable', 'with a search box'),
                Clause::of('showing', 'so many at a time', new Blank('page', NumberFit::whole(1, 200))),
                self::shownIf(),
            )
            ->below(
                new Children('shows', Family::only('“shows”', Shown::class), 'what each item shows'),
                new Block('tapped', 'tapped:', Effects::family(), 'what tapping an item does'),
                new SubLine('when empty:', new Blank('empty', new TextFit), 'what it says when empty'),
            )
            ->within(['where', 'by', 'shows', 'tapped'], self::itemScope(...));
    }

    public function draw(Scene $scene): array
    {
        $table = $scene->blueprint->table($this->table);
        if ($table === null) {
            return ['items' => [], 'layout' => 'rows', 'empty' => '', 'taps' => false, 'search' => null, 'more' => false];
        }
        $also = $this->belonging($scene, $table);
        $search = $this->searchable ? mb_substr($scene->visit->finds[$scene->at] ?? '', 0, 200) : '';
        $most = $this->page === null ? self::UNPAGED : min(self::MOST, $this->page * max(1, $scene->visit->pages[$scene->at] ?? 1));
        $shown = array_map(fn (Shown $s): string => $s->formula, $this->shows);
        $rows = $scene->rows($table, $this->where, $this->sorts($table, $scene), $this->page === null ? $most : $most + 1, $shown, $also, $search);
        $more = $this->page !== null && $most < self::MOST && count($rows) > $most;
        $rows = array_slice($rows, 0, $most);
        $scene->reader->ahead($table, $rows, $shown);
        $items = [];
        foreach ($rows as $row) {
            $items[] = $this->item($scene->inRow($row), $row);
        }

        return [
            'layout' => $this->layout === '' ? 'rows' : $this->layout,
            'items' => $items,
            'taps' => $this->tapped !== [],
            'empty' => $items !== [] ? '' : ($search === '' ? $scene->text($this->empty, 'empty') : 'Nothing is found.'),
            'search' => $this->searchable ? $search : null,
            'more' => $more,
        ];
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $table = $doing->scene->blueprint->table($this->table);
        $row = $table === null || $item === null ? null : ($doing->store->byIds($table, [$item])[$item] ?? null);
        if ($row === null) {
            throw new Refused('This is no longer there.');
        }
        $also = $this->belonging($doing->scene, $row->table);
        $there = $also === null ? null : Term::all($also, Term::operator('==', Type::of(Kind::YesNo), Term::id(0, $row->table), Term::value($row, Type::row($row->table->singular))));
        if ($there !== null && $doing->store->rows(new Query($row->table, $there, limit: 1)) === []) {
            throw new Refused('This is no longer in the list.');
        }
        $scene = $doing->scene->inRow($row);
        if ($this->where !== '' && ! $scene->yes($this->where)) {
            throw new Refused('This is no longer in the list.');
        }
        $doing->in($scene)->run($this->tapped, 'tapped');
    }

    /** The condition that rows are linked with the one whose list this is; null for a list of all. */
    public function belonging(Scene $scene, Table $table): ?Term
    {
        if ($this->owner === '') {
            return null;
        }
        $owner = $scene->value($this->owner, 'owner');

        return ($owner instanceof Row ? $scene->linkedWith($table, $owner) : null) ?? Term::value(false, Type::of(Kind::YesNo));
    }

    /** @return array<string, mixed> */
    private function item(Scene $scene, Row $row): array
    {
        $item = ['id' => $row->id];
        foreach ($this->shows as $i => $shown) {
            if ($shown->place === '' || $shown->formula === '') {
                continue;
            }
            $value = $scene->value($shown->formula, "shows/$i/formula", $row->id);
            $item[$shown->place] = $shown->place === 'picture' ? (is_string($value) ? $value : '') : $scene->show($value);
        }
        if (! isset($item['title']) && $this->shows === []) {
            $item['title'] = $row->label();
        }

        return $item;
    }

    /** @return list<Sort> */
    private function sorts(Table $table, Scene $scene): array
    {
        $sorts = [];
        foreach ($this->by as $key) {
            $field = $table->field($key->field);
            if ($field === null || $key->field === '') {
                continue;
            }
            $term = $field->hasColumn() ? Term::column(0, $field) : $scene->term($table, $field->formula());
            if ($term !== null) {
                $sorts[] = Sort::byTerm($term, $key->way !== 'downward');
            }
        }

        return $sorts;
    }

    /** @param  array<string, mixed>  $data */
    private static function itemScope(array $data, Scope $scope): Scope
    {
        return $scope->inRow($scope->blueprint->table(is_string($data['table'] ?? null) ? $data['table'] : ''));
    }
}
