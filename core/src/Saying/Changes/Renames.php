<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Rename Mine to My water.” */
final readonly class Renames implements Change
{
    private const WAYS = [
        '(rename) {was} (to|as|into) {now}', '(call) {was} {now}', '(change) the name of {was} (to|into) {now}', '{was} should be called {now}',
        '(call) {was} {now} instead',
    ];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        foreach (self::WAYS as $way) {
            foreach ($way === '(call) {was} {now}' ? self::parted($said) : [$said->fits($way)] as $found) {
                $understood = $found === null ? null : self::renamed($found['was'], ucfirst(Utterance::bare($found['now'])), $app);
                if ($understood !== null) {
                    return $understood;
                }
            }
        }

        return null;
    }

    /** @return list<array<string, string>> “call spots shores”: parted at each word */
    private static function parted(Utterance $said): array
    {
        if (! Pattern::match('~^call\s+(.+)$~iu', $said->text, $found)) {
            return [];
        }
        if (Pattern::match('~^(.+?)\s+("[^"]+")$~u', $found[1], $quoted)) {
            return [['was' => $quoted[1], 'now' => $quoted[2]]];
        }
        $words = explode(' ', $found[1]);
        $parted = [];
        for ($i = count($words) - 1; $i > 0; $i--) {
            $parted[] = ['was' => implode(' ', array_slice($words, 0, $i)), 'now' => implode(' ', array_slice($words, $i))];
        }

        return $parted;
    }

    private static function renamed(string $was, string $now, Known $app): ?Understood
    {
        if (Pattern::match('~^(?:the |this |my |our )?app$~iu', $was)) {
            return Understood::proposing([Proposal::of("Call the app “{$now}”", $app->blueprint, [new Fill('/name', $now)])]);
        }
        $isScreen = Pattern::match('~\b(?:screen|page|tab)\b~iu', $was);
        $isTable = Pattern::match('~\btable\b~iu', $was);
        $tables = $isScreen ? [] : $app->tables($was);
        $screens = $isTable ? [] : $app->screens($was);
        $proposals = [];
        foreach ($tables as $table) {
            $both = array_values(array_filter($screens, fn (Screen $screen): bool => in_array($screen->name, [$table->name, $table->singular], true)));
            $edits = self::table($table, $now, $app);
            if ($both !== []) {
                $called = "$table->name, and the screens that are called so,";
                $proposals[] = Proposal::of("Rename $called to “{$now}”", $app->blueprint, [...$edits, ...self::screensOf($table, $now, $app)]);
            }
            $proposals[] = Proposal::of("Rename the table $table->name to “{$now}”", $app->blueprint, $edits);
        }
        foreach ($screens as $screen) {
            $proposals[] = Proposal::of("Rename the screen $screen->name to “{$now}”", $app->blueprint, self::screen($screen, $now, $app));
        }
        if ($proposals === []) {
            foreach (FieldRules::named($was, $app) as [$table, $field]) {
                $proposals[] = Proposal::of(
                    "Rename $field->name of $table->name to “{$now}”",
                    $app->blueprint,
                    [new Fill($app->fieldAt($table, $field).'/name', $now)],
                );
            }
        }
        $role = $app->role(Pattern::replace('~^(?:the )?role (?:of )?~iu', '', $was));
        if ($role !== null) {
            $at = '/roles/'.(int) array_search($role, $app->blueprint->roles, true);
            array_unshift($proposals, Proposal::of("Rename the role $role->name to “{$now}”", $app->blueprint, [new Fill("$at/name", $now)]));
        }

        return Understood::proposing($proposals);
    }

    /** @return list<Edit> */
    private static function table(Table $table, string $now, Known $app): array
    {
        $at = $app->tableAt($table);
        $one = ucfirst($app->lexicon->one(mb_strtolower($now)));
        $many = ucfirst($app->lexicon->many(mb_strtolower($one)));
        $isMany = mb_strtolower($now) !== mb_strtolower($one);

        return [new Fill("$at/name", $isMany ? $now : $many), new Fill("$at/singular", $one)];
    }

    /** @return list<Edit> */
    private static function screensOf(Table $table, string $now, Known $app): array
    {
        $one = ucfirst($app->lexicon->one(mb_strtolower($now)));
        $many = mb_strtolower($now) === mb_strtolower($one) ? ucfirst($app->lexicon->many(mb_strtolower($one))) : $now;
        $edits = [];
        foreach ([$table->name => $many, $table->singular => $one] as $was => $name) {
            $screen = $app->blueprint->screen((string) $was);
            array_push($edits, ...$screen === null ? [] : self::screen($screen, $name, $app));
        }

        return $edits;
    }

    /** @return list<Edit> with what the tabs, the menu and the title say of it, where they say its name */
    private static function screen(Screen $screen, string $now, Known $app): array
    {
        $edits = [];
        $at = $app->screenAt($screen);
        foreach (['tabs', 'menu'] as $list) {
            foreach ($app->items("/$list") as $i => $entry) {
                if (
                    ($entry['screen'] ?? '') === $screen->name && mb_strtolower(
                        (string) json_encode($entry['label'] ?? ''),
                    ) === mb_strtolower((string) json_encode($screen->name))
                ) {
                    $edits[] = Amend::put("/$list/$i/label", $now);
                }
            }
        }
        if ($screen->title !== '' && mb_strtolower($screen->title) === mb_strtolower($screen->name)) {
            $edits[] = Amend::put("$at/title", $now);
        }

        return [...$edits, new Fill("$at/name", $now)];
    }
}
