<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

use Lanai\Core\Edits\Kinds\LetPeopleIn;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reading\Patterns\Lending;
use Lanai\Core\Reading\Patterns\Noun;
use Lanai\Core\Reading\Patterns\OnMap;
use Lanai\Core\Reading\Patterns\OverTime;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/**
 * Makes an app of what was understood: tables with rights by who owns and who alone may, a list and a page for each thing, what belongs to it on its page,
 * places that are booked and given back, favourites, stars, comments; and the way in for people. All of it is ordinary sentences.
 *
 * @phpstan-import-type OutlineData from Outline
 * @phpstan-import-type TableData from Outline
 * @phpstan-import-type FieldData from Outline
 */
final class Building
{
    public const TYPES = [
        'text' => 'is a text of at most 80',
        'long text' => 'is a long text of at most 2000',
        'picture' => 'is a picture',
        'video' => 'is a video',
        'sound' => 'is a sound',
        'file' => 'is a file',
        'money' => 'is money in EUR from 0',
        'number' => 'is a decimal',
        'date' => 'is a date',
        'date and time' => 'is a date and time',
        'duration' => 'is a duration',
        'place' => 'is a place',
        'yes or no' => 'is yes or no',
        'email' => 'is an e-mail address',
        'phone' => 'is a phone number',
        'web address' => 'is a web address',
        'colour' => 'is a colour',
    ];

    private const MEMBERSHIP = <<<'SCREEN'
        screen Membership
          Text "Become a member, and help to keep this going.", if not me.member
          Text "You are a member. Thank you.", if me.member
          Offer of Membership, if me != null and not me.member
        SCREEN;

    /** What is measured, and not counted. */
    public const MEASURED = ['weight', 'size', 'depth', 'height', 'width', 'area', 'temperature', 'distance', 'length', 'speed', 'altitude', 'volume',
        'amount', 'percentage'];

    /** Where in a list a field stands, by its type. */
    private const SHOWN = [
        'note' => ['long text', 'text', 'choice'],
        'aside' => ['date and time', 'date', 'money', 'number', 'duration'],
        'picture' => ['picture'],
    ];

    /** Tables that come of what is done with others. */
    private const OF_OTHERS = ['booking', 'reservation', 'favourite', 'like', 'comment', 'rating', 'loan', 'request', 'application'];

    /** What is chosen on a phone, and not typed. */
    private const NOT_TYPED = ['picture', 'video', 'sound', 'file', 'place'];

    /** So many lists stand below as tabs, beside “Mine”; the others are in the menu. */
    private const TABS = 3;

    /** So many letters of a word have room in a tab where there are three, and letters are twice as large. */
    private const LETTERS = 7;

    /** So many letters of a paragraph are kept with the app. */
    private const TOLD = 3900;

    /** @var array<string, TableData> by nouns */
    private array $tables = [];

    /** @var array<string, Noun> */
    private array $nouns = [];

    private readonly Lexicon $lexicon;

    /** @param  OutlineData  $outline */
    private function __construct(private readonly string $name, private readonly array $outline, private readonly string $paragraph)
    {
        $this->lexicon = new Lexicon();
        foreach ($outline['tables'] as $table) {
            $noun = mb_strtolower($table['singular']);
            $this->tables[$noun] = $table;
            $this->nouns[$noun] = new Noun($noun, $this->lexicon);
        }
    }

    /**
     * @param  OutlineData  $outline
     * @param  string  $paragraph  from which it was understood: the page in the stores says it until somebody writes another
     */
    public static function of(string $name, array $outline, string $paragraph = ''): Blueprint
    {
        $building = new self($name, $outline, $paragraph);

        return (new LetPeopleIn())->on(Blueprint::fromScript($building->script()))->blueprint;
    }

