<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Model\Screen;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Fields;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Path;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** “Show the host's picture on Swim.” “Show the price in the list of swims.” “Ask for the phone in the form.” */
final readonly class ShowingFields implements Change
{
    private const WAYS = [
        '(show|display|add|put|include|print) {what} (on|in|to|at|onto) {where}',
        '(let|have) {where} show {what}',
        '{where} should (show|display|have) {what}',
    ];

    private const ASKED = [
        '(ask) [people|them] for {what} (in|on|when adding|when people add) {where}',
        '(ask) [people|them] [for] {what} (in|on) {where}',
        '(put|add|include) {what} (into|in|to) the form (of|for) {where}',
    ];

    /** Where in a list something stands by its type, the likeliest first. */
    private const PLACES = [
        'picture' => ['picture'], 'place' => ['place', 'note'], 'longText' => ['note', 'aside'], 'text' => ['note', 'aside', 'badge'],
        'choice' => ['badge', 'note', 'aside'], 'yesNo' => ['badge', 'aside'],
    ];

    private const OTHER = ['aside', 'note', 'badge'];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        foreach (self::WAYS as $way) {
            $found = $said->fits($way);
            if ($found === null) {
                continue;
            }
            $understood = $this->inList($found['what'], $found['where'], $app) ?? $this->onPage($found['what'], $found['where'], $app);
            if ($understood !== null) {
                return $understood;
            }
        }
        $found = $said->fits(...self::ASKED);

        return $found === null ? null : $this->asked($found['what'], $found['where'], $app);
    }

    private function onPage(string $what, string $where, Known $app): ?Understood
    {
        $proposals = [];
        foreach ($app->screens($where) as $screen) {
            $proposals[] = $this->onScreen($what, $screen, $app);
        }
        if (array_filter($proposals) === []) {
            // “On swims”: where one of them is shown.
            $table = $app->table($where);
            $page = $table === null ? null : $app->pageOf($table);
            $proposals = $page === null ? [] : [$this->onScreen($what, $page, $app)];
        }

        return Understood::proposing($proposals);
    }

    private function onScreen(string $what, Screen $screen, Known $app): ?Proposal
    {
        $path = $app->path($what, $screen);
        $sentence = $path === null ? null : self::sentence($path, $app);
        if ($path === null || $sentence === null) {
            return null;
        }
        $at = $app->screenAt($screen).'/lines';
        $items = $app->items($at);
        $index = $path->type() === 'picture' && (($items[0]['kind'] ?? '') !== 'picture') ? 0 : Fields::below($items);

        return Proposal::of('Show '.trim($what)." on $screen->name", $app->blueprint, [new Write($at, $sentence, $index)]);
    }

    private static function sentence(Path $path, Known $app): ?string
    {
        $link = $app->blueprint->tableOfOne($path->field->linksTo());
        $label = $link === null ? null : (new Fields($app))->labelOf($link);

        return $label === null ? Fields::line($path->field->name, $path->type(), $path->formula) : Fields::line(
            $path->field->name,
            'text',
            "$path->formula.$label",
        );
    }

    private function inList(string $what, string $where, Known $app): ?Understood
    {
        $isList = Pattern::match('~\b(?:lists?|cards?|rows?|tiles?)\b~iu', $where);
        $table = $app->table($where);
        $isMany = $table !== null && mb_strtolower(
            implode(' ', array_slice(explode(' ', trim($where)), -1)),
        ) === mb_strtolower(implode(' ', array_slice(explode(' ', $table->name), -1)));
        if (! $isList && ! $isMany) {
            return null;
        }

        return ListChange::of($app, $where, function (Line $line) use ($what, $app): ?Proposal {
            $path = $app->path($what, $line->spot);
            if ($path === null) {
                return null;
            }
            $link = $app->blueprint->tableOfOne($path->field->linksTo());
            $label = $link === null ? null : (new Fields($app))->labelOf($link);
            $formula = $label === null ? $path->formula : "$path->formula.$label";
            $formula = $path->type() === 'yesNo' ? "$formula ? \"{$path->field->name}\" : null" : $formula;
            $shows = is_array($line->spot->data['shows'] ?? null) ? array_values($line->spot->data['shows']) : [];
            $taken = [];
            foreach ($shows as $one) {
                if (is_array($one) && ($one['formula'] ?? '') === $formula) {
                    return null;
                }
                $taken[] = is_array($one) && is_string($one['place'] ?? null) ? $one['place'] : '';
            }
            $places = self::PLACES[$path->type()] ?? self::OTHER;
            $free = array_values(array_diff($places, $taken));
            $place = $free[0] ?? $places[0];
            $kept = $free === [] ? array_filter($shows, fn (mixed $one): bool => ! is_array($one) || ($one['place'] ?? '') !== $place) : $shows;

            return Proposal::of(
                "Show {$path->field->name}".($free === [] ? " instead of what stands as $place" : " as $place")." in {$line->called()} {$line->where()}",
                $app->blueprint,
                [Amend::items("{$line->at()}/shows", [...$kept, ['formula' => $formula, 'place' => $place]])],
            );
        }, fn (string $one): string => "show $what in $one");
    }

    private function asked(string $what, string $where, Known $app): ?Understood
    {
        $proposals = [];
        foreach ($app->lines() as $line) {
            if (! in_array($line->kind(), ['addForm', 'changeForm'], true)) {
                continue;
            }
            $screen = $app->screen($where);
            $table = $line->kind() === 'addForm' ? $app->blueprint->tableOfOne($line->text('one')) : null;
            foreach ($line->kind() === 'changeForm' ? $app->blueprint->tables : [] as $one) {
                $table = Names::inFormula($one->singular) === $line->text('of') ? $one : $table;
            }
            $field = $table === null ? null : $app->field($table, $what);
            $asking = is_array($line->spot->data['asking'] ?? null) ? array_values($line->spot->data['asking']) : [];
            $isMeant = $screen?->name === $line->screen || (
                $table !== null && $app->table(Pattern::replace('~\b(?:the )?form(?: for| of)?\b|\badding\b~iu', '', $where)) === $table
            ) ||
                Pattern::match('~^(?:the )?forms?$~iu', trim($where));
            if ($field !== null && $isMeant && $field->isAsked() && ! in_array($field->name, $asking, true)) {
                $proposals[] = Proposal::of(
                    "Ask for $field->name in {$line->called()} {$line->where()}",
                    $app->blueprint,
                    [Amend::items("{$line->at()}/asking", [...$asking, $field->name])],
                );
            }
        }

        return Understood::proposing($proposals);
    }
}
