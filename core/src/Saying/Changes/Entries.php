<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Model\Tab;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Put Discover in the tabs.” “Make Spots the first tab.” “Begin at Discover.” “A heart for the tab Spots.” */
final readonly class Entries implements Change
{
    private const MOST_TABS = 5;

    /** What icons are called, too. */
    private const ALIKE = [
        'house' => 'home', 'pin' => 'place', 'map' => 'place', 'people' => 'person', 'user' => 'person', 'magnifier' => 'search',
        'magnifying glass' => 'search', 'wave' => 'waves', 'water' => 'waves', 'speech bubble' => 'chat', 'bubble' => 'chat', 'cross' => 'plus',
        'stars' => 'star', 'hearts' => 'heart',
    ];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(
            '(put|add|move|show|get) [the screen|the page] {screen} (in|into|to|among|on|as|onto) [a|the] {list}',
            '(add|make) [a|the] (tab|menu entry) (for|to|that opens) {screen}',
            '(give) {screen} a (tab|menu entry)',
        );
        if ($found !== null) {
            $list = $found['list'] ?? $said->text;
            $into = match (true) {
                Pattern::match('~\bmenu\b~iu', $list) => 'menu',
                Pattern::match('~\btabs?\b~iu', $list) => 'tabs',
                default => '',
            };
            $screen = $into === '' ? null : $app->screen($found['screen']);

            return $screen === null ? null : $this->put($screen->name, $into, $app);
        }
        $found = $said->fits(
            '(make|put) {screen} the first tab',
            '(put) {screen} first in the tabs',
            '[the] first tab should be {screen}',
            '(move) {screen} to the (front|beginning) of the tabs',
        );
        $screen = $found === null ? null : $app->screen($found['screen']);
        if ($screen !== null) {
            $tabs = $app->items('/tabs');
            usort(
                $tabs,
                fn (array $one, array $other): int => (int) (($other['screen'] ?? '') === $screen->name) <=> (int) (($one['screen'] ?? '') === $screen->name),
            );

            return Understood::proposing([Proposal::of("Make $screen->name the first tab", $app->blueprint, [Amend::items('/tabs', $tabs)])]);
        }
        $found = $said->fits(
            '(begin|start|open) (at|with|on) {screen}',
            '[the app] should (begin|start|open) (at|with|on) {screen}',
            '(make) {screen} the (first|start|home) [screen|page]',
            '{screen} should be the (first|start|home) (screen|page)',
        );
        $screen = $found === null ? null : $app->screen($found['screen']);
        if ($screen !== null && $screen->about === []) {
            $edits = [Amend::put($app->screenAt($screen).'/first', true)];
            foreach ($app->blueprint->screens as $other) {
                array_push($edits, ...$other->first && $other !== $screen ? [Amend::leave($app->screenAt($other).'/first')] : []);
            }

            return Understood::proposing([Proposal::of("Begin at $screen->name", $app->blueprint, array_reverse($edits))]);
        }
        $found = $said->fits(
            '(use|give|show|put) [a|an|the] {icon} [icon] (for|to|on|as the icon of) [the tab|the entry] {screen}',
            '(give) [the tab] {screen} [a|an|the] {icon} icon',
            '[the] icon of {screen} should be [a|an|the] {icon}',
        );
        $screen = $found === null ? null : $app->screen($found['screen']);
        $icon = $found === null ? '' : $this->icon($found['icon']);
        if ($screen === null || ! in_array($icon, Tab::ICONS, true)) {
            return null;
        }
        $edits = [];
        foreach (['tabs', 'menu'] as $list) {
            foreach ($app->items("/$list") as $i => $entry) {
                array_push($edits, ...($entry['screen'] ?? '') === $screen->name ? [Amend::put("/$list/$i/icon", $icon)] : []);
            }
        }

        return Understood::proposing([Proposal::of("The icon $icon for $screen->name", $app->blueprint, $edits)]);
    }

    private function icon(string $word): string
    {
        $word = mb_strtolower(trim(Pattern::replace('~^(?:an?|the)\s+|\s+icon$~iu', '', $word)));

        return self::ALIKE[$word] ?? $word;
    }

    private function put(string $name, string $into, Known $app): ?Understood
    {
        $entries = $app->items("/$into");
        if (in_array($name, array_column($entries, 'screen'), true)) {
            return Understood::answering("$name is there already.", [['label' => $name, 'at' => "/$into"]]);
        }
        $screen = $app->blueprint->screen($name);
        if ($screen !== null && $screen->about !== []) {
            return Understood::refusing(
                "$name is about one {$screen->about[0]->one}, and would not know about which. Put a screen there that lists them.",
            );
        }
        if ($into === 'tabs' && count($entries) >= self::MOST_TABS) {
            $answers = [];
            foreach ($app->blueprint->tabs as $tab) {
                $answers["Take $tab->screen out"] = "remove $tab->screen from the tabs; put $name in the tabs";
            }

            return Understood::asking('There are '.count($entries).' tabs already, and a phone has room for five. What should make room?', $answers);
        }
        $other = $into === 'tabs' ? 'menu' : 'tabs';
        $from = array_values(array_filter($app->items("/$other"), fn (array $entry): bool => ($entry['screen'] ?? '') === $name));
        $entry = $from[0] ?? ['screen' => $name, 'label' => $name, 'icon' => 'list'];
        $add = Amend::items("/$into", [...$entries, $entry]);
        $kept = array_filter($app->items("/$other"), fn (array $one): bool => ($one['screen'] ?? '') !== $name);
        $where = $into === 'tabs' ? 'the tabs' : 'the side menu';
        $moved = $from === [] ? null : Proposal::of(
            "Move $name from ".($other === 'tabs' ? 'the tabs' : 'the side menu')." to $where",
            $app->blueprint,
            [$add, Amend::items("/$other", $kept)],
        );

        return Understood::proposing([Proposal::of("Put $name into $where", $app->blueprint, [$add]), $moved]);
    }
}