    private function script(): string
    {
        $overTime = $this->overTime(array_values(array_filter(array_keys($this->tables), $this->isMain(...))));
        // A goal that is held against what is written down needs no list of its own.
        if ($overTime !== null && count($this->tables['goal']['fields'] ?? []) === 1) {
            unset($this->tables['goal']);
        }
        $kept = array_filter(array_keys($this->tables), fn (string $noun): bool => $noun !== Draft::PERSON);
        $parts = ['app '.Noun::said($this->name), 'theme, also in the dark'];
        foreach ($this->outline['roles'] as $i => $role) {
            $parts[] = 'role '.Noun::said($role['name']).($i === 0 ? ', at first' : '');
        }
        foreach ($kept as $noun) {
            $parts[] = $this->table($noun);
        }
        $parts[] = $this->people();
        $main = array_values(array_filter($kept, $this->isMain(...)));
        usort($main, fn (string $a, string $b): int => $this->weight($b) <=> $this->weight($a));
        $tabs = [];
        foreach ($main as $i => $noun) {
            array_push($parts, ...$this->screens($noun, $i === 0));
            $tabs[] = [$this->nouns[$noun]->many, $this->icon($noun)];
        }
        foreach (['booking', 'reservation'] as $noun) {
            if (isset($this->tables[$noun]) && $this->host($noun) !== '') {
                array_push($parts, ...$this->mine($noun));
                $tabs = [...array_slice($tabs, 0, self::TABS), ["My {$this->nouns[$noun]->many}", 'calendar'], ...array_slice($tabs, self::TABS)];
                break;
            }
        }
        $lending = $this->lending();
        if ($lending !== null) {
            array_push($parts, ...$lending->screens());
            $tabs = [...array_slice($tabs, 0, self::TABS), ["My {$this->nouns['loan']->many}", 'person'], ...array_slice($tabs, self::TABS)];
        }
        if (isset($this->tables['favourite']) && $this->host('favourite') !== '') {
            $parts[] = $this->favourites();
            $tabs[] = ['Favourites', 'heart'];
        }
        $onMap = $this->onMap($main);
        if ($onMap !== null) {
            $parts[] = $onMap->script();
            $tabs[] = [$onMap->screen(), 'place'];
        }
        if ($overTime !== null) {
            array_push($parts, ...$overTime->script());
            $tabs[] = [OverTime::SCREEN, 'star'];
        }
        $sells = $this->outline['sells'];
        if ($sells !== null) {
            $plan = "  plan Membership, every $sells[every] at $sells[price] $sells[currency]";
            array_push($parts, "product Membership is a subscription, giving Member\n$plan", self::MEMBERSHIP);
        }
        if ($main === []) {
            $parts[] = "screen Start, first\n  Text \"Say what this app keeps, and it grows from here.\"";
            $tabs[] = ['Start', 'home'];
        }
        array_push($parts, ...$this->ways($tabs));
        if ($sells !== null) {
            $parts[] = 'side menu Membership as "Membership" with icon star';
        }

        return implode("\n\n", [...$parts, $this->release($main), ...$this->told()])."\n";
    }

    /** @return list<string> the paragraph itself, so that whoever works on the app knows how it began */
    private function told(): array
    {
        $text = trim(Pattern::replace('/\s+/u', ' ', strtr($this->paragraph, ['\\' => '', '"' => '”'])));

        return $text === '' ? [] : ['note "'.mb_substr($text, 0, self::TOLD).'", as it was first told'];
    }

    /**
     * What stores ask for, so that nothing stands in the way of a package; each of it is a sentence that can be written anew.
     *
     * @param  list<string>  $main
     */
    private function release(array $main): string
    {
        $package = trim(Pattern::replace('/[^a-z0-9]+/', '_', mb_strtolower($this->name)), '_');
        $package = Pattern::match('/^[a-z]/', $package) ? $package : "app_$package";
        $names = array_map(fn (string $noun): string => $this->inText($this->nouns[$noun]->many), array_slice($main, 0, 3));
        $last = array_pop($names);
        $about = $last === null ? 'What it keeps, in one place' : 'For '.($names === [] ? $last : implode(', ', $names)." and $last");
        $quoted = fn (string $text): string => '"'.strtr($text, ['\\' => '', '"' => '”', '{' => '(', '}' => ')', "\n" => ' ', "\r" => ' ', "\t" => ' ']).'"';
        $letter = Pattern::match('/\p{L}/u', $this->name, $found) ? mb_strtoupper($found[0]) : 'A';

        return implode("\n", [
            'release',
            '  package is "app.lanai.'.rtrim(mb_substr($package, 0, 60), '_').'"',
            "  icon letter is \"$letter\"",
            '  title is '.$quoted(mb_substr($this->name, 0, 30)),
            '  summary is '.$quoted(mb_substr($about, 0, 80)),
            '  description is '.$quoted(trim($this->paragraph) === '' ? "$about." : mb_substr(trim($this->paragraph), 0, 3900)),
        ]);
    }

    /** What has a list and a page of its own. */
    private function isMain(string $noun): bool
    {
        $hosts = array_filter(array_keys($this->tables), fn (string $other): bool => $this->host($other) === $noun);

        $isAlone = $this->host($noun) === '';

        return $this->tables[$noun]['fields'] !== [] && ($isAlone || ($hosts !== [] && ! in_array($noun, self::OF_OTHERS, true)));
    }

