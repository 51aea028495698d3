<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Questions;

use Lanai\Core\Access\Rules;
use Lanai\Core\Effects\AddRow;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Conditions;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Why can a guest not book?” “Why is this empty?” “Why do I not see the button?” Answered with conditions and rights, in words. */
final readonly class WhyNot implements Change
{
    private const MOST = 4;

    private const EMPTY = ['~^why (?:is|are) (?:the |my )?(?<list>.+?) (?:empty|not (?:shown|there|filled))$~iu',
        '~^why (?:do i|does one|can i|can nobody) (?:see |find )?(?:no|not see any|see nothing in|see none of|not find any) ?(?<list>.*)$~iu'];

    private const DENIED = [
        '~^why (?:can|may|could) (?<who>.+?) not (?<does>.+)$~iu',
        '~^why (?:can\'t|cannot|may not) (?<who>(?:an? |the |any )?\S+) (?<does>.+)$~iu',
    ];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $text = rtrim($said->text, '? ');
        foreach (self::EMPTY as $way) {
            if (Pattern::match($way, $text, $found)) {
                return $this->empty(trim($found['list']), $app);
            }
        }
        foreach (self::DENIED as $way) {
            if (Pattern::match($way, $text, $found)) {
                return $this->denied($found['who'], $found['does'], $app);
            }
        }
        if (
            Pattern::match(
                '~^why (?:is|are|do i not see|does nobody see|can\'t i see|can i not see) (?:the )?(?<line>.+?)(?: (?:hidden|not shown|missing|'.
                    'not there|gone|away))?$~iu',
                $text,
                $found,
            )
        ) {
            $lines = $app->linesMeant($found['line']);

            return $lines === [] ? null : $this->conditions($lines, $app);
        }

        return null;
    }

    private function empty(string $words, Known $app): ?Understood
    {
        $isHere = Pattern::match('~^(?:it|this|here|this list|the list)?$~iu', $words);
        $lists = $isHere
            ? array_values(array_filter($app->lines(), fn (Line $line): bool => $line->kind() === 'list' && $line->screen === $app->here))
            : $app->linesMeant($words, ['list']);
        if ($lists === [] && ! $isHere && $app->table($words) !== null) {
            $table = $app->table($words)->name;
            $lists = array_values(array_filter($app->lines(), fn (Line $line): bool => $line->kind() === 'list' && $line->text('table') === $table));
        }
        if ($lists === [] && ! $isHere) {
            $screen = $app->screen($words);
            $lists = array_values(array_filter($app->lines(), fn (Line $line): bool => $line->kind() === 'list' && $line->screen === $screen?->name));
        }
        if ($lists === []) {
            return $isHere ? Understood::refusing('Which list? Open the screen that it is on, or say its name: “why is the list of … empty?”.') : null;
        }
        $rules = new Rules($app->blueprint);
        $said = $finds = [];
        foreach (array_slice($lists, 0, self::MOST) as $line) {
            $table = $app->blueprint->table($line->text('table'));
            if ($table === null) {
                continue;
            }
            $scope = $app->blueprint->walkTo("{$line->at()}/where")->blankAt("{$line->at()}/where")?->scope;
            $parts = [];
            if ($line->text('owner') !== '') {
                $parts[] = "they belong to the {$line->text('owner')} that the screen is about";
            }
            if ($line->text('where') !== '') {
                $parts[] = Conditions::inWords($line->text('where'), $scope);
            }
            $who = $rules->inWords($rules->of(Verb::See, $table), $table);
            $shown = $parts === [] ? "all $table->name there are" : "only $table->name of which this is so: ".implode(', and ', $parts);
            $count = $app->rows($table);
            $rows = match (true) {
                $count === null => '',
                $count === 0 => " There are no $table->name at all just now.",
                $parts === [] => " There are $count of them just now.",
                default => " There are $count of them just now: look which of them meet that.",
            };
            $said[] = ucfirst(
                $line->called(),
            ).' '.$line->where()." shows $shown.$rows $table->name may be seen by $who: what somebody may not see is left out for them.";
            $finds[] = ['label' => ucfirst($line->called()).' '.$line->where(), 'at' => $line->at()];
        }

        return Understood::answering(implode("\n", $said), $finds);
    }

    private function denied(string $who, string $does, Known $app): ?Understood
    {
        $words = array_map($app->lexicon->verb(...), $app->plain(Pattern::replace('~\s+(?:an?|the|any)\b.*$~iu', '', $does)));
        $lines = array_values(array_filter($app->lines(), function (Line $line) use ($words, $app): bool {
            $has = in_array(
                $line->kind(),
                ['button', 'iconButton', 'floatingButton', 'addForm'],
                true,
            ) ? array_map($app->lexicon->verb(...), $app->plain($line->label())) : [];

            return array_intersect($words, $has) !== [];
        }));
        // “Book” is what adds a booking.
        foreach ($lines === [] ? $app->blueprint->tables : [] as $table) {
            if (str_starts_with(mb_strtolower($table->singular), $words[0] ?? '#')) {
                array_push($lines, ...$this->adding($table->singular, $app));
            }
        }
        $table = $app->table(Pattern::replace('~^\S+\s+(?:an?\s+|the\s+|any\s+)?~iu', '', $does));
        array_push($lines, ...$lines === [] && $table !== null ? $this->adding($table->singular, $app) : []);

        return $lines === [] ? null : $this->conditions($lines, $app, $who);
    }

    /** @return list<Line> what adds a row when it is tapped, by itself or by a routine */
    private function adding(string $singular, Known $app): array
    {
        $routines = [];
        $places = [];
        foreach ($app->blueprint->walk()->nodesOf(AddRow::class) as $spot) {
            if ($spot->text('one') === $singular) {
                $places[] = $spot->at;
                if (Pattern::match('~^/routines/(\d+)/~', $spot->at, $found)) {
                    $routines[] = $app->blueprint->routines[(int) $found[1]]->name;
                }
            }
        }

        return array_values(array_filter($app->lines(), function (Line $line) use ($places, $routines, $singular): bool {
            $written = json_encode($line->spot->data['tapped'] ?? []) ?: '';
            $does = array_filter($routines, fn (string $name): bool => str_contains($written, '"routine":'.json_encode($name)));
            $isForm = $line->kind() === 'addForm' && $line->text('one') === $singular;

            return $isForm || $does !== [] || array_filter($places, fn (string $at): bool => str_starts_with($at, "{$line->at()}/tapped/")) !== [];
        }));
    }

    /** @param  list<Line>  $lines */
    private function conditions(array $lines, Known $app, string $who = ''): Understood
    {
        $rules = new Rules($app->blueprint);
        $said = $finds = [];
        foreach (array_slice($lines, 0, self::MOST) as $line) {
            $parts = [];
            $screen = $app->blueprint->screen($line->screen);
            foreach ($this->above($line) as [$at, $formula]) {
                $parts[] = 'it is there only if '.Conditions::inWords($formula, $app->blueprint->walkTo("$at/if")->blankAt("$at/if")?->scope);
            }
            if ($screen?->signedIn === true) {
                $parts[] = "$screen->name is only for people who have signed in";
            }
            if ($screen !== null && $screen->having !== '') {
                $parts[] = "$screen->name is only for those who have $screen->having";
            }
            $form = $line->kind() === 'addForm' ? $app->blueprint->tableOfOne($line->text('one')) : null;
            foreach ($form === null ? $this->written($line, $app->blueprint) : [$form->singular] as $one) {
                $table = $app->blueprint->tableOfOne($one);
                $parts = $table === null ? $parts : [...$parts, "$table->name may be added by ".$rules->inWords($rules->of(Verb::Add, $table), $table)];
            }
            $said[] = ucfirst($line->called()).' '.$line->where().': '.(
                $parts === [] ? 'nothing stands in the way'.($who === '' ? '' : " of $who").'.' : implode('; ', $parts).'.'
            );
            $finds[] = ['label' => ucfirst($line->called()).' '.$line->where(), 'at' => $line->at()];
        }

        return Understood::answering(implode("\n", $said), $finds);
    }

    /** @return list<array{string, string}> conditions of a line and of what it stands in */
    private function above(Line $line): array
    {
        $found = [];
        for ($spot = $line->spot; $spot !== null; $spot = $spot->parent) {
            if ($spot->text('if') !== '' && str_contains($spot->at, '/lines/')) {
                $found[] = [$spot->at, $spot->text('if')];
            }
        }

        return array_reverse($found);
    }

    /** @return list<string> of what a tap adds rows */
    private function written(Line $line, Blueprint $blueprint): array
    {
        $ones = [];
        $written = json_encode($line->spot->data['tapped'] ?? []) ?: '';
        foreach ($blueprint->walk()->nodesOf(AddRow::class) as $spot) {
            $routine = Pattern::match('~^/routines/(\d+)/~', $spot->at, $found) ? $blueprint->routines[(int) $found[1]]->name : '';
            $isIts = str_starts_with($spot->at, "{$line->at()}/tapped/") || ($routine !== '' && str_contains($written, '"routine":'.json_encode($routine)));
            $ones = $isIts ? [...$ones, $spot->text('one')] : $ones;
        }

        return array_values(array_unique($ones));
    }
}
