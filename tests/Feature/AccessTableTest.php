<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\AccessTable;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The picture of who may do what tells what is said, what follows where nothing is said, and which fields go their own way. */
final class AccessTableTest extends TestCase
{
    private const APP =
        "app Hives\nsign-in at Door\n  with e-mail and password\nrole Keeper\n".
        "table People, each a Person, who sign in\n  Name is a text\n  Kind is their role\n".
        "table Hives, each a Hive\n%s  Name is a text\n  Gate is a text\n  By is who added it\n  Friend is one Person\nscreen Door\n";

    /**
     * @return iterable<string, array{string, string, bool, float, list<array{string, string, bool}>}> permissions; verb; said, how wide; words,
     *   fields, whether a sentence says it
     */
    public static function cells(): iterable
    {
        yield 'nothing said: whoever added it' => ['', 'seen', false, 0.25, [['the person in By', '', false]]];
        yield 'nothing said of adding' => ['', 'added', false, 0.75, [['signed-in people', '', false]]];
        yield 'said' => ["  may be seen by everyone\n", 'seen', true, 1.0, [['everyone', '', true]]];
        yield 'said of one field: the rest is unsaid' => [
            "  may be seen by everyone, as to Name\n",
            'seen',
            false,
            1.0,
            [['everyone', 'Name', true], ['the person in By', '', false]],
        ];
        yield 'said of the row and of one field' => [
            "  may be changed by a Keeper\n  may be changed by the person in By, as to Gate\n",
            'changed',
            true,
            0.25,
            [['a Keeper', '', true], ['the person in By', 'Gate', true]],
        ];
        yield 'closed' => ["  may be removed by nobody\n", 'removed', true, 0.0, [['nobody', '', true]]];
        yield 'a condition' => ["  may be seen by anyone if gate == null\n", 'seen', true, 0.4, [['anyone if Gate is empty', '', true]]];
        yield 'another verb says nothing of this one' => ["  may be seen by everyone\n", 'removed', false, 0.25, [['the person in By', '', false]]];
    }

    /** @param  list<array{string, string, bool}>  $whos */
    #[DataProvider('cells')]
    public function test_a_cell_tells_who_and_whether_it_is_said(string $said, string $verb, bool $isSaid, float $breadth, array $whos): void
    {
        $table = AccessTable::of(Blueprint::fromScript(sprintf(self::APP, $said)))[1];
        $cell = array_values(array_filter($table['cells'], fn (array $c): bool => $c['verb'] === $verb))[0];

        self::assertSame([$isSaid, $breadth], [$cell['said'], $cell['breadth']]);
        self::assertSame($whos, array_map(fn (array $w): array => [$w['words'], $w['fields'], $w['at'] !== ''], $cell['whos']));
    }

    public function test_links_to_people_are_offered_as_those_who_may(): void
    {
        $offers = AccessTable::of(Blueprint::fromScript(sprintf(self::APP, '')))[1]['cells'][0]['offers'];

        self::assertSame(
            ['the person in By', 'the person in Friend'],
            array_values(array_filter(array_column($offers, 'label'), fn (string $label): bool => str_starts_with($label, 'the person in'))),
        );
        self::assertSame(['do' => 'allow', 'at' => '/tables/1', 'verb' => 'seen', 'who' => 'personIn', 'of' => 'By'], $offers[2]['edit']);
    }
}