    /** The thing on whose page it stands; '' for none. */
    private function host(string $noun): string
    {
        foreach ($this->tables[$noun]['links'] ?? [] as $link) {
            $to = mb_strtolower($link['to']);
            if ($to !== Draft::PERSON && isset($this->tables[$to]) && $to !== $noun && ! $this->belongsBack($to, $noun)) {
                return $to;
            }
        }

        return '';
    }

    /** Two that belong to each other: then neither stands on the page of the other. */
    private function belongsBack(string $noun, string $other): bool
    {
        return in_array($other, array_map(fn (array $link): string => mb_strtolower($link['to']), $this->tables[$noun]['links']), true) && $noun < $other;
    }

    /** How much of an app it is. */
    private function weight(string $noun): int
    {
        $acts = array_filter($this->outline['acts'], fn (array $act): bool => mb_strtolower($act['table']) === $noun);
        $guests = array_filter(array_keys($this->tables), fn (string $other): bool => $this->host($other) === $noun);

        return 2 * count($acts) + count($this->tables[$noun]['fields']) + 3 * count($guests);
    }

    private function icon(string $noun): string
    {
        $types = array_column($this->tables[$noun]['fields'], 'type');

        return match (true) {
            in_array('place', $types, true) => 'place',
            in_array('date and time', $types, true), in_array('date', $types, true) => 'calendar',
            default => 'list',
        };
    }

    /**
     * Tabs and entries of the side menu. Beside one another stand only words that there is room for where letters are twice as large, also on a
     * small phone; where the first screen has no such word, it is where one begins.
     *
     * @param  list<array{string, string}>  $screens  names and icons, by weight
     * @return list<string>
     */
    private function ways(array $screens): array
    {
        $tabs = $menu = [];
        foreach ($screens as $i => [$screen, $icon]) {
            $label = $this->short($screen);
            $isLong = mb_strlen($label) > self::LETTERS;
            [$label, $icon] = $i === 0 && $isLong ? ['Home', 'home'] : [$label, $icon];
            if (($isLong && $i > 0) || count($tabs) > self::TABS) {
                $menu[] = 'side menu '.Noun::said($screen).' as "'.$this->inEntry($screen)."\" with icon $icon";
            } else {
                $tabs[] = [$screen, $label, $icon];
            }
        }
        // Four of them have room for six letters each, three for seven.
        while (count($tabs) > self::TABS && max(array_map(fn (array $tab): int => mb_strlen($tab[1]), $tabs)) >= self::LETTERS) {
            [$screen, , $icon] = array_pop($tabs);
            array_unshift($menu, 'side menu '.Noun::said($screen).' as "'.$this->inEntry($screen)."\" with icon $icon");
        }

        return [...array_map(fn (array $tab): string => 'tab '.Noun::said($tab[0])." as \"$tab[1]\" with icon $tab[2]", $tabs), ...$menu];
    }

    /** In the menu there is room for all of it. */
    private function inEntry(string $screen): string
    {
        return mb_strimwidth(strtr($screen, ['"' => '', '\\' => '', '{' => '', '}' => '']), 0, 24, '…');
    }

    private function short(string $screen): string
    {
        if (str_starts_with($screen, 'My ')) {
            return 'Mine';
        }
        // Four of them stand beside one another, also where letters are large: one word, and no long one.
        $word = ucfirst(array_slice(explode(' ', $screen), -1)[0]);

        return mb_strlen($word) > 10 ? mb_strimwidth($word, 0, 9, '…') : $word;
    }

    /** Whether somebody does something with it. */
    private function does(string $act, string $noun): bool
    {
        return array_filter($this->outline['acts'], fn (array $one): bool => $one['act'] === $act && mb_strtolower($one['table']) === $noun) !== [];
    }

    private function isSomebodys(string $noun): bool
    {
        return in_array('Person', array_column($this->tables[$noun]['links'], 'to'), true);
    }

    /** @return list<string> roles that alone may do something with it */
    private function only(string $act, string $noun): array
    {
        $known = array_column($this->outline['roles'], 'name');
        $only = [];
        foreach ($this->outline['rights'] as $right) {
            if ($right['act'] === $act && mb_strtolower($right['table']) === $noun) {
                array_push($only, ...array_intersect($right['only'], $known));
            }
        }

        return $only;
    }

    /** Whether nobody but the founder adds to it: as long as nothing else is said of a thing that is nobody's. */
    private function isFounders(string $noun): bool
    {
        $isAsked = array_filter(
            $this->outline['questions'],
            fn (array $one): bool => mb_strtolower($one['about']) === $noun && str_starts_with($one['asks'], 'Who may add'),
        );

        return in_array(ucfirst($noun), $this->outline['founders'], true) || ($isAsked !== [] && ! $this->isSomebodys($noun));
    }

