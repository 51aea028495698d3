<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Model\Table;
use Lanai\Core\Reading\Patterns\Noun;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Fields;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** “Add a page about us.” “Add a map of spots.” “Build a favourites screen.” */
final readonly class NewScreens implements Change
{
    private const WAYS = [
        '(add|make|build|create|write) [a|an|the|another|new|a new] (page|screen|tab) (called|named|about|for|with) {what}',
        '(add|make|build|create) [a|an|the|another|new|a new] (page|screen) (of|that lists|listing|with all|that shows|showing) {list}',
        '(add|make|build|create) [a|an|the|another|new|a new] {what} (page|screen)',
    ];

    private const PICTURES = ['[add|make|build|create|show] (a|another|new) {kind} (of|with|for) [all|the] {list} [(on a page of its own|as a screen)]'];

    /** What stands behind “about”, and what is written there. */
    private const ABOUT = [
        '~^(?:us|me|the team|the app|this app|ourselves|who we are)$~iu' => ['About us', 'Tell here who you are, and why you made this app.'],
        '~^(?:privacy|data protection|the privacy policy|privacy policy)$~iu' => ['Privacy', 'Tell here what you keep of people, and why.'],
        '~^(?:help|questions|faq|frequently asked questions|how it works)$~iu' => ['Help', 'Tell here how it works, and answer what people ask most.'],
        '~^(?:terms|conditions|terms of use|rules|house rules)$~iu' => ['Rules', 'Tell here what holds for everybody.'],
        '~^(?:contact|contacts|contacting us|getting in touch)$~iu' => ['Contact', 'Tell here how people reach you.'],
        '~^(?:imprint|legal|legal notice)$~iu' => ['Legal notice', 'Tell here who is responsible for this app.'],
    ];

    private const MOST_TABS = 5;

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(self::WAYS[1]);
        $table = $found === null ? null : $app->table($found['list']);
        if ($found !== null && $table !== null) {
            return $this->listing($table, Pattern::match('~^(?:my|their|one\'s) (?:own )?~iu', $found['list']) ? 'mine' : 'list', $app);
        }
        $found = $said->fits(...self::PICTURES);
        $table = $found === null ? null : $app->table($found['list']);
        $kind = $found === null ? '' : implode(' ', $app->plain($found['kind']));
        if ($table !== null && in_array($kind, ['map', 'calendar', 'list', 'gallery', 'page'], true)) {
            return $this->listing($table, $kind, $app);
        }
        foreach ([self::WAYS[0], self::WAYS[2]] as $way) {
            $found = $said->fits($way);
            if ($found !== null) {
                return $this->page($found['what'], $said, $way === self::WAYS[0] && Pattern::match('~\babout\b~iu', $said->text), $app);
            }
        }

        return null;
    }

    private function page(string $what, Utterance $said, bool $isAbout, Known $app): ?Understood
    {
        $what = trim(Pattern::replace('~\s+(?:in|to) the (?:menu|tabs|side menu)$~iu', '', $what));
        $bare = Utterance::bare($what);
        $isNamed = Utterance::isQuoted($what) || Pattern::match('~\b(?:called|named)\b~iu', $said->text);
        foreach (self::ABOUT as $way => [$name, $text]) {
            if (Pattern::match($way, $bare)) {
                return $this->made($isNamed ? ucfirst($bare) : $name, ["Text \"$text\""], $app);
            }
        }
        $table = Utterance::isQuoted($what) ? null : $app->table($bare);
        $own = Pattern::match('~^(?:my|their|own|your)\s+(.+)$~iu', $bare, $found) ? $app->table($found[1]) : null;
        if ($own !== null) {
            return $this->listing($own, 'mine', $app);
        }
        if ($table !== null && $app->blueprint->screen($table->name) === null) {
            return $this->listing($table, 'list', $app);
        }
        $links = $this->links($bare, $app);
        if ($links !== null) {
            return $links;
        }
        $name = ucfirst($bare);

        return mb_strlen($name) > 40 ? null : $this->made(
            $isAbout ? 'About '.lcfirst(Pattern::replace('~^(?:the|our)\s+~iu', '', $bare)) : $name,
            ['Text "Write here what '.Fields::plain($isAbout ? "$bare is about" : 'people find here').'."'],
            $app,
        );
    }

    /** “A favourites screen”: where people keep many of something with themselves, those are listed. */
    private function links(string $words, Known $app): ?Understood
    {
        $people = $app->blueprint->peopleTable();
        $field = $people === null ? null : $app->field($people, $words);
        $table = $field === null ? null : $app->blueprint->tableOfOne($field->linksToMany());
        if ($field === null || $table === null) {
            return null;
        }
        $key = Names::inFormula($field->name);
        $one = Names::inFormula($table->singular);
        $label = (new Fields($app))->labelOf($table);
        $page = $app->pageOf($table);
        $card = ['  Card', "    Text \"{{$one}.{$label}}\"", ...$page === null ? [] : ['    tapped:', '      go to '.Noun::said($page->name)." with $one"]];

        return $label === null ? null : $this->made(ucfirst(Utterance::bare($words)), [
            'Text "Sign in to see them.", if me == null',
            "Repeat for each of me.$key",
            ...$card,
            "Text \"There are none yet.\", if me != null and not any(me.$key)",
        ], $app);
    }

    private function listing(Table $table, string $kind, Known $app): ?Understood
    {
        $needs = ['map' => ['place'], 'calendar' => ['moment', 'date']][$kind] ?? [];
        if ($needs !== [] && array_filter($table->fields, fn ($field): bool => in_array(Known::typeOf($field), $needs, true)) === []) {
            $what = $kind === 'map' ? 'place' : 'day';
            $name = $kind === 'map' ? 'place' : 'date';

            return Understood::asking(
                "$table->name have no $what yet. Add one first?",
                ["Add a $name to $table->name" => "add a $name to ".mb_strtolower($table->name)],
            );
        }
        $layout = ['map' => 'a map', 'calendar' => 'a calendar', 'gallery' => 'tiles'][$kind] ?? 'rows';
        $where = '';
        $before = [];
        if ($kind === 'mine') {
            $who = Rights::who('owner', $table, $app);
            if ($who === null || ! isset($who['field'])) {
                return null;
            }
            $where = ' where me != null and '.Names::inFormula($who['field']).' == me';
            $before = ['Text "Sign in to see them.", if me == null'];
        }
        $name = ['map' => "Map of $table->name", 'calendar' => "Calendar of $table->name", 'mine' => 'My '.mb_strtolower($table->name)][$kind] ?? $table->name;

        return $this->made($name, [...$before, ...$this->list($table, $where, $layout, $app)], $app);
    }

    /** @return list<string> */
    private function list(Table $table, string $where, string $layout, Known $app): array
    {
        $types = [];
        foreach ($table->fields as $field) {
            $types[Known::typeOf($field)][] = $field;
        }
        $called = fn (string ...$kinds): ?string => array_values(
            array_filter(array_map(fn (string $kind): ?string => isset($types[$kind]) ? $types[$kind][0]->name : null, $kinds)),
        )[0] ?? null;
        $title = $called('text', 'longText', 'choice') ?? $table->fields[0]->name ?? 'Name';
        $second = isset($types['text'][1]) ? $types['text'][1]->name : $called('longText');
        $day = $called('moment', 'date');
        $by = match (true) {
            $layout === 'a calendar' && $day !== null => ', by '.Noun::said($day).' upward',
            default => ', by '.Noun::said($title).' upward',
        };
        $lines = ['List of '.Noun::said($table->name).$where.$by.($layout === 'rows' ? '' : ", as $layout"), '  shows '.Names::inFormula($title).' as title'];
        foreach (
            [
                'note' => $second,
                'aside' => $day ?? $called('money', 'whole'),
                'picture' => $called('picture'),
                'place' => $layout === 'a map' ? $called('place') : null,
            ] as $at => $name
        ) {
            array_push($lines, ...$name === null || $name === $title ? [] : ['  shows '.Names::inFormula($name)." as $at"]);
        }
        $page = $app->pageOf($table);
        if ($page !== null) {
            array_push($lines, '  tapped:', '    go to '.Noun::said($page->name).' with this');
        }
        $lines[] = '  when empty: "There are no '.mb_strtolower($table->name).' yet."';

        return $lines;
    }

    /** @param  list<string>  $lines */
    private function made(string $name, array $lines, Known $app): ?Understood
    {
        if ($app->blueprint->screen($name) !== null) {
            return Understood::answering("There is a screen $name already.", [['label' => $name, 'at' => $app->screenAt($app->blueprint->screen($name))]]);
        }
        $screen = new Write('/screens', 'screen '.Noun::said($name)."\n  ".implode("\n  ", $lines));
        $entry = fn (string $list): Edit => new Write(
            "/$list",
            ($list === 'tabs' ? 'tab ' : 'side menu ').Noun::said($name).' as '.Fields::quoted($name).' with icon '.self::icon($name, $lines),
        );
        $proposals = [];
        if (count($app->blueprint->tabs) > 0 && count($app->blueprint->tabs) < self::MOST_TABS) {
            $proposals['tabs'] = Proposal::of("Add the screen $name, with a tab of its own", $app->blueprint, [$screen, $entry('tabs')]);
        }
        $proposals['menu'] = Proposal::of("Add the screen $name to the side menu", $app->blueprint, [$screen, $entry('menu')]);
        $proposals['none'] = Proposal::of("Add the screen $name alone, and lead to it later", $app->blueprint, [$screen]);
        // A page of words is for the menu.
        $isText = ! Pattern::anyOf('~^List ~', $lines);

        return Understood::proposing($isText ? [$proposals['menu'], $proposals['tabs'] ?? null, $proposals['none']] : array_values($proposals));
    }

    /** @param  list<string>  $lines */
    private static function icon(string $name, array $lines): string
    {
        return match (true) {
            Pattern::match('~favou?rite|kept|saved~iu', $name) => 'heart',
            Pattern::anyOf('~as a map~', $lines) => 'place',
            Pattern::anyOf('~as a calendar~', $lines) => 'calendar',
            Pattern::match('~^(?:My|About)\b~u', $name) => 'person',
            Pattern::match('~message|contact|chat~iu', $name) => 'chat',
            default => 'list',
        };
    }
}
