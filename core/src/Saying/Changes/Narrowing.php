<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Conditions;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Let people search spots.” “Offer a choice of bottom for spots.” “Show only swims that are not full.” “Show 10 swims at a time.” */
final readonly class Narrowing implements Change
{
    private const SEARCH = [
        '(add|put|give|show) [a|the] (search|search box|search field|search bar) (to|for|on|above|in) {list}',
        '(make) {list} searchable',
        '(let|allow) [people|users|everyone|them|me] [to] (search|search in|search for|find) {list}',
        '(people|users) (should be able to|can) (search|search in|search for|find) {list}',
        '(give) {list} a (search|search box|search field)',
    ];

    private const CHOICE = [
        '(offer|add|put|give) [a|the] (choice|filter|filters|chips) (of|by|for) {field} (to|for|on|above) {list}',
        '(let|allow) [people|users|everyone|them|me] [to] (filter|narrow|choose) {list} by [their|the] {field}',
        '(people|users) (should be able to|can) filter {list} by [their|the] {field}',
        '(filter) {list} by [their|the] {field}',
    ];

    private const ORDER = [
        '(let|allow) [people|users|everyone|them|me] [to] (sort|order) {list} by [their|the] {field}',
        '(people|users) (should be able to|can) (sort|order) {list} by [their|the] {field}',
    ];

    private const ONLY = [
        '(show|list|display) only {list} (where|that are|that have|which are|which have|whose|that|if|with) {if}',
        '(show|list|display) only [the] (upcoming|future|coming) {list}',
        'only (show|list|display) {list} (where|that are|that have|which are|which have|whose|that|if|with) {if}',
        'only (show|list|display) [the] (upcoming|future|coming) {list}',
        '(hide|do not show|don\'t show|leave out|skip) {list} (where|that are|that have|which are|which have|whose|that|if|with) {unless}',
        '(hide|do not show|don\'t show|leave out) [the] (past|old|over) {list}',
    ];

    private const PAGE = [
        '(show) [only] {count} {list} at a time',
        '(show) [only|at most] {count} {list} [first|at first]',
        '(limit) {list} to {count}',
    ];

    private const MOST = 200;

    public function hear(Utterance $said, Known $app): ?Understood
    {
        return $this->searched(
            $said,
            $app,
        ) ?? $this->chosen($said, $app) ?? $this->ordered($said, $app) ?? $this->only($said, $app) ?? $this->paged($said, $app);
    }

    private function searched(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(...self::SEARCH);

        return $found === null ? null : ListChange::of(
            $app,
            $found['list'],
            fn (Line $line): ?Proposal => Proposal::of(
                "Put a search box above {$line->called()} {$line->where()}",
                $app->blueprint,
                [Amend::put("{$line->at()}/searchable", true)],
            ),
            fn (string $one): string => "add a search box to $one",
        );
    }

    private function chosen(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(...self::CHOICE);

        return $found === null ? null : $this->offering(
            $found,
            'chips',
            'Let people choose %s of %s',
            fn (string $one): string => "filter $one by {$found['field']}",
            $app,
        );
    }

    private function ordered(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(...self::ORDER);

        return $found === null ? null : $this->offering(
            $found,
            'orders',
            'Let people sort by %s %s',
            fn (string $one): string => "let people sort $one by {$found['field']}",
            $app,
        );
    }

    /**
     * @param  array<string, string>  $found
     * @param  callable(string): string  $again
     */
    private function offering(array $found, string $key, string $label, callable $again, Known $app): ?Understood
    {
        return ListChange::of($app, $found['list'], function (Line $line) use ($found, $key, $label, $app): ?Proposal {
            $table = $app->blueprint->table($line->text('table'));
            $field = $table === null ? null : $app->field($table, $found['field']);
            $there = is_array($line->spot->data[$key] ?? null) ? array_values($line->spot->data[$key]) : [];

            return $field === null || in_array($field->name, $there, true) ? null : Proposal::of(
                sprintf($label, $field->name, "{$line->called()} {$line->where()}"),
                $app->blueprint,
                [Amend::items("{$line->at()}/$key", [...$there, $field->name])],
            );
        }, $again);
    }

    private function only(Utterance $said, Known $app): ?Understood
    {
        foreach (self::ONLY as $way) {
            $found = $said->fits($way);
            if ($found === null) {
                continue;
            }
            $isLeft = isset($found['unless']) || str_contains($way, 'past');
            $words = $found['if'] ?? $found['unless'] ?? (str_contains($way, 'past') ? 'past' : 'upcoming');
            $isPlain = ! isset($found['if']) && ! isset($found['unless']);
            // “With a photo”, “that have a photo”.
            $has = Pattern::match(
                '~\b(with|without|that have|which have)\s+(?:an?\s+|the\s+)?(?<what>'.preg_quote($words, '~').'|'.preg_quote(
                    Pattern::replace('~^(?:an?|the)\s+~iu', '', $words),
                    '~',
                ).')$~iu',
                $said->text,
                $m,
            );
            $condition = $has && ! $isPlain ? 'has a '.Pattern::replace('~^(?:an?|the)\s+~iu', '', $words) : $words;
            $join = $has || Pattern::match('~ (whose|if|where) ~', " $said->text ", $m) ? $m[1] : 'that are';
            $again = fn (string $one): string => ($isLeft ? 'hide' : 'show only')." $one ".($isPlain ? "that are $words" : "$join $words");
            $understood = ListChange::of($app, $found['list'], function (Line $line) use ($words, $condition, $isLeft, $app): ?Proposal {
                $heard = (new Conditions($app))->heard(
                    $condition,
                    $line->spot,
                    $app->blueprint->walkTo("{$line->at()}/where")->blankAt("{$line->at()}/where")?->scope,
                );
                $formula = $heard[$isLeft ? 1 : 0] ?? null;

                return $formula === null ? null : Proposal::of(
                    $isLeft ? "Leave those out of {$line->called()} {$line->where()}: $words" : "Show only those in {$line->called()} {$line->where()}: $words",
                    $app->blueprint,
                    [Amend::put("{$line->at()}/where", Amend::both($line->text('where'), $formula))],
                );
            }, $again, function (Line $line) use ($condition, $isLeft, $app): bool {
                $formula = (new Conditions($app))->heard($condition, $line->spot)[$isLeft ? 1 : 0] ?? '';

                return $formula !== '' && str_contains($line->text('where'), $formula);
            });
            if ($understood !== null) {
                return $understood;
            }
        }

        return null;
    }

    private function paged(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits(...self::PAGE);
        $count = (int) ($found['count'] ?? 0);
        if ($found === null || ! ctype_digit($found['count']) || $count < 1 || $count > self::MOST) {
            return null;
        }

        return ListChange::of(
            $app,
            $found['list'],
            fn (Line $line): ?Proposal => Proposal::of(
                "Show $count at a time in {$line->called()} {$line->where()}",
                $app->blueprint,
                [Amend::put("{$line->at()}/page", $count)],
            ),
            fn (string $one): string => "show $count $one at a time",
        );
    }
}