    private function isPrivate(string $noun): bool
    {
        $see = array_filter($this->outline['rights'], fn (array $right): bool => $right['act'] === 'see' && mb_strtolower($right['table']) === $noun);

        return $see !== [] || in_array($noun, ['favourite', 'booking', 'loan', 'order', 'message'], true);
    }

    /**
     * Where a map is spoken of, or what is near.
     *
     * @param  list<string>  $main
     */
    private function onMap(array $main): ?OnMap
    {
        if (! Pattern::match('~\bmaps?\b|\bnear(?:by|est)?\b|\baround (?:me|them|you)\b~iu', $this->paragraph)) {
            return null;
        }
        foreach ($main as $noun) {
            $places = self::typed($this->tables[$noun]['fields'], ['place']);
            if ($places !== [] && ! $this->isPrivate($noun)) {
                return new OnMap($this->nouns[$noun], $this->label($noun), $this->key($places[0], $noun));
            }
        }

        return null;
    }

    /**
     * Where a goal, a chart or progress is spoken of, and something is written down day by day.
     *
     * @param  list<string>  $main
     */
    private function overTime(array $main): ?OverTime
    {
        $hasGoal = isset($this->tables['goal']);
        if (! $hasGoal && ! Pattern::match('~\b(?:charts?|graphs?|progress|statistics|over time|(?:per|each|every|a) week|weekly)\b~iu', $this->paragraph)) {
            return null;
        }
        foreach ($main as $noun) {
            $fields = $this->tables[$noun]['fields'];
            $days = self::typed($fields, ['date', 'date and time']);
            $numbers = self::typed($fields, ['number']);
            if ($noun !== 'goal' && $days !== [] && $numbers !== [] && $this->places($noun) === '') {
                return new OverTime(
                    $this->nouns[$noun],
                    $this->key($days[0], $noun),
                    $days[0]['type'] === 'date and time',
                    $this->key($numbers[0], $noun),
                    $this->called($numbers[0], $noun),
                    $this->isSomebodys($noun),
                    $hasGoal,
                    $this->mayAdd($noun),
                );
            }
        }

        return null;
    }

    /** How something is lent by its owner; null where nothing is, or where it is nobody's. */
    private function lending(): ?Lending
    {
        $thing = isset($this->tables['loan']) && $this->isSomebodys('loan') ? $this->host('loan') : '';
        // A loan has a state and an owner of its own: nothing else in it can be called so.
        $hasRoom = ! in_array($thing, ['', 'state', 'owner', 'added'], true);
        if (! $hasRoom || ! $this->isSomebodys($thing) || $this->tables['loan']['fields'] !== [] || ! $this->isMain($thing)) {
            return null;
        }

        return new Lending($this->nouns['loan'], $this->nouns[$thing], $this->label($thing));
    }

    private function isLent(string $noun): bool
    {
        return $this->lending() !== null && $this->host('loan') === $noun;
    }

    /** Where places are booked, the field that counts how many are left; '' where nothing is counted. */
    private function places(string $noun): string
    {
        if (! $this->does('book', $noun)) {
            return '';
        }
        foreach ($this->tables[$noun]['fields'] as $field) {
            if ($field['type'] === 'number' && in_array(mb_strtolower($field['name']), ['place', 'seat', 'places', 'seats'], true)) {
                return ucfirst($this->lexicon->many(mb_strtolower($field['name'])));
            }
        }

        return '';
    }

