<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\Remove;
use Lanai\Core\Edits\Uses;
use Lanai\Core\Formula\Template;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** “Remove the search box from spots.” “Delete the badge on Booking.” “Spots need no code.” */
final readonly class Removing implements Change
{
    private const WAYS = ['(remove|delete|drop|take away|get rid of|throw out|throw away|lose|kill|erase) {what}', '(take) {what} (away|off|out)',
        '{table} (need no|do not need|don\'t need|should have no|should not have) {field}', '(we|i) (do not need|don\'t need|need no) {what}'];

    /** Clauses of lists that are spoken of as things. */
    private const CLAUSES = [
        '~^(?:the )?(?:search|search box|search field|search bar)(?:\s+(?:from|of|in|on|above)\s+(?<list>.+))?$~iu' => 'searchable',
        '~^(?:the )?(?:filter|filters|choice|choices|chips)(?:\s+(?:from|of|in|on|above)\s+(?<list>.+))?$~iu' => 'chips',
        '~^(?:the )?(?:order|orders|sorting|sort order)(?:\s+(?:from|of|in|on)\s+(?<list>.+))?$~iu' => 'by',
        '~^(?:the )?(?:adverts|ads|advertising)\s+(?:from|of|in|on)\s+(?<list>.+)$~iu' => 'adverts',
    ];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(...self::WAYS);
        if ($found === null || Pattern::match('~\b(?:rows|records|entries|everything)\b~iu', $said->text)) {
            return null;
        }
        $what = $found['what'] ?? "$found[field] of $found[table]";
        foreach (self::CLAUSES as $way => $clause) {
            if (Pattern::match($way, $what, $named)) {
                return self::clause($clause, $named['list'] ?? '', $app);
            }
        }
        foreach (['~^(?:the )?(?<screen>.+?)\s+(?:from|in|off)\s+the\s+(?<list>tabs?|tab bar|menu|side menu)$~iu', '~^(?:the )?(?<list>tab|'.
            'menu entry)\s+(?<screen>.+)$~iu',
            '~^(?:the )?(?<screen>.+?)\s+(?<list>tab)$~iu'] as $way) {
            if (Pattern::match($way, $what, $tab)) {
                $screen = $app->screen($tab['screen']);

                return $screen === null ? null : self::entry($screen, str_contains(mb_strtolower($tab['list']), 'menu') ? 'menu' : 'tabs', $app);
            }
        }
        $isOfTable = Pattern::match(
            '~^(?:the )?(?<field>.+?)\s+(?:from|of)\s+(?:the\s+|all\s+|each\s+)?(?<table>.+)$~iu',
            $what,
            $of,
        ) && ($app->table($of['table']) !== null) &&
            $app->field($app->table($of['table']), $of['field']) !== null;
        $lines = $isOfTable ? [] : $app->linesMeant($what);
        $isLine = str_contains($what, '"') || Line::namesKind($what);
        $isScreen = Pattern::match('~\b(?:screen|page)\b~iu', Pattern::replace('~\s(?:on|in|from)\s.*$~iu', '', $what));
        if ($lines !== [] && ! $isScreen && ($isLine || count($lines) === 1)) {
            return self::lines($lines, $app);
        }
        $fields = $isScreen ? [] : FieldRules::named($what, $app);
        $proposals = array_map(fn (array $one): ?Proposal => self::field($one[0], $one[1], $app), $fields);
        $screens = Pattern::match('~\btable\b~iu', $what) ? [] : $app->screens($what);
        foreach ($proposals === [] ? $screens : [] as $screen) {
            $proposals[] = self::screen($screen, $app);
        }
        foreach ($fields === [] && ! $isScreen ? $app->tables($what) : [] as $table) {
            $uses = count(Uses::of($app->blueprint, $app->tableAt($table)));
            $note = $uses === 0 ? '' : " It is still used in $uses ".($uses === 1 ? 'sentence' : 'sentences').', which have to be changed then.';
            $proposals[] = Proposal::of("Remove the table $table->name with its rows.$note", $app->blueprint, [new Remove([$app->tableAt($table)])]);
        }

        return Understood::proposing($proposals);
    }

    private static function clause(string $clause, string $list, Known $app): ?Understood
    {
        $with = array_values(array_filter($app->lines(), fn (Line $line): bool => $line->kind() === 'list' && isset($line->spot->data[$clause])));
        $called = ['searchable' => 'the search box', 'chips' => 'the choices', 'by' => 'the order', 'adverts' => 'the adverts'][$clause];
        $leave = fn (Line $line): ?Proposal => isset($line->spot->data[$clause])
            ? Proposal::of("Take $called away from {$line->called()} {$line->where()}", $app->blueprint, [Amend::leave("{$line->at()}/$clause")])
            : null;

        return $list === ''
            ? Understood::proposing(array_map($leave, $with))
            : ListChange::of($app, $list, $leave, fn (string $one): string => 'remove '.$called." from $one");
    }

    private static function entry(Screen $screen, string $list, Known $app): ?Understood
    {
        $kept = array_filter($app->items("/$list"), fn (array $entry): bool => ($entry['screen'] ?? '') !== $screen->name);
        if (count($kept) === count($app->items("/$list"))) {
            return Understood::answering("$screen->name is not in the $list.");
        }

        return Understood::proposing([Proposal::of("Take $screen->name out of the $list", $app->blueprint, [Amend::items("/$list", $kept)])]);
    }

    /** @param  list<Line>  $lines */
    private static function lines(array $lines, Known $app): ?Understood
    {
        if (count($lines) > 1) {
            $answers = [];
            foreach ($lines as $line) {
                $kind = explode(' ', $line->called())[1] ?? 'line';
                $says = $line->label() === '' || $line->kind() === 'list' ? $line->called() : "the $kind \"{$line->label()}\"";
                $answers[ucfirst($line->called()).' '.$line->where()] = "remove $says".($line->screen === '' ? '' : " on $line->screen");
            }

            return count($answers) < 2 ? null : Understood::asking('Several could be meant. Which one?', $answers);
        }
        [$line] = $lines;

        return Understood::proposing([Proposal::of("Remove {$line->called()} {$line->where()}", $app->blueprint, [new Remove([$line->at()])])]);
    }

    private static function screen(Screen $screen, Known $app): ?Proposal
    {
        if ($screen->first || count($app->blueprint->screens) === 1) {
            return null;
        }
        $edits = [];
        foreach (['tabs', 'menu'] as $list) {
            $kept = array_filter($app->items("/$list"), fn (array $entry): bool => ($entry['screen'] ?? '') !== $screen->name);
            array_push($edits, ...count($kept) === count($app->items("/$list")) ? [] : [Amend::items("/$list", $kept)]);
        }
        $at = $app->screenAt($screen);
        $left = array_filter(
            Uses::of($app->blueprint, $at),
            fn (array $use): bool => ! str_starts_with($use['at'], '/tabs') && ! str_starts_with($use['at'], '/menu'),
        );
        $note = match (count($left)) {
            0 => '',
            1 => ' One sentence still leads to it, and has to be changed then.',
            default => ' '.count($left).' sentences still lead to it, and have to be changed then.',
        };

        return Proposal::of("Remove the screen $screen->name.$note", $app->blueprint, [...$edits, new Remove([$at])]);
    }

    /** A field, with what only asks for it or only shows it. */
    private static function field(Table $table, Field $field, Known $app): ?Proposal
    {
        $edits = [];
        $key = Names::inFormula($field->name);
        $gone = [];
        foreach ($app->lines() as $line) {
            $data = $line->spot->data;
            $isOf = in_array(
                $line->text('table'),
                [$table->name],
                true,
            ) || $line->text('one') === $table->singular || $line->text('of') === Names::inFormula($table->singular);
            foreach ($isOf ? ['asking', 'orders', 'chips'] : [] as $list) {
                $there = is_array($data[$list] ?? null) ? $data[$list] : [];
                $kept = array_filter($there, fn (mixed $one): bool => ! is_string($one) || mb_strtolower($one) !== mb_strtolower($field->name));
                array_push($edits, ...count($kept) === count($there) ? [] : [Amend::items("{$line->at()}/$list", $kept)]);
            }
            if ($line->kind() === 'list' && $line->text('table') === $table->name) {
                foreach (['shows' => ['formula', $key], 'by' => ['field', $field->name]] as $list => [$part, $is]) {
                    $there = is_array($data[$list] ?? null) ? $data[$list] : [];
                    $kept = array_filter($there, fn (mixed $one): bool => ! is_array($one) || ($one[$part] ?? '') !== $is);
                    array_push($edits, ...count($kept) === count($there) ? [] : [Amend::items("{$line->at()}/$list", $kept)]);
                }
            }
            $isAlone = in_array(
                $line->kind(),
                ['text', 'picture', 'video', 'sound', 'map', 'badge', 'rating'],
                true,
            ) && self::tellsOnly($line, Names::inFormula($table->singular).".$key");
            $gone = $isAlone ? [...$gone, $line->at()] : $gone;
        }
        foreach (array_reverse($gone) as $at) {
            $edits[] = new Remove([$at]);
        }
        $edits[] = new Remove([$app->fieldAt($table, $field)]);

        return Proposal::of("Remove $field->name from $table->name, and what only shows it", $app->blueprint, $edits);
    }

    private static function tellsOnly(Line $line, string $formula): bool
    {
        if (in_array($line->kind(), ['picture', 'video', 'sound', 'map', 'rating'], true)) {
            return $line->text('of') === $formula || $line->text('at') === $formula;
        }
        $formulas = array_map(fn ($one): string => $one->text, Template::of($line->text('text'))->formulas());

        return $formulas !== [] ? array_unique($formulas) === [$formula] : $line->text('if') === $formula;
    }
}
