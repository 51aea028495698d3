<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Model\Table;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Fields;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** “Add a rating to spots.” “Each swim has a price and a picture.” */
final readonly class NewFields implements Change
{
    private const WAYS = [
        '(add|give|put) [a|an|the|another] field [called|named] {fields} (to|for|on|in) {table}',
        '(add|put|keep|store|save) {fields} (to|for|with|of) {table}',
        '(give) {table} {fields}',
        '(each|every|a|an|all|the) {table} (has|have|needs|need|should have|must have|gets|also has|also have) {fields}',
        '{table} (have|need|should have|must have|get|also have) {fields}',
    ];

    private const MOST = 8;

    public function hear(Utterance $said, Known $app): ?Understood
    {
        foreach (self::WAYS as $way) {
            $found = $said->fits($way);
            $table = $found === null ? null : $app->table($found['table']);
            if ($found === null || $table === null || $app->blueprint->isServiceTable($table) || Pattern::match('~\b(?:list|form)s?\b~iu', $found['table'])) {
                continue;
            }
            // “Give spots a price” may be parted at any word.
            $understood = self::adding($found['fields'], $table, $app);
            if ($understood !== null) {
                return $understood;
            }
        }

        return null;
    }

    private static function adding(string $words, Table $table, Known $app): ?Understood
    {
        // What belongs to a page or a list, and is no field.
        $elsewhere = '~\b(?:search|button|page|screen|list|heading|title|tab|menu|map|calendar|form|chart|filter|comments?|reviews?|chat|row|rows)\b~iu';
        if (! Utterance::isQuoted($words) && (Pattern::match($elsewhere, $words) || ! Pattern::match('~^(?:an?|the|its|their|some|one|")\s?~iu', $words))) {
            return null;
        }
        $fields = new Fields($app);
        $edits = $names = $shown = [];
        $at = $app->tableAt($table).'/fields';
        foreach (array_slice(self::parts($words, $fields), 0, self::MOST) as [$name, $type]) {
            $sentence = $fields->sentence($name, $type, $table);
            if ($sentence === null) {
                return null;
            }
            $name = trim(Pattern::match('~^"(.+?)" is|^(.+?) is ~u', $sentence, $found) ? $found[1].($found[2] ?? '') : $name);
            if (in_array(Names::inFormula($name), array_map(fn ($field): string => Names::inFormula($field->name), $table->fields), true)) {
                // “Add the kind to firings”: where it is shown.
                return Pattern::match('~^(?:the|its|their)\s~iu', $words)
                    ? null
                    : Understood::answering("$table->name have $name already.", [['label' => "$name of $table->name", 'at' => $at]]);
            }
            $edits[] = new Write($at, $sentence);
            array_push($shown, ...$fields->shown($table, $name, $sentence));
            $names[] = $name;
        }
        $said = self::said($names);
        $asked = self::asked($table, $names, $app);
        $kept = Proposal::of("Keep $said of each $table->singular", $app->blueprint, $edits);
        $whole = $shown === [] && $asked === []
            ? $kept
            : Proposal::of(
                "Keep $said of each $table->singular, show it on its page and ask for it in forms",
                $app->blueprint,
                [...$edits, ...array_reverse($shown), ...$asked],
            );

        return Understood::proposing([$whole, $kept]);
    }

    /**
     * @param  list<string>  $names
     * @return list<\Lanai\Core\Edits\Edit>
     */
    private static function asked(Table $table, array $names, Known $app): array
    {
        $fields = new Fields($app);
        $all = [];
        foreach ($names as $name) {
            foreach ($fields->asked($table, $name) as $edit) {
                // Several fields are asked for in one list.
                $path = $edit->about()[0];
                $before = $all[$path] ?? null;
                $all[$path] = $before === null ? $edit : \Lanai\Core\Saying\Amend::items($path, [...self::values($before), $name]);
            }
        }

        return array_values($all);
    }

    /** @return list<mixed> */
    private static function values(\Lanai\Core\Edits\Edit $edit): array
    {
        $value = $edit instanceof \Lanai\Core\Edits\Kinds\PutRight ? $edit->operations[0]['value'] ?? [] : [];

        return is_array($value) ? array_values($value) : [];
    }

    /** @return list<array{string, string|null}> names, and types where they are said */
    private static function parts(string $words, Fields $fields): array
    {
        if (Pattern::match('~^(?:an?\s+)?(?<type>[\p{L} -]+?)\s+(?:called|named)\s+(?<name>.+)$~iu', $words, $found)) {
            $type = mb_strtolower($found['type']) === 'field' ? null : $fields->type($found['type']);

            return $type === null && mb_strtolower($found['type']) !== 'field' ? [] : [[$found['name'], $type]];
        }
        if (
            Pattern::match(
                '~^(?<name>.+?)[,:]?\s+(?:as|which is|that is|\(|:)\s*(?<type>(?:an? |one of |either |money|yes or no|choice).+?)\)?$~iu',
                $words,
                $found,
            )
        ) {
            $type = $fields->type($found['type']);
            if ($type !== null) {
                return [[$found['name'], $type]];
            }
        }
        if (Pattern::match('~^(?<name>.+?)\s*\((?<choices>[^()]+)\)$~u', $words, $found)) {
            $choices = $fields->choices($found['choices']);

            return count($choices) < 2 ? [] : [[$found['name'], 'is one of '.implode(', ', array_map(Fields::quoted(...), $choices))]];
        }

        return array_map(fn (string $name): array => [$name, null], $fields->choices($words));
    }

    /** @param  list<string>  $names */
    private static function said(array $names): string
    {
        $last = (string) array_pop($names);

        return $names === [] ? $last : implode(', ', $names)." and $last";
    }
}
