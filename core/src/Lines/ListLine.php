<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use DateTimeImmutable;
use Lanai\Core\Adverts\Format;
use Lanai\Core\Formula\Formats;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\AdvertRules;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\InParts;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\LeadsOn;
use Lanai\Core\Play\LinkCondition;
use Lanai\Core\Play\Narrowing;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Sort;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Place;

/** The rows of a table that meet a condition, in order, each as one item. */
final readonly class ListLine implements InParts, Labelled
{
    use HasPlacing;

    public const LAYOUTS = [
        'rows' => 'rows',
        'cards' => 'cards',
        'tiles' => 'tiles',
        'strip' => 'a strip',
        'pages' => 'pages',
        'conversation' => 'a conversation',
        'map' => 'a map',
        'calendar' => 'a calendar',
    ];

    /** No list shows more, however far one scrolls. */
    private const MOST = 10000;

    /** Where nothing is said, so many at first, and more as one scrolls. */
    public const PAGE = 100;

    /** From so many on one looks for a letter. */
    private const LONG = 40;

    /** So much is said at most of what was done for several. */
    private const SAID = 3;

    /** On a map and in a calendar all stand at once, so many at most. */
    public const AT_ONCE = 2000;

    /**
     * @param  list<SortKey>  $by
     * @param  string  $owner  a formula that gives a row: only rows linked with it; '' for all
     * @param  'rows'|'cards'|'tiles'|'strip'|'pages'|'conversation'|'map'|'calendar'|''  $layout
     * @param  string  $own  a formula about a row: in a conversation, the person's own stand on the other side
     * @param  bool  $here  on a map, the person may see where they are themselves
     * @param  string  $headings  a formula about a row: those with the same answer stand under it as a heading
     * @param  list<string>  $orders  fields by which the person may sort
     * @param  list<string>  $chips  fields of which the person may choose a value
     * @param  int|null  $adverts  after so many items an advert stands, in rows and cards
     * @param  int|null  $page  how many are shown at first, and more each time the end is reached
     * @param  list<Shown>  $shows
     * @param  list<Effect>  $tapped
     * @param  list<Swipe>  $swipes
     * @param  list<ForChosen>  $chosen
     */
    public function __construct(
        public string $table,
        public string $owner = '',
        public string $where = '',
        #[ListOf(SortKey::class)] public array $by = [],
        public string $layout = 'rows',
        public string $own = '',
        public bool $here = false,
        public string $headings = '',
        public bool $searchable = false,
        public array $orders = [],
        public array $chips = [],
        public ?int $adverts = null,
        public ?int $page = null,
        public Placing $placing = new Placing(),
        #[ListOf(Shown::class)] public array $shows = [],
        #[ListOf(AnyEffect::class)] public array $tapped = [],
        #[ListOf(Swipe::class)] public array $swipes = [],
        #[ListOf(ForChosen::class)] public array $chosen = [],
        public string $empty = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('List of', new Blank('table', TableFit::listed()))
            ->clauses(
                Clause::joined('of', 'only those of one row', new Blank('owner', FormulaFit::row())),
                Clause::joined('where', 'only those where', new Blank('where', FormulaFit::giving(Kind::YesNo))),
                Clause::of('by', 'sorted by', new Series('by', 'then', SortKey::class)),
                Clause::of(
                    'as',
                    'as rows, cards, tiles, a strip, pages, a conversation, a map or a calendar',
                    new Blank('layout', ChoiceFit::of('rows, cards, tiles, a strip, pages, a conversation, a map or a calendar', self::LAYOUTS)),
                ),
                Clause::of('own where', 'which are the person’s own', new Blank('own', FormulaFit::giving(Kind::YesNo))),
                Clause::flag('here', 'marking where one is'),
                Clause::of('under headings of', 'under headings', new Blank('headings', FormulaFit::giving(Kind::Any))),
                Clause::flag('searchable', 'with a search box'),
                Clause::of('offering order by', 'the person may sort by', new Series('orders', 'or', new FieldFit())),
                Clause::of('offering a choice of', 'the person may choose', new Series('chips', 'and', new FieldFit())),
                Clause::of('with an advert after every', 'adverts in between', new Blank('adverts', NumberFit::whole(3, 50))),
                Clause::of('showing', 'so many at a time', new Blank('page', NumberFit::whole(1, 200))),
                ...Placing::clauses(),
            )
            ->below(
                new Children('shows', Family::only('“shows”', Shown::class), 'what each item shows'),
                new Block('tapped', 'tapped:', Families::of(AnyEffect::class), 'what tapping an item does'),
                new Children('swipes', Family::only('“swiped”', Swipe::class), 'what swiping an item offers'),
                new Children('chosen', Family::only('“for the chosen ones”', ForChosen::class), 'what ticking several offers'),
                new SubLine('when empty:', new Blank('empty', new TextFit()), 'what it says when empty'),
            )
            ->within(['where', 'by', 'own', 'headings', 'orders', 'chips', 'shows', 'tapped', 'swipes', 'chosen'], self::itemScope(...));
    }

    /** So many items it shows at most, when its end was reached so often. */
    public function most(int $pages): int
    {
        return $this->atOnce() ? self::AT_ONCE : min(self::MOST, ($this->page ?? self::PAGE) * max(1, $pages));
    }

    /** What a person chose of what it offers. */
    public function narrowing(Table $table, Scene $scene): Narrowing
    {
        return Narrowing::of($this->orders, $this->chips, $this->searchable, $table, $scene);
    }

    public function draw(Scene $scene): array
    {
        $table = $scene->blueprint->table($this->table);
        if ($table === null) {
            return ['items' => [], 'layout' => 'rows', 'empty' => '', 'taps' => false, 'search' => null, 'more' => false];
        }
        $narrowing = $this->narrowing($table, $scene);
        $also = Term::every(LinkCondition::to($this->owner, $scene, $table), $narrowing->condition());
        $most = $this->most($scene->visit->pages[$scene->at] ?? 1);
        $shown = [...array_merge(...array_map(fn (Shown $s): array => $s->formulas(), $this->shows)), $this->own, $this->headings];
        $newest = $this->endsWithNewest($narrowing);
        $sorts = $this->sorts($table, $scene, $narrowing);
        if ($newest) {
            // Its end is what one wants to see: it is read from there.
            $sorts = [...array_map(fn (Sort $s): Sort => $s->turned(), $sorts), Sort::byTerm(Term::id(0, $table), false)];
        }
        $rows = $scene->rows($table, $this->where, $sorts, $most + 1, $shown, $also, $narrowing->search);
        $longer = count($rows) > $most;
        $more = $longer && ! $this->atOnce() && $most < self::MOST;
        $rows = array_slice($rows, 0, $most);
        $rows = $newest ? array_reverse($rows) : $rows;
        $scene->reader->ahead($table, $rows, $shown);
        $day = $this->day($table, $narrowing);
        $items = array_map(fn (Row $row): array => $this->item($scene->inRow($row), $row, $day), $rows);

        return array_filter(
            [
                'layout' => $this->layout === '' ? 'rows' : $this->layout,
                'items' => $items,
                'taps' => $this->tapped !== [],
                'newestLast' => $newest,
                'leads' => $this->leads($scene->blueprint),
                'empty' => match (true) {
                    $items !== [] => '',
                    $narrowing->narrows() => $scene->own('Nothing is found.'),
                    default => $scene->text($this->empty, 'empty'),
                },
                'search' => $this->searchable ? $narrowing->search : null,
                'more' => $more,
                'rest' => $this->rest($longer && ! $more ? $most : null, $newest, $narrowing, $items, $scene),
                'order' => $narrowing->orders === [] ? null : $narrowing->order,
                'orders' => $narrowing->orders,
                'chips' => $narrowing->chips,
                'tiles' => $this->layout === 'map' ? OnMap::tiles($scene->blueprint)['tiles'] ?? null : null,
                'here' => $this->here && $this->layout === 'map',
                'opened' => $this->layout === 'calendar' ? self::opened($items, $scene) : null,
                'alphabet' => $this->alphabetical($table, $narrowing) && count($items) >= self::LONG,
                'adverts' => $this->advertsIn($scene),
                'first' => $items === [] && ! $narrowing->narrows() ? FirstOne::of($table, $scene) : null,
                'narrowed' => $items === [] && $narrowing->narrows(),
                'chosen' => array_map(
                    fn (ForChosen $c, int $i): array => ['label' => $scene->text($c->label, "chosen/$i/label"), 'dangerous' => $c->dangerous],
                    $this->chosen,
                    array_keys($this->chosen),
                ),
                'swipes' => array_map(
                    fn (Swipe $s, int $i): array => ['label' => $scene->text($s->label, "swipes/$i/label"), 'dangerous' => $s->dangerous] +
                        ($s->removes() ? ['removes' => true] : []),
                    $this->swipes,
                    array_keys($this->swipes),
                ),
            ],
            fn (mixed $v, string $key): bool => ! (in_array($key, ['orders', 'chips', 'swipes', 'chosen'], true) && $v === []) &&
                ! (in_array($key, ['order', 'rest', 'tiles', 'opened', 'first', 'adverts'], true) && $v === null) &&
                ! ($key === 'leads' && $v === '') &&
                ! (in_array($key, ['newestLast', 'alphabet', 'narrowed', 'here'], true) && $v === false),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** What the place of its adverts is called; '' where it has none. */
    public function advertPlace(): string
    {
        return $this->adverts !== null && in_array($this->layout, ['rows', 'cards', ''], true) ? Names::inStorage("List of $this->table") : '';
    }

    /** @return array{place: string, every: int, width: int, height: int}|null */
    private function advertsIn(Scene $scene): ?array
    {
        $place = $this->advertPlace();
        if ($place === '' || ! AdvertRules::allow($scene)) {
            return null;
        }
        [$width, $height] = Format::Strip->size();

        return ['place' => $place, 'every' => $this->adverts ?? 0, 'width' => $width, 'height' => $height];
    }

    /**
     * What is there and not to be seen, in words; null where all is.
     *
     * @param  int|null  $shown  so many of more; null where the list is whole
     * @param  list<array<string, mixed>>  $items
     */
    private function rest(?int $shown, bool $newest, Narrowing $narrowing, array $items, Scene $scene): ?string
    {
        $said = [];
        if ($shown !== null) {
            $said[] = $scene->own($newest ? 'Only the last {0} are shown.' : 'Only the first {0} are shown.', $shown);
            if ($this->searchable || $narrowing->chips !== []) {
                $said[] = $scene->own('Search or choose above to see others.');
            }
        }
        $never = $this->layout === 'calendar' ? count(array_filter($items, fn (array $item): bool => ! isset($item['day']))) : 0;
        if ($never > 0) {
            $said[] = $scene->own('{0, plural, one {One has no day and is not in the calendar.} other {# have no day and are not in the calendar.}}', $never);
        }
        $nowhere = $this->layout === 'map' ? count(array_filter($items, fn (array $item): bool => ! isset($item['place']))) : 0;
        if ($nowhere > 0) {
            $said[] = $scene->own('{0, plural, one {One has no place and is not on the map.} other {# have no place and are not on the map.}}', $nowhere);
        }

        return $said === [] ? null : implode(' ', $said);
    }

    /** All of it stands there at once, and nothing is read as one goes on. */
    private function atOnce(): bool
    {
        return in_array($this->layout, ['map', 'calendar'], true);
    }

    /** Names in their order, in a list so long that one looks for a letter. */
    private function alphabetical(Table $table, Narrowing $narrowing): bool
    {
        [$by] = $this->by + [null];
        $field = $by === null ? null : $table->field($by->field);

        return $this->layout === 'rows' &&
            $this->headings === '' &&
            $narrowing->order === '' &&
            $by?->way === 'upward' &&
            $field?->valueType()->kind === Kind::Text &&
            array_filter($this->shows, fn (Shown $s): bool => $s->place === 'title' && $s->formula === Names::inFormula($field->name)) !== [];
    }

    /**
     * The day at which a calendar is opened: today or the next with something on it, or else the last.
     *
     * @param  list<array<string, mixed>>  $items
     */
    private static function opened(array $items, Scene $scene): ?string
    {
        $days = array_filter(array_column($items, 'day'), is_string(...));
        $today = Day::at($scene->moment->now, $scene->moment->zone)->iso;
        $coming = array_filter($days, fn (string $day): bool => $day >= $today);

        return match (true) {
            $days === [] => null,
            $coming === [] => max($days),
            default => min($coming),
        };
    }

    /** A conversation is read from its end, as long as nobody puts it in another order. */
    private function endsWithNewest(Narrowing $narrowing): bool
    {
        return $this->layout === 'conversation' && $narrowing->sort === null && ($this->by === [] || $this->by[0]->way !== 'downward');
    }

    /** A formula for the moment or the day by which items stand apart: in a calendar, and in a conversation that is in the order of one; '' for none. */
    private function day(Table $table, Narrowing $narrowing): string
    {
        if ($this->layout === 'calendar') {
            $field = $table->field($this->by[0]->field ?? '');

            return in_array($field?->valueType()->kind, [Kind::Date, Kind::Moment], true) ? Names::inFormula($field->name) : '';
        }
        $field = $this->layout === 'conversation' && $narrowing->sort === null ? $table->field($this->by[0]->field ?? '') : null;

        return $field !== null && $field->valueType()->kind === Kind::Moment ? Names::inFormula($field->name) : '';
    }

    /** The screen that a tap on an item opens, and nothing else. */
    private function leads(Blueprint $blueprint): string
    {
        [$only] = $this->tapped + [null];

        return count($this->tapped) === 1 && $only instanceof LeadsOn ? $only->leads($blueprint) : '';
    }

    /**
     * The screens that lists lead to: where there is room, they stand beside the list.
     *
     * @return list<string> their slugs
     */
    public static function leadTo(Blueprint $blueprint): array
    {
        $slugs = [];
        foreach ($blueprint->screens as $screen) {
            foreach (Drawing::all($screen->lines(), $blueprint) as $line) {
                $slugs[] = $line instanceof self ? $line->leads($blueprint) : '';
            }
        }

        return array_values(array_unique(array_filter($slugs)));
    }

    public function label(Scene $scene, string $part): array
    {
        $one = $this->part($part);

        return $one === null ? ['', false] : [$scene->text($one->label, ltrim("$part/label", '/')), $one->dangerous];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return (new ListBoxes($setting->pen, $setting))->of($node);
    }

    public function effects(): array
    {
        return array_merge($this->tapped, ...array_map(fn (Swipe|ForChosen $s): array => $s->tapped, [...$this->swipes, ...$this->chosen]));
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $part = $this->part($doing->part);
        if ($part === null && $doing->part !== '') {
            throw new Refused('This is not possible any more.');
        }
        if ($part instanceof ForChosen) {
            $this->forEach($doing, $part);
        } else {
            $this->once($doing, $item === null ? [] : [$item], $part->tapped ?? $this->tapped, 'This is no longer there.', 'This is no longer in the list.');
        }
    }

    /** What a part of it does, such as “/swipes/0” or “/chosen/1”; null for the line itself, and for one that is not there. */
    private function part(string $part): Swipe|ForChosen|null
    {
        return Pattern::match('~^/(swipes|chosen)/(\d+)$~', $part, $found) ? $this->{$found[1]}[(int) $found[2]] ?? null : null;
    }

    private function forEach(Doing $doing, ForChosen $part): void
    {
        $ticked = array_values(array_unique($doing->scene->visit->ticked ?? []));
        if ($ticked === []) {
            throw new Refused('Please choose some first.');
        }
        if (count($ticked) > ForChosen::MOST) {
            throw new Refused('Please choose at most '.ForChosen::MOST.' at a time.');
        }
        $before = count($doing->outcome->say);
        $this->once($doing, $ticked, $part->tapped, 'One of the chosen ones is no longer there. Please look again.');
        // What is said of each alike is said once.
        $said = array_values(array_unique(array_slice($doing->outcome->say, $before)));
        $doing->outcome->say = [
            ...array_slice($doing->outcome->say, 0, $before),
            ...array_slice($said, 0, self::SAID),
            ...count($said) > self::SAID ? [$doing->scene->own('And so on, {0} in all.', count($ticked))] : [],
        ];
    }

    /**
     * Does it for each of these rows, in the order of the list of their ids.
     *
     * @param  list<int>  $ids
     * @param  list<AnyEffect>  $effects
     *
     * @throws Refused where one is not there, or not in the list any more
     */
    private function once(Doing $doing, array $ids, array $effects, string $gone, ?string $left = null): void
    {
        $table = $doing->scene->blueprint->table($this->table);
        $rows = $table === null ? [] : $doing->store->byIds($table, $ids);
        foreach ($ids as $id) {
            $this->isThere($doing, $rows[$id] ?? throw new Refused($gone), $left ?? $gone);
        }
        if ($table === null || $rows === []) {
            throw new Refused($gone);
        }
        foreach ($ids as $id) {
            // What was done for one before may have changed this one.
            $row = $doing->store->byIds($table, [$id])[$id] ?? throw new Refused($gone);
            $doing->in($doing->scene->inRow($row))->run($effects, $doing->part === '' ? 'tapped' : substr($doing->part, 1).'/tapped');
        }
    }

    private function isThere(Doing $doing, Row $row, string $left): void
    {
        $also = LinkCondition::to($this->owner, $doing->scene, $row->table);
        $there =
            $also === null
                ? null
                : Term::all(
                    $also,
                    Term::operator('==', Type::of(Kind::YesNo), Term::id(0, $row->table), Term::value($row, Type::row($row->table->singular))),
                );
        if ($there !== null && $doing->store->rows(new Query($row->table, $there, limit: 1)) === []) {
            throw new Refused($left);
        }
        if ($this->where !== '' && ! $doing->scene->inRow($row)->yes($this->where)) {
            throw new Refused($left);
        }
    }

    /** @return array<string, mixed> */
    private function item(Scene $scene, Row $row, string $day): array
    {
        $item = ['id' => $row->id];
        foreach ($this->shows as $i => $shown) {
            if ($shown->place === '' || $shown->formula === '') {
                continue;
            }
            $value = $scene->value($shown->formula, "shows/$i/formula", $row->id, shows: true);
            $item[$shown->place] = match (true) {
                $shown->place === 'picture' && is_string($value) => $value,
                $shown->place === 'picture' => '',
                $shown->place === 'place' => $value instanceof Place ? OnMap::place($value) : null,
                $shown->words !== '' && $value !== null => $scene->text($shown->words, "shows/$i/formula", $row->id),
                default => $scene->show($value),
            };
        }
        if (! isset($item['place'])) {
            unset($item['place']);
        }
        if (! isset($item['title']) && $this->shows === []) {
            $item['title'] = $row->label($scene->moment->tongue());
        }
        if ($this->own !== '' && $scene->yes($this->own)) {
            $item['own'] = true;
        }
        if ($this->layout === 'calendar') {
            return $item + ($day === '' ? [] : self::when($scene->value($day, 'by/0/field', $row->id), $scene));
        }
        if ($this->headings !== '') {
            $item['group'] = $scene->show($scene->value($this->headings, 'headings', $row->id, shows: true));
        } elseif ($day !== '') {
            $at = $scene->value($day, 'by/0/field', $row->id);
            $item['group'] = $at instanceof DateTimeImmutable ? Formats::dayInWords($at, $scene->moment) : '';
        }

        return $item;
    }

    /** @return array{day?: string, time?: string} the day of a calendar, and the time where it has one */
    private static function when(mixed $value, Scene $scene): array
    {
        return match (true) {
            $value instanceof Day => ['day' => $value->iso],
            $value instanceof DateTimeImmutable => [
                'day' => Day::at($value, $scene->moment->zone)->iso,
                'time' => $value->setTimezone($scene->moment->zone)->format('H:i'),
            ],
            default => [],
        };
    }

    /** @return list<Sort> the headings' order first, then what the person chose, then what the sentence says */
    private function sorts(Table $table, Scene $scene, Narrowing $narrowing): array
    {
        $heading = $this->headings === '' ? null : $scene->term($table, $this->headings);
        $sorts = $heading === null ? [] : [Sort::byTerm($heading), Sort::byTerm($heading)->apart()];
        if ($narrowing->sort !== null) {
            $sorts[] = $narrowing->sort;
        }
        foreach ($this->by as $key) {
            $field = $table->field($key->field);
            if ($field === null || $key->field === '') {
                continue;
            }
            // By the field as this person sees it: an order tells nothing of what is hidden.
            $term = $scene->term($table, Names::inFormula($field->name));
            if ($term !== null) {
                $sorts[] = Sort::byTerm($term, $key->way !== 'downward');
            }
        }

        return $sorts;
    }

    /** @param  array<string, mixed>  $data */
    private static function itemScope(array $data, Scope $scope): Scope
    {
        return $scope->inRow(Blueprint::in($scope)->table(is_string($data['table'] ?? null) ? $data['table'] : ''));
    }
}
