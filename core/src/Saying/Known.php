<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Closure;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\AboutRow;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Asset;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use Lanai\Core\Reading\Lexicon;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** The names of an app's own things, and which of them somebody means who does not use them to the letter. */
final class Known
{
    /** What says nothing about which one is meant. */
    private const EMPTY = [
        'the', 'a', 'an', 'all', 'my', 'our', 'your', 'every', 'each', 'this', 'that', 'these', 'those', 'its', 'their', 'some', 'any', 'new', 'called',
        'named',
    ];

    /** From so many letters on one may be wrong, and from so many two. */
    private const ONE_WRONG = 5;

    private const TWO_WRONG = 9;

    /** It is not meant. */
    private const NOT = 9;

    /** What fields are called, by what they keep: where a table has one such alone, it is that. */
    private const BY_TYPE = [
        'picture' => ['picture', 'photo', 'photograph', 'image'],
        'money' => ['price', 'cost', 'fee', 'money'],
        'moment' => ['date', 'time', 'when', 'day'],
        'date' => ['date', 'day', 'when'],
        'place' => ['place', 'location', 'where', 'position'],
        'longText' => ['description', 'text', 'note'],
        'duration' => ['duration', 'length'],
        'phone' => ['phone', 'number'],
        'email' => ['email', 'mail'],
    ];

    public readonly Lexicon $lexicon;

    /** @var list<Line>|null */
    private ?array $lines = null;

    /**
     * @param  string  $here  the name of the screen that somebody looks at; '' for none
     * @param  (Closure(Table): ?int)|null  $count  how many rows a table has; null where it is not known
     * @param  (Closure(Asset): list<array{int, int, int}>)|null  $pixels  what is seen on a picture, see Likeness
     */
    public function __construct(
        public readonly Blueprint $blueprint,
        public readonly string $here = '',
        ?Lexicon $lexicon = null,
        private readonly ?Closure $count = null,
        private readonly ?Closure $pixels = null,
    ) {
        $this->lexicon = $lexicon ?? new Lexicon();
    }

    public static function typeOf(Field $field): string
    {
        return FieldTypes::family()->kindOf($field->type);
    }

    /** How many rows there are; null where nobody knows. */
    public function rows(Table $table): ?int
    {
        return $this->count === null ? null : ($this->count)($table);
    }

    /** @return list<array{int, int, int}> of a picture; none where nothing can be seen on it */
    public function pixels(Asset $asset): array
    {
        return $this->pixels === null ? [] : ($this->pixels)($asset);
    }

    public function tableAt(Table $table): string
    {
        return '/tables/'.(int) array_search($table, $this->blueprint->tables, true);
    }

    public function fieldAt(Table $table, Field $field): string
    {
        return $this->tableAt($table).'/fields/'.(int) array_search($field, $table->fields, true);
    }

    public function screenAt(Screen $screen): string
    {
        return '/screens/'.(int) array_search($screen, $this->blueprint->screens, true);
    }

    /** The screen that “here” and “this screen” mean. */
    public function here(): ?Screen
    {
        return $this->blueprint->screen($this->here);
    }

    /** @return list<Table> */
    public function tables(string $words): array
    {
        $words = Pattern::replace('~^(?:the\s+)?(?:list|table|lists|rows?|entries)\s+(?:of|for)\s+|\s+(?:list|table|rows|entries)$~iu', '', trim($words));
        $named = [];
        foreach ($this->blueprint->tables as $table) {
            array_push($named, [$table->name, $table], [$table->singular, $table]);
        }

        return $this->meant($words, $named);
    }

    /** The one table that is meant; null where none is, or several are. */
    public function table(string $words): ?Table
    {
        $tables = $this->tables($words);

        return count($tables) === 1 ? $tables[0] : null;
    }

