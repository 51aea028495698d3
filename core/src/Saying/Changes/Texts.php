<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Fields;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Change "Count me in" to "Swim with us".” “Title Swim "The swim".” “Add the text "Bring a towel" to Swim.” */
final readonly class Texts implements Change
{
    private const KEYS = ['label', 'text', 'title', 'alt', 'empty', 'saying', 'hint', 'name'];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(
            '(change|replace|turn|rename) [the] [button|text|title|heading|words|label] {was} (to|by|with|into) {now}',
            '(write|say) {now} instead of {was}',
            '[the button|the text|the heading|the title] {was} should (say|read|be) {now}',
            '(make) [the button|the text|the heading] {was} say {now}',
        );
        if ($found !== null && Utterance::isQuoted($found['was'])) {
            return $this->replaced(Utterance::bare($found['was']), Utterance::bare($found['now']), $app);
        }
        if ($found !== null && Utterance::isQuoted($found['now'])) {
            $lines = $app->linesMeant($found['was'], ['button', 'heading', 'text', 'iconButton', 'floatingButton', 'badge', 'fold', 'link']);
            $proposals = array_map(fn (Line $line): ?Proposal => $this->said($line, Utterance::bare($found['now']), $app), $lines);
            if (count(array_filter($proposals)) > 0) {
                return Understood::proposing($proposals);
            }
        }
        $found = $said->fits(
            '(title|head) {screen} {now}',
            '[the] title of {screen} (should be|is|to|should say) {now}',
            '(change|set|make) the title of {screen} (to|into|as) {now}',
            '(call) the title of {screen} {now}',
        );
        $screen = $found === null || ! Utterance::isQuoted($found['now']) ? null : $app->screen($found['screen']);
        if ($found !== null && $screen !== null) {
            $title = Utterance::bare($found['now']);

            return Understood::proposing(
                [Proposal::of("Title $screen->name “{$title}”", $app->blueprint, [Amend::put($app->screenAt($screen).'/title', $title)])],
            );
        }
        $found = $said->fits(
            '(when|if|while) {list} is empty (say|write|show) {now}',
            '(say|write|show) {now} (when|if|while) {list} is empty',
            '(when|if|while) there are no {list} (say|write|show) {now}',
            '(say|write|show) {now} (when|if|while) there are no {list}',
        );
        if ($found !== null && Utterance::isQuoted($found['now'])) {
            $now = Utterance::bare($found['now']);

            return ListChange::of(
                $app,
                $found['list'],
                fn (Line $line): ?Proposal => Proposal::of(
                    "Say “{$now}” where {$line->called()} {$line->where()} is empty",
                    $app->blueprint,
                    [Amend::put("{$line->at()}/empty", $now)],
                ),
                fn (string $one): string => "when $one is empty say \"$now\"",
            );
        }
        $found = $said->fits(
            '(add|put|write) [a|the] (text|sentence|line|heading|paragraph|note) {now} (to|on|in|at the top of|at the end of|at the bottom of) {screen}',
            '(write|put|say) {now} (on|at the top of|at the end of|at the bottom of) {screen}',
            '(add|put) [a|the] (text|sentence|line|heading|paragraph) (to|on|in) {screen} (saying|that says|with|reading) {now}',
        );
        $screen = $found === null || ! Utterance::isQuoted($found['now']) ? null : $app->screen($found['screen']);

        return $found === null || $screen === null ? null : $this->added($said, Utterance::bare($found['now']), $app->screenAt($screen), $screen->name, $app);
    }

    private function added(Utterance $said, string $text, string $at, string $name, Known $app): ?Understood
    {
        $kind = Pattern::match('~^\w+\s+(?:an? |the )?heading~iu', $said->text) ? 'Heading' : 'Text';
        $items = $app->items("$at/lines");
        $index = match (true) {
            Pattern::match('~\b(?:at the top of|on top of)\b~iu', $said->text) => 0,
            Pattern::match('~\b(?:at the end of|at the bottom of)\b~iu', $said->text) => count($items),
            default => Fields::below($items),
        };
        $text = Fields::plain($text);

        return Understood::proposing([Proposal::of("Write “{$text}” on $name", $app->blueprint, [new Write("$at/lines", "$kind \"$text\"", $index)])]);
    }

    /** The same words wherever they are said. */
    private function replaced(string $was, string $now, Known $app): ?Understood
    {
        $now = Fields::plain($now);
        $edits = [];
        foreach ($app->blueprint->walk()->nodes as $spot) {
            foreach (self::KEYS as $key) {
                $text = $spot->data[$key] ?? null;
                $isIt = is_string($text) && mb_strtolower($text) === mb_strtolower($was);
                $blank = $isIt ? $app->blueprint->walkTo("$spot->at/$key")->blankAt("$spot->at/$key") : null;
                if ($blank !== null && in_array($blank->blank->fit->kind(), ['text', 'plain'], true)) {
                    $edits["$spot->at/$key"] = Amend::put("$spot->at/$key", $now);
                }
            }
        }
        $places = count($edits);
        $label = "Say “{$now}” instead of “{$was}”".($places > 1 ? ", in $places places" : '');

        return $edits === [] ? Understood::refusing("Nothing in this app says “{$was}”.") : Understood::proposing(
            [Proposal::of($label, $app->blueprint, array_values($edits))],
        );
    }

    private function said(Line $line, string $now, Known $app): ?Proposal
    {
        $key = match ($line->kind()) {
            'heading', 'text', 'badge' => 'text',
            'iconButton' => 'alt',
            default => 'label',
        };

        return Pointer::exists("{$line->at()}/$key", $app->blueprint->data())
            ? Proposal::of(
                "Say “{$now}” instead of “{$line->text($key)}” {$line->where()}",
                $app->blueprint,
                [Amend::put("{$line->at()}/$key", Fields::plain($now))],
            )
            : null;
    }
}
