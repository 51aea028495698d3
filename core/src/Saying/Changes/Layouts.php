<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Lines\ListLine;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;

/** “Make the list of spots tiles.” */
final readonly class Layouts implements Change
{
    private const WAYS = [
        '(make|turn|show|display|draw|lay out|change|have) {list} (into|as|to|in|like|look like) [a|an] {layout}',
        '(make|turn) {list} [a|an] {layout}',
        '(i would like|use) [a|an] {layout} for {list}',
        '(put) {list} (on|in) [a|an] {layout}',
        '{list} (should be|should look like|should be shown as|as|on|in) [a|an] {layout}',
    ];

    private const CALLED = [
        'rows' => ['row', 'simple list', 'plain list', 'line', 'table'],
        'cards' => ['card', 'big card', 'card list'],
        'tiles' => ['tile', 'grid', 'gallery', 'mosaic', 'two column', 'thumbnail'],
        'strip' => ['strip', 'row of cards', 'carousel', 'row to swipe', 'horizontal list', 'sideways list', 'band'],
        'pages' => ['page', 'swipe page', 'slide'],
        'conversation' => ['conversation', 'chat', 'message', 'bubble', 'speech bubble'],
        'map' => ['map'],
        'calendar' => ['calendar', 'month'],
    ];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $fitting = array_values(array_filter($said->each(...self::WAYS), fn (array $found): bool => self::layout($found['layout'], $app) !== ''));
        if ($fitting === []) {
            return null;
        }
        [$found] = $fitting;
        $layout = self::layout($found['layout'], $app);
        $words = ListLine::LAYOUTS[$layout];

        return ListChange::of($app, $found['list'], function (Line $line) use ($layout, $words, $app): ?Proposal {
            $needed = self::missing($layout, $line, $app);
            // Rows are what a list is of which nothing is said.
            $plain = isset($line->spot->data['layout']) ? [Amend::leave("{$line->at()}/layout")] : [];
            $edits = [...$layout === 'rows' ? $plain : [Amend::put("{$line->at()}/layout", $layout)], ...$needed];

            return Proposal::of("Show {$line->called()} {$line->where()} as $words", $app->blueprint, $edits);
        }, fn (string $list): string => "make $list as $words", fn (Line $line): bool => ($line->text('layout') ?: 'rows') === $layout);
    }

    private static function layout(string $words, Known $app): string
    {
        $plain = implode(' ', $app->plain($words));
        foreach (self::CALLED as $layout => $names) {
            if (in_array($plain, $names, true)) {
                return $layout;
            }
        }

        return '';
    }

    /** @return list<\Lanai\Core\Edits\Edit> what the layout needs of each and does not have yet: a place for a map, a day for a calendar */
    private static function missing(string $layout, Line $line, Known $app): array
    {
        $type = ['map' => ['place'], 'calendar' => ['moment', 'date']][$layout] ?? [];
        $table = $app->blueprint->table($line->text('table'));
        if ($type === [] || $table === null) {
            return [];
        }
        $fields = array_values(array_filter($table->fields, fn ($field): bool => in_array(Known::typeOf($field), $type, true)));
        $shows = is_array($line->spot->data['shows'] ?? null) ? array_values($line->spot->data['shows']) : [];
        $key = $fields === [] ? '' : \Lanai\Core\Text\Names::inFormula($fields[0]->name);
        if ($layout === 'map') {
            $hasPlace = array_filter($shows, fn ($one): bool => is_array($one) && ($one['place'] ?? '') === 'place') !== [];

            return $fields === [] || $hasPlace ? [] : [Amend::items("{$line->at()}/shows", [...$shows, ['formula' => $key, 'place' => 'place']])];
        }
        $by = is_array($line->spot->data['by'] ?? null) ? $line->spot->data['by'] : [];
        $first = is_array($by[0] ?? null) ? ($by[0]['field'] ?? '') : '';
        $isByDay = array_filter($fields, fn ($field): bool => $field->name === $first) !== [];

        return $fields === [] || $isByDay ? [] : [Amend::put("{$line->at()}/by", [['field' => $fields[0]->name, 'way' => 'upward']])];
    }
}