    private function table(string $noun): string
    {
        $table = $this->tables[$noun];
        $called = $this->nouns[$noun];
        $host = $this->host($noun);
        $isOnce = $host !== '' && in_array($noun, ['booking', 'favourite', 'like', 'rating'], true);
        $twins = $isOnce ? ', no two alike in '.Noun::said($this->nouns[$host]->one).' and Owner' : '';
        $lines = ['table '.Noun::said($called->many).', each '.Noun::a($called->one).$twins];
        $isTheirs = $this->isSomebodys($noun);
        $isPersonal = array_intersect(array_column($table['fields'], 'type'), ['email', 'phone']) !== [];
        $lines[] = match (true) {
            $isTheirs && $this->isPrivate($noun) => '  may be seen by the person in Owner',
            // How somebody is reached is not for everybody.
            $isPersonal => '  may be seen by signed-in people',
            default => '  may be seen by everyone',
        };
        $only = $this->only('add', $noun);
        $isFounders = $this->isFounders($noun);
        $lines[] = match (true) {
            $only !== [] => implode("\n", array_map(fn (string $role): string => '  may be added by '.Noun::a($role), $only)),
            ! $isFounders => '  may be added by signed-in people',
            default => '  may be added by nobody',
        };
        // Who has asked for something does not answer it.
        $lending = $noun === 'loan' ? $this->lending() : null;
        foreach ($lending !== null ? [] : ['changed' => 'change', 'removed' => 'remove'] as $done => $act) {
            $who = [...$isTheirs ? ['the person in Owner'] : [], ...array_map(Noun::a(...), $this->whoMay($act, $noun))];
            foreach ($who === [] ? ['nobody'] : $who as $one) {
                $lines[] = "  may be $done by $one";
            }
        }
        if ($lending !== null) {
            array_push($lines, ...$lending->table());
        }
        $places = $this->places($noun);
        if ($places !== '') {
            $lines[] = "  may be changed by signed-in people, as to $places";
        }
        $isFirst = true;
        foreach ($table['fields'] as $field) {
            $lines[] = '  '.$this->field($field, $noun, $isFirst);
            $isFirst = false;
        }
        // A comment on one of several kinds of things is on one of them.
        $leads = count(array_filter($table['links'], fn (array $link): bool => $link['to'] !== 'Person'));
        foreach ($table['links'] as $link) {
            $to = mb_strtolower($link['to']);
            if ($to !== Draft::PERSON && isset($this->nouns[$to])) {
                $one = Noun::said($this->nouns[$to]->one);
                $lines[] = "  $one is one $one".($leads > 1 && in_array($noun, self::OF_OTHERS, true) ? '' : ', required');
            }
        }
        if ($this->isLent($noun)) {
            $lines[] = '  '.Lending::OUT.' is yes or no';
        }
        if ($isTheirs) {
            $lines[] = '  Owner is who added it';
        }
        $lines[] = '  Added is when it was added';

        return implode("\n", $lines);
    }

    /** @param  FieldData  $field */
    private function field(array $field, string $noun, bool $isFirst): string
    {
        $name = $this->called($field, $noun);
        $type = match (true) {
            $name === $this->places($noun) => 'is a whole number from 0 to 10000, required',
            $field['type'] === 'number' && $name === 'Stars' => 'is a rating',
            $field['type'] === 'choice' && $field['choices'] !== [] => 'is one of '.implode(', ', array_map(
                fn (string $one): string => '"'.strtr($one, ['"' => '']).'"',
                array_values(array_unique($field['choices'])),
            )),
            $field['type'] === 'number' && ! in_array(array_slice(explode(' ', mb_strtolower($name)), -1)[0], self::MEASURED, true) => 'is a whole number',
            default => self::TYPES[$field['type']] ?? self::TYPES['text'],
        };

        return Noun::said($name)." $type".($isFirst && in_array($field['type'], ['text', 'number'], true) ? ', required' : '');
    }

    /** @param  FieldData  $field */
    private function called(array $field, string $noun): string
    {
        $many = ucfirst($this->lexicon->many(mb_strtolower($field['name'])));
        if ($field['type'] === 'number' && $this->does('book', $noun) && in_array($many, ['Places', 'Seats'], true)) {
            return $many;
        }

        return in_array($field['name'], ['Owner', 'Added', Lending::OUT], true) ? "$field[name] by hand" : $field['name'];
    }

    /**
     * A field in formulas.
     *
     * @param  FieldData  $field
     */
    private function key(array $field, string $noun): string
    {
        return Names::inFormula($this->called($field, $noun));
    }

    private function people(): string
    {
        $lines = ['table People, each a Person, who sign in', '  may be seen by signed-in people', '  may be changed by the person themselves'];
        $lines[] = '  Name is a text of at most 40, required';
        foreach ($this->tables[Draft::PERSON]['fields'] ?? [] as $field) {
            if (! in_array($field['name'], ['Name', 'Picture', 'Email', 'Role', 'Joined', 'Last here'], true)) {
                $lines[] = '  '.$this->field($field, Draft::PERSON, false);
            }
        }
        $lines[] = '  Picture is a picture';
        if ($this->outline['roles'] !== []) {
            $lines[] = '  Role is their role';
        }
        if ($this->outline['sells'] !== null) {
            $lines[] = '  Member is an entitlement';
        }

        return implode("\n", [...$lines, '  Joined is when it was added', '  Last here is when they were last here']);
    }

    /** What stands for a row: its first text, else its first field that can be read. */
    private function label(string $noun): string
    {
        foreach ([['text'], ['long text', 'choice', 'date', 'date and time', 'number', 'money', 'duration']] as $types) {
            foreach ($this->tables[$noun]['fields'] as $field) {
                if (in_array($field['type'], $types, true)) {
                    return Names::inFormula($this->called($field, $noun));
                }
            }
        }

        return $this->isSomebodys($noun) ? 'owner.name' : 'added';
    }