    /** @return list<Field> */
    public function fields(Table $table, string $words): array
    {
        $words = Pattern::replace('~\s+(?:field|column|value)$|^(?:the\s+)?(?:field|column)\s+~iu', '', trim($words));
        $found = $this->meant($words, array_map(fn (Field $field): array => [$field->name, $field], $table->fields));
        if ($found !== []) {
            return $found;
        }
        $plain = implode(' ', $this->plain($words));
        foreach (self::BY_TYPE as $type => $nouns) {
            $such = array_values(array_filter($table->fields, fn (Field $field): bool => self::typeOf($field) === $type));
            if (in_array($plain, $nouns, true) && count($such) === 1) {
                return $such;
            }
        }
        $such = array_values(array_filter($table->fields, fn (Field $field): bool => self::typeOf($field) === $plain));
        if (count($such) === 1) {
            return $such;
        }

        return [];
    }

    public function field(Table $table, string $words): ?Field
    {
        $fields = $this->fields($table, $words);

        return count($fields) === 1 ? $fields[0] : null;
    }

    /** @return list<Screen> */
    public function screens(string $words): array
    {
        if (Pattern::match('~^(?:here|it|this|(?:on )?this (?:screen|page))$~iu', trim($words)) && $this->here() !== null) {
            return [$this->here()];
        }
        $bare = Pattern::replace('~^(?:the\s+)?(?:screen|page|tab)\s+|\s+(?:screen|page|tab|view)$~iu', '', trim($words));
        $named = array_map(fn (Screen $screen): array => [$screen->name, $screen], $this->blueprint->screens);
        $found = $this->meant($bare, $named);
        if ($found === [] && Pattern::match('~^(?:the\s+)?(?:first|home|start|main)(?:\s+(?:screen|page))?$~iu', trim($words))) {
            $first = $this->blueprint->firstScreen();

            return $first === null ? [] : [$first];
        }
        if ($found !== []) {
            return $found;
        }
        $titled = [];
        foreach ([...$this->blueprint->tabs, ...$this->blueprint->menu] as $entry) {
            $screen = $this->blueprint->screen($entry->screen);
            array_push($titled, ...$screen === null ? [] : [[$entry->label, $screen]]);
        }
        foreach ($this->blueprint->screens as $screen) {
            array_push($titled, ...$screen->title === '' || str_contains($screen->title, '{') ? [] : [[$screen->title, $screen]]);
        }

        return $this->meant($bare, $titled);
    }

    public function screen(string $words): ?Screen
    {
        $screens = $this->screens($words);

        return count($screens) === 1 ? $screens[0] : null;
    }

    public function role(string $words): ?Role
    {
        $roles = $this->meant($words, array_map(fn (Role $role): array => [$role->name, $role], $this->blueprint->roles));

        return count($roles) === 1 ? $roles[0] : null;
    }

    /** The screen on which one row of a table is shown. */
    public function pageOf(Table $table): ?Screen
    {
        $about = fn (Screen $screen): bool => count($screen->about) === 1 && $screen->about[0]->one === $table->singular;
        $pages = array_values(array_filter($this->blueprint->screens, $about));
        $named = array_values(array_filter($pages, fn (Screen $screen): bool => mb_strtolower($screen->name) === mb_strtolower($table->singular)));

        return $named[0] ?? $pages[0] ?? null;
    }

    /** @return list<Line> every line, in the order of the screens */
    public function lines(): array
    {
        if ($this->lines === null) {
            $this->lines = [];
            foreach ($this->blueprint->walk()->nodes as $spot) {
                if (is_a($spot->class, AnyLine::class, true)) {
                    $this->lines[] = new Line($spot, $spot->within(Screen::class)?->text('name') ?? '');
                }
            }
        }

        return $this->lines;
    }

