<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Row;
use Lanai\Core\Data\Sort;
use Lanai\Core\Effects\Effect;
use Lanai\Core\Effects\Effects;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Term;
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

    /**
     * @param  list<SortKey>  $by
     * @param  'rows'|'cards'|''  $layout
     * @param  list<Shown>  $shows
     * @param  list<Effect>  $tapped
     */
    public function __construct(
        public string $table,
        public string $where = '',
        #[ListOf(SortKey::class)] public array $by = [],
        public string $layout = 'rows',
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
                Clause::joined('where', 'only those where', new Blank('where', FormulaFit::giving(Kind::YesNo))),
                Clause::of('by', 'sorted by', new Series('by', 'then', SortKey::class)),
                Clause::of('as', 'as rows or cards', new Blank('layout', ChoiceFit::of('rows or cards', ['rows' => 'rows', 'cards' => 'cards']))),
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
            return ['items' => [], 'layout' => $this->layout, 'empty' => '', 'taps' => false];
        }
        $shown = array_map(fn (Shown $s): string => $s->formula, $this->shows);
        $rows = $scene->rows($table, $this->where, $this->sorts($table, $scene), shown: $shown);
        $scene->reader->ahead($table, $rows, $shown);
        $items = [];
        foreach ($rows as $row) {
            $items[] = $this->item($scene->inRow($row), $row);
        }

        return [
            'layout' => $this->layout === 'cards' ? 'cards' : 'rows',
            'items' => $items,
            'taps' => $this->tapped !== [],
            'empty' => $items === [] ? $scene->text($this->empty, 'empty') : '',
        ];
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $table = $doing->scene->blueprint->table($this->table);
        $row = $table === null || $item === null ? null : ($doing->store->byIds($table, [$item])[$item] ?? null);
        if ($row === null) {
            throw new Refused('This is no longer there.');
        }
        $scene = $doing->scene->inRow($row);
        if ($this->where !== '' && ! $scene->yes($this->where)) {
            throw new Refused('This is no longer in the list.');
        }
        $doing->in($scene)->run($this->tapped, 'tapped');
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
