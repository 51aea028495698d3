<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Reading;

use Lanai\Core\Reading\Lexicon;
use Lanai\Core\Reading\Reader;

/** How much of what a person understands of paragraphs the reader understands, and how much of what it understands a person does: recall and precision. */
final class Measure
{
    private const TYPES = ['date and time' => 'moment', 'yes or no' => 'yes/no', 'decimal' => 'number'];

    /** @return array<string, array{hits: int, wanted: int, found: int}> by what is measured */
    public static function of(string $folder): array
    {
        [$reader, $lexicon] = [new Reader(), new Lexicon()];
        $sums = [];
        foreach (glob("$folder/*.json") ?: [] as $file) {
            $paragraph = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
            $found = self::sets(self::outlined($reader->read($paragraph['text'])->data()), $lexicon);
            foreach (self::sets($paragraph, $lexicon) as $what => $wanted) {
                $sums[$what] ??= ['hits' => 0, 'wanted' => 0, 'found' => 0];
                $sums[$what]['hits'] += count(array_intersect($wanted, $found[$what]));
                $sums[$what]['wanted'] += count($wanted);
                $sums[$what]['found'] += count($found[$what]);
            }
        }

        return $sums;
    }

    /**
     * @param  array<string, mixed>  $outline
     * @return array<string, mixed> in the shape of the paragraphs' own
     */
    private static function outlined(array $outline): array
    {
        return [
            'tables' => array_map(fn (array $t): array => [
                'name' => $t['singular'],
                'fields' => array_column($t['fields'], 'type', 'name'),
                'links' => array_column($t['links'], 'to'),
            ], $outline['tables']),
            'roles' => array_column($outline['roles'], 'name'),
            'acts' => array_map(fn (array $act): string => "$act[act] $act[table]", $outline['acts']),
        ];
    }

    /**
     * @param  array<string, mixed>  $outline
     * @return array<string, list<string>>
     */
    private static function sets(array $outline, Lexicon $lexicon): array
    {
        $sets = ['tables' => [], 'fields' => [], 'types' => [], 'links' => [], 'roles' => [], 'acts' => []];
        $one = fn (string $noun): string => implode(' ', array_map($lexicon->one(...), explode(' ', mb_strtolower($noun))));
        foreach ($outline['tables'] as $table) {
            $name = $one($table['name']);
            if ($name !== 'person') {
                $sets['tables'][] = $name;
            }
            foreach ($table['fields'] as $field => $type) {
                // A field is known by its last word: “highest temperature” is the temperature.
                $last = array_slice(explode(' ', $one((string) $field)), -1)[0];
                $sets['fields'][] = "$name.$last";
                $sets['types'][] = "$name.$last ".(self::TYPES[$type] ?? $type);
            }
            foreach ($table['links'] as $to) {
                $sets['links'][] = "$name>".$one($to);
            }
        }
        $sets['roles'] = array_map($one, $outline['roles']);
        $sets['acts'] = array_map($one, $outline['acts']);

        return array_map(fn (array $set): array => array_values(array_unique($set)), $sets);
    }
}