    /**
     * The lines that somebody means: by their kind, by what they say, by the screen on which they stand.
     *
     * @param  list<string>  $kinds  of these alone; none for any
     * @return list<Line>
     */
    public function linesMeant(string $words, array $kinds = []): array
    {
        [$words, $screen] = $this->apart($words);
        $lines = array_values(array_filter(
            $this->lines(),
            fn (Line $line): bool => ($screen === null || $line->screen === $screen->name) && ($kinds === [] || in_array($line->kind(), $kinds, true)),
        ));
        if (Pattern::match('~"([^"]+)"~u', $words, $quoted)) {
            return $this->labelled($quoted[1], $lines);
        }
        $plain = $this->plain($words);
        $ofKind = null;
        foreach ([0, count($plain) - 1] as $i) {
            $ofKind = Line::kindsOf($plain[$i] ?? '');
            if ($ofKind !== null) {
                unset($plain[$i]);
                break;
            }
        }
        $rest = implode(' ', array_diff($plain, ['of', 'for', 'with', 'that', 'say']));
        if ($ofKind !== null) {
            $such = array_values(array_filter($lines, fn (Line $line): bool => in_array($line->kind(), $ofKind, true)));
            if ($rest === '') {
                return $this->nearest($such, $screen);
            }
            $labelled = $this->labelled($rest, $such);
            if ($labelled !== []) {
                return $this->nearest($labelled, $screen);
            }
            $lines = $such;
        }
        $table = $this->table($rest);
        if ($table !== null && ($ofKind === null || in_array('list', $ofKind, true))) {
            $lists = array_filter($lines, fn (Line $line): bool => $line->kind() === 'list' && $line->text('table') === $table->name);

            return $this->nearest(array_values($lists), $screen);
        }

        return $ofKind === null ? $this->nearest($this->labelled($rest, $lines), $screen) : [];
    }

    /**
     * Of several, those on the screen that somebody looks at.
     *
     * @param  list<Line>  $lines
     * @return list<Line>
     */
    private function nearest(array $lines, ?Screen $said): array
    {
        $here = array_values(array_filter($lines, fn (Line $line): bool => $line->screen === $this->here && $this->here !== ''));

        return count($lines) > 1 && $said === null && $here !== [] ? $here : $lines;
    }

    /**
     * @param  list<Line>  $lines
     * @return list<Line>
     */
    private function labelled(string $words, array $lines): array
    {
        $named = [];
        foreach ($lines as $line) {
            if ($line->label() !== '' && $line->kind() !== 'list') {
                $named[] = [$line->label(), $line];
            }
        }

        return trim($words) === '' ? [] : $this->meant($words, $named, true);
    }

    /** @return array{string, Screen|null} words, and the screen that was named behind “on” or “in” */
    public function apart(string $words): array
    {
        if (Pattern::match('~^(?<what>.+)\s+(?:on|in|at|of|from)\s+(?:the\s+)?(?<where>(?:here|this)|(?:screen |page )?[^"]+?)$~iu', trim($words), $found)) {
            $isPlain = Pattern::match('~\s(?:on|in|at|from)\s+[^"]+$~iu', trim($words));
            $screens = $this->screens($found['where']);
            // “the list of spots” is no list on Spots, and “the button on Spots” is.
            if (count($screens) === 1 && ($isPlain || $this->tables($found['where']) === [])) {
                return [$found['what'], $screens[0]];
            }
        }

        return [$words, null];
    }

    /** A value that is spoken of where a line stands: “the host's picture”, “name of the spot”, “price”; null where there is no such. */
    public function path(string $words, NodeSpot|Screen $from): ?Path
    {
        $words = trim(Pattern::replace('~^(?:the|its|their|his|her)\s+~iu', '', trim($words)));
        $steps = Pattern::match("~^(?<what>.+?)\s+of\s+(?:the\s+|its\s+|a\s+)?(?<whose>.+)$~iu", $words, $found)
            ? [...Pattern::split("~'s\s+~u", $found['whose']), $found['what']]
            : Pattern::split("~'s?\s+~u", $words);
        $starts = $from instanceof Screen
            ? array_map(fn (AboutRow $about): array => [$about->key($this->blueprint), $this->blueprint->tableOfOne($about->one)], $from->about)
            : [['', $this->blueprint->table($from->text('table'))]];
        $starts[] = ['me', $this->blueprint->peopleTable()];
        foreach ($starts as [$key, $table]) {
            if ($table !== null) {
                $path = $this->along($steps, $key, $table);
                if ($path !== null) {
                    return $path;
                }
            }
        }

        return null;
    }

