<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Process;
use Lanai\Core\Edits\Picking;
use Lanai\Core\Services\RowsMade;
use Tests\TestCase;

/** The npm package jmespath as a second opinion on what a way into an answer means. */
final class WaysIntoAnswersTest extends TestCase
{
    /** From the grammar of the JMESPath specification (jmespath.org), one for each of its constructs; from memory. */
    private const WAYS = [
        'a',
        'a.b',
        'a.b.c',
        'a.missing.b',
        '"with space"',
        '"a"."b"',
        'list[0]',
        'list[-1]',
        'list[9]',
        'list[1:3]',
        'list[:2]',
        'list[::2]',
        'list[::-1]',
        'list[-2:]',
        'people[*].first',
        'people[].first',
        'people[*].missing',
        'a.*',
        '*.b',
        'nested[][]',
        'nested[*][0]',
        'people[?age > `30`].first',
        "people[?first == 'Jo']",
        'people[?age >= `20` && age < `40`].first',
        'people[?!old].first',
        "people[?contains(first, 'n')].first",
        'people[0] | first',
        'people[*].[first, age]',
        'people[*].{name: first, years: age}',
        'a || list',
        'missing || `"none"`',
        '!missing',
        'a && list',
        'length(people)',
        'length(list)',
        'keys(a)',
        'sort(list)',
        'max(people[*].age)',
        'min_by(people, &age).first',
        'sort_by(people, &age)[*].first',
        "join(', ', people[*].first)",
        'to_string(a.n)',
        'to_number(`"7"`)',
        'type(list)',
        'sum(people[*].age)',
        'avg(people[*].age)',
        'reverse(list)',
        "starts_with(people[0].first, 'J')",
        'not_null(missing, a.n)',
        'merge(a, `{"z": 1}`)',
        'map(&first, people)',
        'ceil(`1.2`)',
        'floor(`1.8`)',
        'abs(`-3`)',
        '@',
        'people[?@.age == `41`] | [0].first',
        '`[1, 2]`',
        'values(a)',
    ];

    private const ANSWER = '{"a": {"b": {"c": 1}, "n": 7}, "with space": true, "list": ["d", "b", "a", "c", "e"], "people": [{"first": "Jo", "age": '
        .'41, "old": true}, {"first": "Ann", "age": 23, "old": false}, {"first": "Ben", "age": 35}], "nested": [[[1, 2], [3]], [[4]]]}';

    public function test_both_find_the_same(): void
    {
        $json = json_decode(self::ANSWER, true);
        $theirs = $this->asked(array_map(fn (string $way): array => [$way, $json], self::WAYS));
        foreach (self::WAYS as $i => $way) {
            self::assertEquals($theirs[$i], RowsMade::search($way, $json), $way);
        }
    }

    public function test_the_way_to_every_value_that_can_be_pointed_at_leads_there(): void
    {
        $json = json_decode(
            '{"plain": {"with space": [{"quo\"te": 1}, {"ünï": [true, {"a.b": "x"}]}], "0digit": null, "dash-ed": {"": "nameless"}}, "list": [[1, '
                .'[2, {"deep": "y"}]]]}',
            true,
        );
        $steps = self::places($json);
        $found = $this->asked(array_map(fn (array $s): array => [Picking::way($s), $json], array_column($steps, 0)));

        self::assertGreaterThan(15, count($steps));
        foreach ($steps as $i => [$way, $value]) {
            self::assertEquals($value, $found[$i], Picking::way($way));
            self::assertEquals($value, RowsMade::search(Picking::way($way), $json), Picking::way($way));
        }
    }

    /**
     * @param  list<string|int>  $before
     * @return list<array{list<string|int>, mixed}> steps and value of every place
     */
    private static function places(mixed $json, array $before = []): array
    {
        $all = [];
        foreach (is_array($json) ? $json : [] as $name => $inner) {
            $all[] = [[...$before, $name], $inner];
            array_push($all, ...self::places($inner, [...$before, $name]));
        }

        return $all;
    }

    /**
     * @param  list<array{string, mixed}>  $asked
     * @return list<mixed>
     */
    private function asked(array $asked): array
    {
        return json_decode(
            Process::path(base_path())
                ->input((string) json_encode($asked))
                ->run(['node', 'tests/reference/jmespath.mjs'])
                ->throw()
                ->output(),
            true,
        );
    }
}