    /** What stands over the page of one: what it is called, but no text that runs over several lines. */
    private function titled(string $noun, string $key, string $one): string
    {
        $texts = self::typed($this->tables[$noun]['fields'], ['text']);
        $isLong = $texts === [] && self::typed($this->tables[$noun]['fields'], ['long text']) !== [];

        return $isLong ? strtr($one, ['"' => '', '{' => '', '}' => '', '\\' => '']) : "{{$key}.{$this->label($noun)}}";
    }

    /** @return list<string> the list of it, a page of one, and how one is added and changed */
    private function screens(string $noun, bool $isFirst): array
    {
        $called = $this->nouns[$noun];
        [$many, $one, $key] = [Noun::said($called->many), Noun::said($called->one), $called->key()];
        $asked = $this->asked($noun, '');
        $canAdd = $this->mayAdd($noun);
        $list = ["screen $many".($isFirst ? ', first' : ''), ...$this->listed($noun, "  List of $many", $this->isPrivate($noun))];
        if ($canAdd !== '') {
            array_push($list, "  Button \"Add {$this->inText(Noun::a($called->one))}\", if $canAdd", '    tapped:', "      go to \"Add $called->one\"");
        }
        $page = ["screen $one, about one $one, titled \"{$this->titled($noun, $key, $called->one)}\"", ...$this->facts($noun)];
        array_push($page, ...$this->acted($noun), ...$this->guests($noun));
        // What everybody may see is shown to a friend.
        if (! $this->isPrivate($noun) && self::typed($this->tables[$noun]['fields'], ['text']) !== []) {
            array_push($page, '  Button "Tell a friend", quiet', '    tapped:', "      share \"{{$key}.{$this->label($noun)}}\", with a link here");
        }
        $screens = [implode("\n", $list)];
        $canChange = $this->mayDo('change', $noun);
        if ($canChange !== '') {
            array_push($page, "  Button \"Change it\", quiet, if $canChange", '    tapped:', "      go to \"Change $called->one\" with $key");
        }
        $canRemove = $this->mayDo('remove', $noun);
        if ($canRemove !== '') {
            array_push(
                $page,
                "  Button \"Remove it\", dangerous, if $canRemove",
                '    tapped:',
                '      confirm "Remove it for good?"',
                "      remove $key",
                '      go back',
            );
        }
        $screens[] = implode("\n", $page);
        if ($canAdd !== '') {
            $screens[] = "screen \"Add $called->one\", titled \"Add {$this->inText(Noun::a($called->one))}\", only when signed in\n"
                ."  Form for a new $one asking ".implode(', ', $asked).", saying \"Keep it\"\n    saved:\n      go back";
        }
        if ($canChange !== '') {
            $screens[] = "screen \"Change $called->one\", about one $one, titled \"Change it\", only when signed in\n"
                ."  Form to change $key asking ".implode(', ', $asked).", saying \"Keep it\"\n    saved:\n      go back";
        }

        return $screens;
    }

    /**
     * What a form asks for: its fields, and what it leads to.
     *
     * @param  string  $host  on whose page it stands: that is known there
     * @return list<string>
     */
    private function asked(string $noun, string $host): array
    {
        $asked = array_map(fn (array $field): string => Noun::said($this->called($field, $noun)), $this->tables[$noun]['fields']);
        foreach ($this->tables[$noun]['links'] as $link) {
            $to = mb_strtolower($link['to']);
            if ($to !== Draft::PERSON && $to !== $host && isset($this->nouns[$to])) {
                $asked[] = Noun::said($this->nouns[$to]->one);
            }
        }

        return $asked;
    }

    private function inText(string $words): string
    {
        return strtr(mb_strtolower($words), ['"' => '']);
    }

    /** When somebody may add one, as a condition; '' where nobody may. */
    private function mayAdd(string $noun): string
    {
        $only = $this->only('add', $noun);
        $isFounders = $this->isFounders($noun);

        return match (true) {
            $only !== [] => implode(' or ', array_map(fn (string $role): string => "me.role == \"$role\"", $only)),
            ! $isFounders => 'me != null',
            default => '',
        };
    }

    /** @return list<string> roles that may change or remove one that is not theirs: those named for it, and those who alone add */
    private function whoMay(string $act, string $noun): array
    {
        return array_values(array_unique([...$this->only($act, $noun), ...$this->only('add', $noun)]));
    }

