<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

use Lanai\Core\Edits\Kinds\LetPeopleIn;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reading\Patterns\Advertising;
use Lanai\Core\Reading\Patterns\Answering;
use Lanai\Core\Reading\Patterns\Helper;
use Lanai\Core\Reading\Patterns\Keeping;
use Lanai\Core\Reading\Patterns\Knowing;
use Lanai\Core\Reading\Patterns\Lending;
use Lanai\Core\Reading\Patterns\Noun;
use Lanai\Core\Reading\Patterns\OnMap;
use Lanai\Core\Reading\Patterns\Ordering;
use Lanai\Core\Reading\Patterns\OverTime;
use Lanai\Core\Reading\Patterns\Part;
use Lanai\Core\Reading\Patterns\Ranking;
use Lanai\Core\Reading\Patterns\Reminding;
use Lanai\Core\Reading\Patterns\Ticking;
use Lanai\Core\Reading\Patterns\Welcoming;
use Lanai\Core\Reading\Patterns\Writing;
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
    private const MEMBERSHIP = <<<'SCREEN'
        screen Membership
          Text "Become a member, and help to keep this going.", if not me.member
          Text "You are a member. Thank you.", if me.member
          Offer of Membership, if me != null and not me.member
        SCREEN;

    /** Where in a list a field stands, by its type. */
    private const SHOWN = [
        'note' => ['long text', 'text', 'choice'],
        'aside' => ['date and time', 'date', 'money', 'number', 'duration'],
        'picture' => ['picture'],
    ];

    /** What is chosen on a phone, and not typed. */
    private const NOT_TYPED = ['picture', 'video', 'sound', 'file', 'place'];

    /** So many lists stand below as tabs, beside “Mine”; the others are in the menu. */
    private const TABS = 3;

    /** So many letters of a word have room in a tab where letters are twice as large: of three tabs, and of four. */
    private const LETTERS = 7;

    private const FEWER_LETTERS = 5.5;

    /** So many letters of a paragraph are kept with the app. */
    private const TOLD = 3900;

    /** What is told to people, where they find it, and how they turn it off. */
    private const NEWS = <<<'SCRIPT'
        messages, quiet from "21:30" until "08:00", at most 3 a day
          channel News, for "What concerns you"

        screen "News for you"
          Text "Sign in to see what concerns you.", if me == null
          Inbox, if me != null
            when empty: "Nothing yet. What concerns you comes here."
          Button "Tell me on this phone, too", quiet, if me != null
            tapped:
              ask to send messages, because "Then you hear of what concerns you, also while this app is closed."
          Channels, if me != null
        SCRIPT;

    /** @var list<Part> */
    private array $parts = [];

    private function __construct(private readonly Plan $plan)
    {
    }

    /**
     * @param  OutlineData  $outline
     * @param  string  $paragraph  from which it was understood: the page in the stores says it until somebody writes another
     */
    public static function of(string $name, array $outline, string $paragraph = ''): Blueprint
    {
        $building = new self(new Plan($name, $outline, $paragraph));

        return (new LetPeopleIn())->on(Blueprint::fromScript($building->script()))->blueprint;
    }

    private function script(): string
    {
        $this->parts = $this->chosen();
        foreach (array_keys($this->plan->tables) as $noun) {
            if ($this->any(fn (Part $part): bool => $part->keepsToThose($noun))) {
                $this->plan->closed[] = $noun;
            }
        }
        $kept = array_filter(array_keys($this->plan->tables), fn (string $noun): bool => $noun !== Draft::PERSON);
        $parts = ['app '.Noun::said($this->plan->name), 'theme, also in the dark'];
        foreach ($this->plan->outline['roles'] as $i => $role) {
            $parts[] = 'role '.Noun::said($role['name']).($i === 0 ? ', at first' : '');
        }
        foreach ($kept as $noun) {
            $parts[] = $this->table($noun);
        }
        $parts[] = $this->people();
        $main = array_values(array_filter($kept, fn (string $noun): bool => $this->plan->isMain($noun) && ! $this->isShown($noun)));
        usort($main, fn (string $a, string $b): int => $this->plan->weight($b) <=> $this->plan->weight($a));
        $tabs = [];
        foreach ($main as $i => $noun) {
            array_push($parts, ...$this->screens($noun, $i === 0));
            $tabs[] = [$this->plan->nouns[$noun]->many, $this->plan->icon($noun)];
        }
        foreach (['booking', 'reservation'] as $noun) {
            if (isset($this->plan->tables[$noun]) && $this->plan->host($noun) !== '' && $this->plan->isSomebodys($noun) && ! $this->isShown($noun)) {
                array_push($parts, ...$this->mine($noun));
                $tabs = $this->beside($tabs, ["My {$this->plan->nouns[$noun]->many}", 'calendar']);
                break;
            }
        }
        if (isset($this->plan->tables['favourite']) && $this->plan->host('favourite') !== '') {
            $parts[] = $this->favourites();
            $tabs[] = ['Favourites', 'heart'];
        }
        foreach ($this->parts as $part) {
            array_push($parts, ...$part->parts());
            foreach ($part->ways() as $way) {
                $tabs = str_starts_with($way[0], 'My ') ? $this->beside($tabs, $way) : [...$tabs, $way];
            }
        }
        $messages = array_merge([], ...array_map(fn (Part $part): array => $part->messages(), $this->parts));
        if ($messages !== []) {
            array_push($parts, self::NEWS, ...$this->differently($messages));
            $tabs[] = ['News for you', 'bell'];
        }
        $sells = $this->plan->outline['sells'];
        if ($sells !== null) {
            $plan = "  plan Membership, every $sells[every] at $sells[price] $sells[currency]";
            array_push($parts, "product Membership is a subscription, giving Member\n$plan", self::MEMBERSHIP);
        }
        if ($main === []) {
            $parts[] = "screen Start, first\n  Text \"Say what this app keeps, and it grows from here.\"";
            $tabs = [['Start', 'home'], ...$tabs];
        }
        array_push($parts, ...$this->ways($tabs));
        if ($sells !== null) {
            $parts[] = 'side menu Membership as "Membership" with icon star';
        }

        return implode("\n\n", [...$parts, $this->release($main), ...$this->told()])."\n";
    }

    /** @return list<Part> the patterns that what was said calls for */
    private function chosen(): array
    {
        $called = array_filter([
            Lending::in($this->plan),
            ...Answering::in($this->plan),
            Ordering::in($this->plan),
            Writing::in($this->plan),
            Keeping::in($this->plan),
            Knowing::in($this->plan),
            ...Ticking::in($this->plan),
            OnMap::in($this->plan),
            OverTime::in($this->plan),
            Ranking::in($this->plan),
            Helper::in($this->plan),
            ...Reminding::in($this->plan),
            Welcoming::in($this->plan),
            Advertising::in($this->plan),
        ]);
        $chosen = [];
        foreach ($called as $part) {
            // Who may do what with a table is said by one of them.
            $isTaken = fn (string $noun): bool => $part->decides($noun) && array_filter($chosen, fn (Part $other): bool => $other->decides($noun)) !== [];
            if (array_filter(array_keys($this->plan->tables), $isTaken) === []) {
                $chosen[] = $part;
            }
        }
        foreach ($chosen as $part) {
            $this->plan->tables = array_diff_key($this->plan->tables, array_flip($part->replaces()));
        }

        return $chosen;
    }

    /** @param  callable(Part): bool  $holds */
    private function any(callable $holds): bool
    {
        return array_filter($this->parts, $holds) !== [];
    }

    /** Whether a pattern shows it, so that it needs no list of its own. */
    private function isShown(string $noun): bool
    {
        return $this->any(fn (Part $part): bool => $part->shows($noun));
    }

    /**
     * What is one’s own stands behind the first lists.
     *
     * @param  list<array{string, string}>  $tabs
     * @param  array{string, string}  $way
     * @return list<array{string, string}>
     */
    private function beside(array $tabs, array $way): array
    {
        return [...array_slice($tabs, 0, self::TABS), $way, ...array_slice($tabs, self::TABS)];
    }

    /**
     * Of two messages of one name the first is sent: it was meant for somebody in particular.
     *
     * @param  list<string>  $messages
     * @return list<string>
     */
    private function differently(array $messages): array
    {
        $names = array_map(fn (string $one): string => strtr(explode(', on News', $one)[0], ['"' => '']), $messages);

        return array_values(array_intersect_key($messages, array_unique($names)));
    }

    /** @return list<string> the paragraph itself, so that whoever works on the app knows how it began */
    private function told(): array
    {
        $text = trim(Pattern::replace('/\s+/u', ' ', strtr($this->plan->paragraph, ['\\' => '', '"' => '”'])));

        return $text === '' ? [] : ['note "'.mb_substr($text, 0, self::TOLD).'", as it was first told'];
    }

    /**
     * What stores ask for, so that nothing stands in the way of a package; each of it is a sentence that can be written anew.
     *
     * @param  list<string>  $main
     */
    private function release(array $main): string
    {
        $package = trim(Pattern::replace('/[^a-z0-9]+/', '_', mb_strtolower($this->plan->name)), '_');
        $package = Pattern::match('/^[a-z]/', $package) ? $package : "app_$package";
        $names = array_map(fn (string $noun): string => $this->plan->inText($this->plan->nouns[$noun]->many), array_slice($main, 0, 3));
        $last = array_pop($names);
        $about = $last === null ? 'What it keeps, in one place' : 'For '.($names === [] ? $last : implode(', ', $names)." and $last");
        $quoted = fn (string $text): string => '"'.strtr($text, ['\\' => '', '"' => '”', '{' => '(', '}' => ')', "\n" => ' ', "\r" => ' ', "\t" => ' ']).'"';
        $letter = Pattern::match('/\p{L}/u', $this->plan->name, $found) ? mb_strtoupper($found[0]) : 'A';

        return implode("\n", [
            'release',
            '  package is "app.lanai.'.rtrim(mb_substr($package, 0, 60), '_').'"',
            "  icon letter is \"$letter\"",
            '  title is '.$quoted(mb_substr($this->plan->name, 0, 30)),
            '  summary is '.$quoted(mb_substr($about, 0, 80)),
            '  description is '.$quoted(trim($this->plan->paragraph) === '' ? "$about." : mb_substr(trim($this->plan->paragraph), 0, 3900)),
        ]);
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
            // Two that are one’s own are told apart.
            $label = in_array($label, array_column($tabs, 1), true) ? ucfirst(array_slice(explode(' ', $screen), -1)[0]) : $label;
            $isLong = self::breadth($label) > self::LETTERS;
            [$label, $icon] = $i === 0 && $isLong ? ['Home', 'home'] : [$label, $icon];
            if (($isLong && $i > 0) || count($tabs) > self::TABS) {
                $menu[] = 'side menu '.Noun::said($screen).' as "'.$this->inEntry($screen)."\" with icon $icon";
            } else {
                $tabs[] = [$screen, $label, $icon];
            }
        }
        while (count($tabs) > self::TABS && max(array_map(fn (array $tab): float => self::breadth($tab[1]), $tabs)) > self::FEWER_LETTERS) {
            [$screen, , $icon] = array_pop($tabs);
            array_unshift($menu, 'side menu '.Noun::said($screen).' as "'.$this->inEntry($screen)."\" with icon $icon");
        }

        return [...array_map(fn (array $tab): string => 'tab '.Noun::said($tab[0])." as \"$tab[1]\" with icon $tab[2]", $tabs), ...$menu];
    }

    /** How broad a word is, in letters of the usual breadth. */
    private static function breadth(string $word): float
    {
        return mb_strlen($word) + 0.5 * Pattern::matchAll('/[mw]/iu', $word, $broad) - 0.4 * Pattern::matchAll('/[ijlftr]/u', $word, $thin);
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

    private function table(string $noun): string
    {
        $table = $this->plan->tables[$noun];
        $called = $this->plan->nouns[$noun];
        $host = $this->plan->host($noun);
        $isOnce = $host !== '' && in_array($noun, ['booking', 'favourite', 'like', 'rating'], true);
        $twins = $isOnce ? ', no two alike in '.Noun::said($this->plan->nouns[$host]->one).' and Owner' : '';
        $lines = ['table '.Noun::said($called->many).', each '.Noun::a($called->one).$twins];
        $isTheirs = $this->plan->isSomebodys($noun);
        $isPersonal = array_intersect(array_column($table['fields'], 'type'), ['email', 'phone']) !== [];
        $lines[] = match (true) {
            $isTheirs && $this->plan->isPrivate($noun) => '  may be seen by the person in Owner',
            // How somebody is reached is not for everybody.
            $isPersonal => '  may be seen by signed-in people',
            default => '  may be seen by everyone',
        };
        $only = $this->plan->only('add', $noun);
        $isFounders = $this->plan->isFounders($noun);
        $lines[] = match (true) {
            $only !== [] => implode("\n", array_map(fn (string $role): string => '  may be added by '.Noun::a($role), $only)),
            ! $isFounders => '  may be added by signed-in people',
            default => '  may be added by nobody',
        };
        // Who has asked for something does not answer it.
        $isDecided = $this->any(fn (Part $part): bool => $part->decides($noun));
        foreach ($isDecided ? [] : ['changed' => 'change', 'removed' => 'remove'] as $done => $act) {
            $who = [...$isTheirs ? ['the person in Owner'] : [], ...array_map(Noun::a(...), $this->plan->whoMay($act, $noun))];
            foreach ($who === [] ? ['nobody'] : $who as $one) {
                $lines[] = "  may be $done by $one";
            }
        }
        $places = $this->plan->places($noun);
        if ($places !== '') {
            $lines[] = "  may be changed by signed-in people, as to $places";
        }
        $isFirst = true;
        foreach ($table['fields'] as $field) {
            $lines[] = '  '.$this->plan->field($field, $noun, $isFirst);
            $isFirst = false;
        }
        // A comment on one of several kinds of things is on one of them.
        $leads = count(array_filter($table['links'], fn (array $link): bool => $link['to'] !== 'Person'));
        foreach ($table['links'] as $link) {
            $to = mb_strtolower($link['to']);
            if ($to !== Draft::PERSON && isset($this->plan->nouns[$to])) {
                $one = Noun::said($this->plan->nouns[$to]->one);
                $lines[] = "  $one is one $one".($leads > 1 && in_array($noun, Plan::OF_OTHERS, true) ? '' : ', required');
            }
        }
        foreach ($this->parts as $part) {
            array_push($lines, ...$part->table($noun));
        }
        if ($isTheirs) {
            $lines[] = '  Owner is who added it';
        }
        $lines[] = '  Added is when it was added';

        return implode("\n", $lines);
    }

    private function people(): string
    {
        $lines = ['table People, each a Person, who sign in', '  may be seen by signed-in people', '  may be changed by the person themselves'];
        $lines[] = '  Name is a text of at most 40, required';
        foreach ($this->plan->tables[Draft::PERSON]['fields'] ?? [] as $field) {
            if (! in_array($field['name'], ['Name', 'Picture', 'Email', 'Role', 'Joined', 'Last here'], true)) {
                $lines[] = '  '.$this->plan->field($field, Draft::PERSON, false);
            }
        }
        $lines[] = '  Picture is a picture';
        if ($this->plan->outline['roles'] !== []) {
            $lines[] = '  Role is their role';
        }
        if ($this->plan->outline['sells'] !== null) {
            $lines[] = '  Member is an entitlement';
        }

        foreach ($this->parts as $part) {
            array_push($lines, ...$part->table(Draft::PERSON));
        }

        return implode("\n", [...$lines, '  Joined is when it was added', '  Last here is when they were last here']);
    }

    /** @return list<string> the list of it, a page of one, and how one is added and changed */
    private function screens(string $noun, bool $isFirst): array
    {
        $called = $this->plan->nouns[$noun];
        [$many, $one, $key] = [Noun::said($called->many), Noun::said($called->one), $called->key()];
        $asked = $this->plan->asked($noun, '');
        $canAdd = $this->plan->mayAdd($noun);
        $advert = $isFirst && $this->plan->wants('adverts') ? ', with an advert after every '.Advertising::EVERY : '';
        $list = [
            "screen $many".($isFirst ? ', first' : ''),
            ...$isFirst ? $this->welcome() : [],
            ...$this->listed($noun, "  List of $many", $this->plan->isPrivate($noun), true, $advert),
        ];
        if ($canAdd !== '') {
            array_push($list, "  Button \"Add {$this->plan->inText(Noun::a($called->one))}\", if $canAdd", '    tapped:', "      go to \"Add $called->one\"");
        }
        $page = ["screen $one, about one $one, titled \"{$this->plan->titled($noun, $key, $called->one)}\"", ...$this->plan->facts($noun)];
        array_push($page, ...$this->acted($noun), ...$this->guests($noun));
        // What everybody may see is shown to a friend.
        if (! $this->plan->isPrivate($noun) && Plan::typed($this->plan->tables[$noun]['fields'], ['text']) !== []) {
            array_push($page, '  Button "Tell a friend", quiet', '    tapped:', "      share \"{{$key}.{$this->plan->label($noun)}}\", with a link here");
        }
        $screens = [implode("\n", $list)];
        $canChange = $this->plan->mayDo('change', $noun);
        if ($canChange !== '') {
            array_push($page, "  Button \"Change it\", quiet, if $canChange", '    tapped:', "      go to \"Change $called->one\" with $key");
        }
        $canRemove = $this->plan->mayDo('remove', $noun);
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
            $screens[] = "screen \"Add $called->one\", titled \"Add {$this->plan->inText(Noun::a($called->one))}\", only when signed in\n"
                ."  Form for a new $one asking ".implode(', ', $asked).", saying \"Keep it\"\n    saved:\n      go back";
        }
        if ($canChange !== '') {
            $screens[] = "screen \"Change $called->one\", about one $one, titled \"Change it\", only when signed in\n"
                ."  Form to change $key asking ".implode(', ', $asked).", saying \"Keep it\"\n    saved:\n      go back";
        }

        return $screens;
    }

    /** @return list<string> for newcomers, a way to the pages that are for them */
    private function welcome(): array
    {
        return ! $this->plan->wants('welcome') ? [] : [
            '  Card, if app.welcomed != true',
            '    Heading "New here?"',
            '    Text "Two short pages say what this is for.", small',
            '    Button "Show me", quiet',
            '      tapped:',
            '        go to '.Welcoming::SCREEN,
        ];
    }

    /** @return list<string> a list, and what it shows of each */
    private function listed(string $noun, string $begins, bool $isMine = false, bool $opens = true, string $ends = ''): array
    {
        $fields = $this->plan->tables[$noun]['fields'];
        $label = $this->plan->label($noun);
        $where = $isMine && $this->plan->isSomebodys($noun) ? ' where me != null and owner == me' : '';
        $dates = Plan::typed($fields, ['date and time', 'date']);
        // What people book is still to come, the next one first.
        $isAhead = $dates !== [] && $opens && $this->plan->does('book', $noun);
        $texts = Plan::typed($fields, ['text']);
        $by = match (true) {
            $dates !== [] => ', by '.Noun::said($this->plan->called($dates[0], $noun)).($isAhead ? ' upward' : ' downward'),
            // A catalogue is looked through by name, what people add by when it came.
            $texts !== [] && $this->plan->isFounders($noun) => ', by '.Noun::said($this->plan->called($texts[0], $noun)).' upward',
            default => ', by Added downward',
        };
        if ($isAhead) {
            $day = $this->plan->key($dates[0], $noun);
            $where .= ($where === '' ? ' where ' : ' and ').($dates[0]['type'] === 'date' ? "$day >= day(now())" : "$day > now()");
        }
        $search = Plan::typed($fields, ['text']) !== [] && $opens ? ', with a search box' : '';
        $choices = array_values(array_filter(Plan::typed($fields, ['choice']), fn (array $f): bool => $f['choices'] !== []));
        $chips = $choices !== [] && $opens ? ', offering a choice of '.Noun::said($this->plan->called($choices[0], $noun)) : '';
        $lines = [$begins.$where.$by.(Plan::typed($fields, ['picture']) !== [] ? ', as cards' : '').$search.$chips.$ends, "    shows $label as title"];
        foreach (self::SHOWN as $place => $types) {
            $found = array_values(array_filter(Plan::typed($fields, $types), fn (array $field): bool => $this->plan->key($field, $noun) !== $label));
            if ($found !== []) {
                $lines[] = "    shows {$this->plan->key($found[0], $noun)} as $place";
            }
        }
        foreach ($this->parts as $part) {
            $badge = $part->badge($noun);
            if ($badge !== '') {
                $lines[] = "    shows $badge as badge";
            }
        }
        if ($opens) {
            array_push($lines, '    tapped:', '      go to '.Noun::said($this->plan->nouns[$noun]->one).' with this');
        }
        $lines[] = "    when empty: \"There are no {$this->plan->inText($this->plan->nouns[$noun]->many)} yet.\"";

        return $lines;
    }

    /** @return list<string> buttons for what is done with one */
    private function acted(string $noun): array
    {
        $key = $this->plan->nouns[$noun]->key();
        $one = Noun::said($this->plan->nouns[$noun]->one);
        $lines = [];
        $places = $this->plan->places($noun);
        $isBooked = isset($this->plan->tables['booking']) && $this->plan->host('booking') === $noun && ! $this->isShown('booking');
        $booking = $isBooked ? 'booking' : '';
        if ($booking !== '') {
            $left = $places === '' ? '' : " and $key.".Names::inFormula($places).' > 0';
            // What is kept of each booking is asked for beside its button.
            $sets = [];
            foreach ($this->plan->tables[$booking]['fields'] as $i => $field) {
                if (! in_array($field['type'], self::NOT_TYPED, true)) {
                    $lines[] = '  Input '.$this->plan->field($field, $booking, $i === 0).", if me != null$left";
                    $name = $this->plan->called($field, $booking);
                    $sets[] = '        set '.Noun::said($name).' = input.'.Names::inFormula($name);
                }
            }
            array_push($lines, "  Button \"Book a place\", if me != null$left", '    tapped:');
            if ($places !== '') {
                $of = "$key.".Names::inFormula($places);
                $lines[] = "      lower $of by 1 while it is above 0, otherwise say \"Somebody took the last place a moment ago.\"";
            }
            array_push($lines, '      add a '.Noun::said($this->plan->nouns[$booking]->one), "        set $one = $key");
            array_push($lines, ...[...$sets, '      say "Your place is kept."']);
            if ($places !== '') {
                $lines[] = "  Text \"It is full.\", if $key.".Names::inFormula($places).' == 0';
            }
        }
        foreach ($this->parts as $part) {
            array_push($lines, ...$part->onPage($noun));
        }
        foreach (['favourite' => ['Keep as a favourite', 'Kept.'], 'like' => ['I like it', 'Thank you.']] as $kept => [$button, $said]) {
            if (isset($this->plan->tables[$kept]) && $this->plan->host($kept) === $noun) {
                array_push(
                    $lines,
                    "  Button \"$button\", quiet, if me != null",
                    '    tapped:',
                    '      add '.Noun::a($this->plan->nouns[$kept]->one),
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
        $key = $this->plan->nouns[$noun]->key();
        $lines = [];
        foreach (array_keys($this->plan->tables) as $guest) {
            $isShown = $guest !== Draft::PERSON && $this->plan->host($guest) === $noun && $this->plan->tables[$guest]['fields'] !== [];
            if (! $isShown || in_array($guest, ['booking', 'favourite', 'like'], true) || $this->isShown($guest)) {
                continue;
            }
            $called = $this->plan->nouns[$guest];
            $many = Noun::said($called->many);
            array_push($lines, "  Heading \"$called->many\"", ...$this->listed($guest, "  List of $many of $key", false, $this->plan->isMain($guest)));
            $canAdd = $this->plan->mayAdd($guest);
            if ($canAdd !== '') {
                $asked = $this->plan->asked($guest, $noun);
                $lines[] = '  Form for a new '.Noun::said($called->one).' asking '.implode(', ', $asked).", saying \"Add it\", if $canAdd";
                $lines[] = '    set '.Noun::said($this->plan->nouns[$noun]->one)." = $key";
            }
        }

        return $lines;
    }

    /** @return list<string> what somebody has booked, and how they give it back */
    private function mine(string $noun): array
    {
        $host = $this->plan->host($noun);
        $called = $this->plan->nouns[$noun];
        [$of, $key] = [Names::inFormula($this->plan->nouns[$host]->one), $called->key()];
        $one = Noun::said($called->one);
        $places = $this->plan->places($host);
        $back = $places === '' ? [] : ["      raise $key.$of.".Names::inFormula($places).' by 1'];

        return [
            implode("\n", [
                "screen \"My $called->many\"",
                '  Text "Sign in to see them.", if me == null',
                '  List of '.Noun::said($called->many).' where me != null and owner == me, by Added downward',
                "    shows $of.{$this->plan->label($host)} as title",
                '    shows relative(added) as aside',
                '    tapped:',
                '      go to '.Noun::said($called->one).' with this',
                '    when empty: "You have booked nothing yet."',
            ]),
            implode("\n", [
                "screen $one, about one $one, titled \"{{$key}.$of.{$this->plan->label($host)}}\", only when signed in",
                '  Button "Look at it", quiet',
                '    tapped:',
                '      go to '.Noun::said($this->plan->nouns[$host]->one)." with $key.$of",
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
        $host = $this->plan->host('favourite');
        $of = Names::inFormula($this->plan->nouns[$host]->one);

        return implode("\n", [
            'screen Favourites',
            '  Text "Sign in to see them.", if me == null',
            '  List of '.Noun::said($this->plan->nouns['favourite']->many).' where me != null and owner == me, by Added downward',
            "    shows $of.{$this->plan->label($host)} as title",
            '    tapped:',
            '      go to '.Noun::said($this->plan->nouns[$host]->one)." with this.$of",
            '    swiped "Take it away", dangerous',
            '      tapped:',
            '        confirm "Take it away?"',
            '        remove this',
            '    when empty: "You have kept nothing yet."',
        ]);
    }
}
