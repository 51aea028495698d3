<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Tests\TestCase;

/** The same app with the same rows, once in memory and judged in PHP, once in SQLite and judged by queries: everybody sees the same. */
final class GuardedQueriesTest extends TestCase
{
    private const WHO = [
        'everyone',
        'nobody',
        'signed-in people',
        'the person in Owner',
        'the person in Crew',
        'a Keeper',
        'anyone if price > 2',
        'anyone if owner.boss == me',
        'anyone if count(trips) > 1 or owner == me',
        'anyone if any(crew, boss == me)',
        'anyone if me != null and name < me.name',
        'anyone if join(crew.name, "") contains "B"',
        'nobody if price > 2',
        'nobody if owner.boss == me',
        'nobody if any(crew, boss == me)',
        'nobody if join(crew.name, "") contains "B"',
    ];

    private const SHOWN = [
        'name',
        'secret',
        'count(trips)',
        'sum(trips.miles)',
        'owner.name',
        'owner.boss.name',
        'tripsMade',
        'count(owner.boats)',
        'first(trips).port',
        'any(trips, miles > 5)',
        'join(crew.name, ", ")',
        'count(boats)',
        'max(boats.price)',
        'owner == me',
    ];

    private const WHERE = [
        '',
        'owner != null',
        'owner.name contains "a"',
        'count(trips) > 0',
        'secret == "s1"',
        'tripsMade > 1',
        'any(crew, name != null)',
        'owner.boss != null or price == 1',
    ];

    public function test_both_stores_show_everybody_the_same(): void
    {
        mt_srand(20261123);
        $one = fn (array $of): string => $of[mt_rand(0, count($of) - 1)];
        $compared = $empty = 0;
        $founder = $this->stranger();
        for ($n = 0; $n < 18; $n++) {
            $rules = fn (array $fields): string => implode(
                '',
                array_map(
                    fn (int $i): string => '  may be seen by '.
                        $one(self::WHO).
                        ($fields !== [] && mt_rand(0, 3) === 0 ? ', as to '.$one($fields) : '').
                        "\n",
                    range(1, mt_rand(1, 4)),
                ),
            );
            $script =
                "app A\nsign-in at In\n  as a guest\nrole Guest, at first\nrole Keeper\ntable People, each a Person, who sign in\n".
                (mt_rand(0, 1) ? "  may be seen by signed-in people\n" : '').
                "  Name is a text, required\n  Role is their role\n  Boss is one Person\n".
                'table Boats, each a Boat'.
                "\n".
                $rules(['Secret', 'Owner', 'Price']).
                "  Name is a text\n  Owner is one Person\n  Crew are many People\n  Secret is a text\n  Price is a whole number\n  Trips made = count(trips)\n".
                "table Trips, each a Trip\n".
                str_replace(
                    [
                        'the person in Owner',
                        'the person in Crew',
                        'price',
                        'count(trips) > 1 or owner == me',
                        'owner.boss',
                        'any(crew, boss == me)',
                        'name < me.name',
                        'join(crew.name, "")',
                    ],
                    ['a Keeper', 'signed-in people', 'miles', 'boat.owner == me', 'boat.owner.boss', 'boat.owner != null', 'port < me.name', 'port'],
                    $rules([]),
                ).
                "  Boat is one Boat\n  Port is a text\n  Miles is a whole number\nscreen In\n  Text \"x\"\n";
            $lists = array_map(fn (): array => [$one(self::SHOWN), $one(self::SHOWN), $one(self::WHERE)], range(1, 4));
            $script .=
                "screen Start, first\n".
                implode(
                    '',
                    array_map(
                        fn (array $l): string => '  List of Boats'.
                            ($l[2] === '' ? '' : " where $l[2]").
                            ", by Name upward\n    shows $l[0] as title\n    shows $l[1] as note\n",
                        $lists,
                    ),
                );
            $app = app(RevisionBook::class)->begin($founder, Blueprint::fromScript($script));
            $blueprint = $app->revision->read();
            $stores = [new InMemoryRecordStore($blueprint), new EloquentRecordStore($app, DataSet::Sandbox, $blueprint)];
            $rows = $this->rows();
            foreach ($stores as $store) {
                foreach ($rows as $i => [$table, $values]) {
                    $store instanceof EloquentRecordStore
                        ? $store->add($blueprint->table($table) ?? self::fail($table), $values, $i + 1)
                        : $store->add($blueprint->table($table) ?? self::fail($table), $values);
                }
            }
            foreach ([null, 1, 2, 3, 4] as $person) {
                $views = array_map(
                    fn ($store): array => array_map(
                        fn (array $node): array => $node['items'],
                        (new Player($blueprint, $store, rehearsal: true))->show(
                            new Visit(new Moment(new DateTimeImmutable('2026-12-24T09:30:00Z'), new DateTimeZone('UTC')), 'start', [], $person),
                            Trail::none(),
                        )['nodes'],
                    ),
                    $stores,
                );
                self::assertSame($views[0], $views[1], 'person '.($person ?? 'nobody')."\n$script");
                $compared += 4;
                $empty += count(array_filter($views[0], fn (array $items): bool => $items === []));
            }
        }
        self::assertSame([360, true], [$compared, $empty > 60 && $empty < 300]);
    }

    /** @return list<array{string, array<string, mixed>}> people are 1 to 4, boats 5 to 10, trips 11 to 19 */
    private function rows(): array
    {
        $rows = [];
        foreach (['Ann' => null, 'Bea' => 1, 'Cy' => 1, 'Dan' => 2] as $name => $boss) {
            $rows[] = ['People', ['name' => $name, 'boss' => $boss, 'role' => $name === 'Cy' ? 'Keeper' : 'Guest']];
        }
        foreach (range(1, 6) as $i) {
            $rows[] = [
                'Boats',
                [
                    'name' => "Boat $i",
                    'owner' => $i === 6 ? null : 1 + ($i % 4),
                    'crew' => $i % 2 ? [1 + ($i % 3), 4] : null,
                    'secret' => 's'.$i % 3,
                    'price' => $i === 3 ? null : $i,
                ],
            ];
        }

        foreach (range(1, 9) as $i) {
            $rows[] = ['Trips', ['boat' => $i === 9 ? null : 5 + (($i * $i) % 6), 'port' => "Port $i", 'miles' => ($i * 2) % 11]];
        }

        return $rows;
    }
}