    /** When somebody may change or remove the one that a page is about, as a condition; '' where nobody may. */
    private function mayDo(string $act, string $noun): string
    {
        $roles = array_map(fn (string $role): string => "me.role == \"$role\"", $this->whoMay($act, $noun));
        $theirs = $this->isSomebodys($noun) ? [$this->nouns[$noun]->key().'.owner == me'] : [];
        $any = implode(' or ', [...$theirs, ...$roles]);

        return match (count($theirs) + count($roles)) {
            0 => '',
            1 => "$any and me != null",
            default => "me != null and ($any)",
        };
    }

    /** @return list<string> a list, and what it shows of each */
    private function listed(string $noun, string $begins, bool $isMine = false, bool $opens = true): array
    {
        $fields = $this->tables[$noun]['fields'];
        $label = $this->label($noun);
        $where = $isMine && $this->isSomebodys($noun) ? ' where me != null and owner == me' : '';
        $dates = self::typed($fields, ['date and time', 'date']);
        // What people book is still to come, the next one first.
        $isAhead = $dates !== [] && $opens && $this->does('book', $noun);
        $by = $dates === [] ? ', by Added downward' : ', by '.Noun::said($this->called($dates[0], $noun)).($isAhead ? ' upward' : ' downward');
        if ($isAhead) {
            $day = $this->key($dates[0], $noun);
            $where .= ($where === '' ? ' where ' : ' and ').($dates[0]['type'] === 'date' ? "$day >= day(now())" : "$day > now()");
        }
        $search = self::typed($fields, ['text']) !== [] && $opens ? ', with a search box' : '';
        $choices = array_values(array_filter(self::typed($fields, ['choice']), fn (array $f): bool => $f['choices'] !== []));
        $chips = $choices !== [] && $opens ? ', offering a choice of '.Noun::said($this->called($choices[0], $noun)) : '';
        $lines = [$begins.$where.$by.(self::typed($fields, ['picture']) !== [] ? ', as cards' : '').$search.$chips, "    shows $label as title"];
        foreach (self::SHOWN as $place => $types) {
            $found = array_values(array_filter(self::typed($fields, $types), fn (array $field): bool => $this->key($field, $noun) !== $label));
            if ($found !== []) {
                $lines[] = "    shows {$this->key($found[0], $noun)} as $place";
            }
        }
        if ($opens) {
            array_push($lines, '    tapped:', '      go to '.Noun::said($this->nouns[$noun]->one).' with this');
        }
        $lines[] = "    when empty: \"There are no {$this->inText($this->nouns[$noun]->many)} yet.\"";

        return $lines;
    }

    /**
     * @param  list<FieldData>  $fields
     * @param  list<string>  $types
     * @return list<FieldData>
     */
    private static function typed(array $fields, array $types): array
    {
        return array_values(array_filter($fields, fn (array $field): bool => in_array($field['type'], $types, true)));
    }

    /** @return list<string> what is to be read of one on its page */
    private function facts(string $noun): array
    {
        $key = $this->nouns[$noun]->key();
        $lines = [];
        foreach ($this->tables[$noun]['fields'] as $field) {
            $name = $this->called($field, $noun);
            $of = "$key.".Names::inFormula($name);
            // The page is titled with it.
            if ($field['type'] === 'text' && Names::inFormula($name) === $this->label($noun)) {
                continue;
            }
            $lines[] = match ($field['type']) {
                'picture' => "  Picture of $of, described as \"$name\", if $of != null",
                'video' => "  Video at $of, if $of != null",
                'sound' => "  Sound at $of, if $of != null",
                'place' => "  Map of $of, if $of != null",
                'long text' => "  Text \"{{$of}}\", if $of != null",
                'file' => '',
                'yes or no' => "  Badge \"$name\", if $of",
                default => "  Text \"$name: {{$of}}\", if $of != null",
            };
        }

        return array_values(array_filter($lines));
    }

