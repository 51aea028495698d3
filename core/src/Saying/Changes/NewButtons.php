<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Model\Screen;
use Lanai\Core\Reading\Patterns\Noun;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Fields;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** “Add a button "All spots" to Swim that opens Spots.” “Add a share button to Swim.” */
final readonly class NewButtons implements Change
{
    private const WAYS = [
        '(add|put|make) [a|an|the|another] button [called|named|saying|that says|with] {label} (to|on|onto|at) {screen} (that|which|to|and) {does}',
        '(add|put|make) [a|an|the|another] button (to|on|onto|at) {screen} (that|which|to|and) {does}',
        '(add|put|make) [a|an|the|another] button (to|that|which) {does} (to|on|onto|at) {screen}',
        '(add|put|make) [a|an|the|another] {does} button (to|on|onto|at) {screen}',
    ];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        foreach (self::WAYS as $way) {
            $found = $said->fits($way);
            $screen = $found === null ? null : $app->screen($found['screen']);
            $made = $found === null || $screen === null ? null : $this->made($found['does'], $screen, $app);
            if ($found === null || $screen === null || $made === null) {
                continue;
            }
            [$label, $effects, $if] = $made;
            $label = isset($found['label']) ? Fields::plain(Utterance::bare($found['label'])) : $label;
            $sentence = 'Button '.Fields::quoted($label).', quiet'.($if === '' ? '' : ", if $if")."\n  tapped:\n    ".implode("\n    ", $effects);

            return Understood::proposing(
                [Proposal::of("Add the button “{$label}” to $screen->name", $app->blueprint, [new Write($app->screenAt($screen).'/lines', $sentence)])],
            );
        }

        return null;
    }

    /** @return array{string, list<string>, string}|null a label, what it does, and when it stands there */
    private function made(string $does, Screen $screen, Known $app): ?array
    {
        $about = $screen->about[0] ?? null;
        $table = $about === null ? null : $app->blueprint->tableOfOne($about->one);
        $key = $about?->key($app->blueprint) ?? '';
        $label = $table === null ? null : (new Fields($app))->labelOf($table);
        if (Pattern::match('~^(?:opens?|goes to|go to|leads? to|shows?)\s+(?:the\s+)?(?<to>.+)$~iu', $does, $found)) {
            return $this->going($found['to'], $screen, $app);
        }
        if (Pattern::match('~^(?:shares?|sharing)(?: (?:it|this|the .+))?$~iu', $does)) {
            return [
                'Tell a friend',
                [$label === null ? "share \"{$app->blueprint->name}\", with a link here" : "share \"{{$key}.$label}\", with a link here"],
                '',
            ];
        }
        if (Pattern::match('~^(?:removes?|deletes?)(?: (?:it|this|the .+))?$~iu', $does) && $table !== null) {
            $who = Rights::who('owner', $table, $app);

            return [
                'Remove it',
                ['confirm "Remove it?"', "remove $key", 'go back'],
                isset($who['field']) ? "$key.".Names::inFormula($who['field']).' == me and me != null' : '',
            ];
        }
        if (Pattern::match('~^(?:goes|go) back$|^back$~iu', $does)) {
            return ['Back', ['go back'], ''];
        }
        if (Pattern::match('~^(?:signs? out|sign-out|logs? out)$~iu', $does) && $app->blueprint->signIn !== null) {
            return ['Sign out', ['sign out'], 'me != null'];
        }
        if (Pattern::match('~^(?:calls?|phones?|rings?)(?: (?<whom>.+))?$~iu', $does, $found)) {
            $path = $app->path(
                ($found['whom'] ?? '') === '' || Pattern::match('~^(?:it|them|him|her)$~iu', $found['whom']) ? 'phone' : "{$found['whom']}'s phone",
                $screen,
            );

            return $path === null || $path->type() !== 'phone' ? null : ['Call', ["call $path->formula"], "$path->formula != null"];
        }
        if (Pattern::match('~^(?:shows?|opens?) (?:it |the way )?on (?:a|the) map$|^(?:shows? )?the way$|^directions?$~iu', $does)) {
            $path = $app->path('place', $screen);

            return $path === null || $path->type() !== 'place' ? null : ['Show the way', ["show on a map $path->formula"], "$path->formula != null"];
        }

        return null;
    }

    /** @return array{string, list<string>, string}|null */
    private function going(string $words, Screen $from, Known $app): ?array
    {
        $to = $app->screen($words);
        if ($to === null) {
            return null;
        }
        if ($to->about === []) {
            return [$to->name, ['go to '.Noun::said($to->name)], ''];
        }
        foreach ($from->about as $about) {
            $key = $about->key($app->blueprint);
            if ($about->one === $to->about[0]->one) {
                return [$to->name, ['go to '.Noun::said($to->name)." with $key"], ''];
            }
            // To what the row of this screen leads to.
            foreach ($app->blueprint->tableOfOne($about->one)->fields ?? [] as $field) {
                if ($field->linksTo() === $to->about[0]->one) {
                    $of = "$key.".Names::inFormula($field->name);

                    return [$to->name, ['go to '.Noun::said($to->name)." with $of"], "$of != null"];
                }
            }
        }

        return null;
    }
}
