<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Model\Table;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Sort swims by places.” */
final readonly class Sorting implements Change
{
    private const WAYS = [
        '(sort|order|arrange|list|show) {list} by {field}',
        '(sort|order|arrange) {list} (from|with) [the] {field}',
        '(show|list|put) [the] {field} {list} first',
        '(show|list|put) {list} with [the] {field} first',
        '[the] {field} {list} (first|should come first|come first|on top)',
        '{list} should be (sorted|ordered) by {field}',
    ];

    /** What is said of the way. */
    private const DOWN = '~[\s,]*\b(?:downwards?|descending|desc|(?:the )?(?:newest|latest|biggest|largest|highest|most|best|longest|dearest|warmest|'.
        'most recent|last)(?: ones?)?(?: first)?|from (?:high|most|new) to .+|z to a|reversed?|backwards?)$~iu';

    private const UP = '~[\s,]*\b(?:upwards?|ascending|asc|(?:the )?(?:oldest|earliest|smallest|lowest|fewest|cheapest|shortest|coldest|soonest|nearest|'.
        'first)(?: ones?)?(?: first)?|from (?:low|few|old) to .+|a to z|alphabetically)$~iu';

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $found = $said->fits('(sort|order|arrange) {list} alphabetically');
        if ($found !== null) {
            return self::sorted($found['list'], 'name a to z', $app) ?? self::sorted($found['list'], 'title a to z', $app);
        }
        foreach (self::WAYS as $way) {
            $found = $said->fits($way);
            // “From the hottest”: that one comes first.
            $by = $found['field'] ?? '';
            $from = Pattern::match('~\bfrom (?:the )?'.preg_quote($by, '~').'$~iu', $said->text) && ! Pattern::match(self::UP, $by);
            $understood = $found === null ? null : self::sorted($found['list'], $by.($from ? ' downward' : ''), $app);
            if ($understood !== null) {
                return $understood;
            }
        }

        return null;
    }

    private static function sorted(string $list, string $words, Known $app): ?Understood
    {
        $words = trim(Pattern::replace('~^(?:its|their|the|how|when they)\s+~iu', '', trim($words)));
        $isDown = Pattern::match(self::DOWN, $words);
        $isUp = ! $isDown && Pattern::match(self::UP, $words);
        $named = trim(Pattern::replace($isDown ? self::DOWN : self::UP, '', $words), ' ,');
        $field = fn (Line $line): ?array => self::field($app->blueprint->table($line->text('table')), $named, $app);

        return ListChange::of($app, $list, function (Line $line) use ($field, $isDown, $isUp, $app): ?Proposal {
            $by = $field($line);
            if ($by === null) {
                return null;
            }
            $way = $isDown || (! $isUp && in_array($by['type'], ['rating', 'addedAt', 'changedAt'], true)) ? 'downward' : 'upward';
            $key = ['field' => $by['name'], 'way' => $way];

            return Proposal::of("Sort {$line->called()} {$line->where()} by {$by['name']}, $way", $app->blueprint, [Amend::put("{$line->at()}/by", [$key])]);
        }, fn (string $one): string => "sort $one by $words", function (Line $line) use ($field): bool {
            $by = $line->spot->data['by'] ?? [];

            return is_array($by) && is_array($by[0] ?? null) && ($by[0]['field'] ?? '') === ($field($line)['name'] ?? null);
        });
    }

    /** @return array{name: string, type: string}|null */
    private static function field(?Table $table, string $words, Known $app): ?array
    {
        if ($table === null) {
            return null;
        }
        if ($words === '') {
            // “The newest first”: by when they were added, else by their day.
            foreach (['addedAt', 'moment', 'date'] as $type) {
                foreach ($table->fields as $field) {
                    if (Known::typeOf($field) === $type) {
                        return ['name' => $field->name, 'type' => $type];
                    }
                }
            }

            return null;
        }
        $field = $app->field($table, $words);

        return $field === null ? null : ['name' => $field->name, 'type' => Known::typeOf($field)];
    }
}