    /** @param  list<string>  $steps */
    private function along(array $steps, string $formula, Table $table): ?Path
    {
        $isFirst = true;
        foreach ($steps as $i => $step) {
            $isLast = $i === count($steps) - 1;
            if (
                $isFirst && ! $isLast && (
                    $this->table($step) === $table || ($formula === 'me' && Pattern::match('~^(?:my|me|the person|the user)$~iu', $step))
                )
            ) {
                continue;
            }
            $isFirst = false;
            $field = $this->field($table, $step);
            if ($field === null && $isLast) {
                // “the price”, of the spot that the swim is at.
                return $this->through($step, $formula, $table);
            }
            if ($field === null) {
                return null;
            }
            $formula = ($formula === '' ? '' : "$formula.").Names::inFormula($field->name);
            if ($isLast) {
                return new Path($formula, $table, $field);
            }
            $next = $this->blueprint->tableOfOne($field->linksTo());
            if ($next === null) {
                return null;
            }
            $table = $next;
        }

        return null;
    }

    /** A field that only one of the rows has to which a row links. */
    private function through(string $step, string $formula, Table $table): ?Path
    {
        $found = [];
        foreach ($table->fields as $link) {
            $next = $this->blueprint->tableOfOne($link->linksTo());
            $field = $next === null ? null : $this->field($next, $step);
            if ($next !== null && $field !== null) {
                $found[] = new Path(($formula === '' ? '' : "$formula.").Names::inFormula($link->name).'.'.Names::inFormula($field->name), $next, $field);
            }
        }

        return count($found) === 1 ? $found[0] : null;
    }

    /**
     * Those of several things that are meant: the ones that are called just so, else those whose names have all the words, else those with a letter
     * wrong.
     *
     * @template T of object
     *
     * @param  list<array{string, T}>  $named
     * @param  bool  $isLoose  there may be other words beside the name
     * @return list<T>
     */
    private function meant(string $words, array $named, bool $isLoose = false): array
    {
        $said = $this->plain($words);
        if ($said === []) {
            return [];
        }
        $raw = mb_strtolower(trim($words));
        [$best, $found] = [[self::NOT, 0], []];
        foreach ($named as [$name, $thing]) {
            $level = $this->level($raw, $said, $name, $isLoose);
            if ($level < $best) {
                [$best, $found] = [$level, []];
            }
            if ($level === $best && $level[0] < self::NOT && ! in_array($thing, $found, true)) {
                $found[] = $thing;
            }
        }

        return $found;
    }

    /**
     * @param  list<string>  $said
     * @return array{int, int} the smaller the better
     */
    private function level(string $raw, array $said, string $name, bool $isLoose): array
    {
        $has = $this->plain($name);

        return match (true) {
            $raw === mb_strtolower($name) => [0, 0],
            $has === [] => [self::NOT, 0],
            implode('', $said) === implode('', $has) => [1, 0],
            array_diff($said, $has) === [] => [2, 0],
            $isLoose && array_diff($has, $said) === [] => [3, -count($has)],
            self::isMisspelt(implode(' ', $said), implode(' ', $has)) => [4, 0],
            default => [self::NOT, 0],
        };
    }

    private static function isMisspelt(string $said, string $name): bool
    {
        $most = match (true) {
            strlen($name) >= self::TWO_WRONG => 2,
            strlen($name) >= self::ONE_WRONG => 1,
            default => 0,
        };

        return $most > 0 && abs(strlen($said) - strlen($name)) <= $most && strlen($said) <= 200 && levenshtein($said, $name) <= $most;
    }

    /** @return list<string> words as they are compared: small, one of each, without what says nothing */
    public function plain(string $words): array
    {
        Pattern::matchAll('~[\p{L}\p{N}]+~u', mb_strtolower(strtr($words, ["'s " => ' '])), $found);
        $kept = array_values(array_diff($found[0], self::EMPTY));

        return array_map(fn (string $word): string => $this->lexicon->one($word), $kept === [] ? $found[0] : $kept);
    }

    /** @return list<array<string, mixed>> what stands in a list of the app, such as /tabs */
    public function items(string $list): array
    {
        return Prose::nodes(Pointer::get($list, $this->blueprint->data()));
    }
}