    /** @return list<string> buttons for what is done with one */
    private function acted(string $noun): array
    {
        $key = $this->nouns[$noun]->key();
        $one = Noun::said($this->nouns[$noun]->one);
        $lines = [];
        $places = $this->places($noun);
        $booking = isset($this->tables['booking']) && $this->host('booking') === $noun ? 'booking' : '';
        if ($booking !== '') {
            $left = $places === '' ? '' : " and $key.".Names::inFormula($places).' > 0';
            // What is kept of each booking is asked for beside its button.
            $sets = [];
            foreach ($this->tables[$booking]['fields'] as $i => $field) {
                if (! in_array($field['type'], self::NOT_TYPED, true)) {
                    $lines[] = '  Input '.$this->field($field, $booking, $i === 0).", if me != null$left";
                    $name = $this->called($field, $booking);
                    $sets[] = '        set '.Noun::said($name).' = input.'.Names::inFormula($name);
                }
            }
            array_push($lines, "  Button \"Book a place\", if me != null$left", '    tapped:');
            if ($places !== '') {
                $of = "$key.".Names::inFormula($places);
                $lines[] = "      lower $of by 1 while it is above 0, otherwise say \"Somebody took the last place a moment ago.\"";
            }
            array_push($lines, '      add a '.Noun::said($this->nouns[$booking]->one), "        set $one = $key");
            array_push($lines, ...[...$sets, '      say "Your place is kept."']);
            if ($places !== '') {
                $lines[] = "  Text \"It is full.\", if $key.".Names::inFormula($places).' == 0';
            }
        }
        $lending = $this->lending();
        if ($lending !== null && $this->host('loan') === $noun) {
            array_push($lines, ...$lending->asked());
        }
        foreach (['favourite' => ['Keep as a favourite', 'Kept.'], 'like' => ['I like it', 'Thank you.']] as $kept => [$button, $said]) {
            if (isset($this->tables[$kept]) && $this->host($kept) === $noun) {
                array_push(
                    $lines,
                    "  Button \"$button\", quiet, if me != null",
                    '    tapped:',
                    '      add '.Noun::a($this->nouns[$kept]->one),
                    "        set $one = $key",
                    "      say \"$said\"",
                );
            }
        }

        return $lines;
    }

    /** @return list<string> what belongs to one, on its page */
    private function guests(string $noun): array
    {
        $key = $this->nouns[$noun]->key();
        $lines = [];
        foreach (array_keys($this->tables) as $guest) {
            $isShown = $guest !== Draft::PERSON && $this->host($guest) === $noun && $this->tables[$guest]['fields'] !== [];
            if (! $isShown || in_array($guest, ['booking', 'favourite', 'like'], true)) {
                continue;
            }
            $called = $this->nouns[$guest];
            $many = Noun::said($called->many);
            array_push($lines, "  Heading \"$called->many\"", ...$this->listed($guest, "  List of $many of $key", false, $this->isMain($guest)));
            $canAdd = $this->mayAdd($guest);
            if ($canAdd !== '') {
                $asked = $this->asked($guest, $noun);
                $lines[] = '  Form for a new '.Noun::said($called->one).' asking '.implode(', ', $asked).", saying \"Add it\", if $canAdd";
                $lines[] = '    set '.Noun::said($this->nouns[$noun]->one)." = $key";
            }
        }

        return $lines;
    }

    /** @return list<string> what somebody has booked, and how they give it back */
    private function mine(string $noun): array
    {
        $host = $this->host($noun);
        $called = $this->nouns[$noun];
        [$of, $key] = [Names::inFormula($this->nouns[$host]->one), $called->key()];
        $one = Noun::said($called->one);
        $places = $this->places($host);
        $back = $places === '' ? [] : ["      raise $key.$of.".Names::inFormula($places).' by 1'];

        return [
            implode("\n", [
                "screen \"My $called->many\"",
                '  Text "Sign in to see them.", if me == null',
                '  List of '.Noun::said($called->many).' where me != null and owner == me, by Added downward',
                "    shows $of.{$this->label($host)} as title",
                '    shows relative(added) as aside',
                '    tapped:',
                '      go to '.Noun::said($called->one).' with this',
                '    when empty: "You have booked nothing yet."',
            ]),
            implode("\n", [
                "screen $one, about one $one, titled \"{{$key}.$of.{$this->label($host)}}\", only when signed in",
                '  Button "Look at it", quiet',
                '    tapped:',
                '      go to '.Noun::said($this->nouns[$host]->one)." with $key.$of",
                '  Button "Give it back", dangerous',
                '    tapped:',
                '      confirm "Give it back?"',
                ...$back,
                "      remove $key",
                '      go back',
            ]),
        ];
    }

    private function favourites(): string
    {
        $host = $this->host('favourite');
        $of = Names::inFormula($this->nouns[$host]->one);

        return implode("\n", [
            'screen Favourites',
            '  Text "Sign in to see them.", if me == null',
            '  List of '.Noun::said($this->nouns['favourite']->many).' where me != null and owner == me, by Added downward',
            "    shows $of.{$this->label($host)} as title",
            '    tapped:',
            '      go to '.Noun::said($this->nouns[$host]->one)." with this.$of",
            '    swiped "Take it away", dangerous',
            '      tapped:',
            '        confirm "Take it away?"',
            '        remove this',
            '    when empty: "You have kept nothing yet."',
        ]);
    }
}
