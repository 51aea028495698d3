<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Access;

use Lanai\Core\Access\GuardedStore;
use Lanai\Core\Access\Rights;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Permissions held against a model that says the same slowly and plainly: a sentence opens what it names to whom it names, and all
 * else is for the person who added the row, if the table knows who that was, or for nobody. What is closed by “nobody if” stays closed.
 */
final class ObviousModelTest extends TestCase
{
    private const WHO = [
        'everyone',
        'nobody',
        'signed-in people',
        'the person in Owner',
        'the person in Crew',
        'a Keeper',
        'anyone if size > 2',
        'anyone if owner == me',
        'nobody if size > 2',
        'nobody if owner == me',
    ];

    private const VERBS = ['seen', 'added', 'changed', 'removed'];

    private const FIELDS = ['Name', 'Size', 'Owner'];

    /** @var list<array{verb: string, who: string, fields: list<string>}> */
    private array $said = [];

    private bool $knowsAdder = false;

    public function test_everybody_may_exactly_what_the_sentences_say(): void
    {
        $random = new Randomizer(new Mt19937(13));
        $allowed = $refused = 0;
        for ($round = 0; $round < 120; $round++) {
            $app = $this->someApp($random);
            foreach ([null, 1, 2, 3] as $person) {
                $store = $this->rows($app);
                $people = $app->table('People') ?? self::fail('People');
                $boats = $app->table('Boats') ?? self::fail('Boats');
                $me = $person === null ? null : $store->byIds($people, [$person])[$person];
                $guarded = fn (InMemoryRecordStore $over): GuardedStore => new GuardedStore($over, new Rights($app, $over, World::moment(), $me));
                $words = $app->script()."\nperson ".($person ?? 'nobody');
                $seen = [];
                foreach ($guarded($store)->rows(new Query($boats)) as $row) {
                    $seen[$row->id] = $row->values;
                }
                foreach ($store->allOf($boats) as $row) {
                    $may = $this->mayRow('seen', $row, $me);
                    self::assertSame($may, isset($seen[$row->id]), "sees boat $row->id\n$words");
                    foreach ($may ? self::FIELDS : [] as $field) {
                        $value = $row->values[strtolower($field)];
                        self::assertSame(
                            $this->mayField('seen', $field, $row, $me) ? $value : null,
                            $seen[$row->id][strtolower($field)],
                            "sees $field of boat $row->id\n$words",
                        );
                    }
                    foreach (self::FIELDS as $field) {
                        $over = $this->rows($app);
                        $new = ['Name' => 'changed', 'Size' => 77, 'Owner' => $row->values['owner'] === 3 ? 2 : 3][$field];
                        // Nobody puts somebody else where their own right comes from.
                        $through = array_filter(
                            $this->whos('changed', $field),
                            fn (string $w): bool => $this->meets($w, $row, $me) && ! ($field === 'Owner' && $w === 'the person in Owner'),
                        );
                        $first = array_values(array_filter($this->whos('changed', $field), fn (string $w): bool => $this->meets($w, $row, $me)))[0] ?? '';
                        $barred = $this->barred('changed', null, $row, $me) || $this->barred('changed', $field, $row, $me);
                        $may = ! $barred && $this->mayRow('seen', $row, $me) && $through !== [] && ! ($field === 'Owner' && $first === 'the person in Owner');
                        self::assertSame(
                            $may,
                            $this->does(fn () => $guarded($over)->change($boats, $row->id, [strtolower($field) => $new])),
                            "changes $field of boat $row->id\n$words",
                        );
                        self::assertSame($may, $over->byIds($boats, [$row->id])[$row->id]->values[strtolower($field)] === $new, $words);
                        $may ? $allowed++ : $refused++;
                    }
                    $over = $this->rows($app);
                    $may = $this->mayRow('seen', $row, $me) && $this->mayRow('removed', $row, $me);
                    self::assertSame($may, $this->does(fn () => $guarded($over)->remove($boats, $row->id)), "removes boat $row->id\n$words");
                    self::assertSame(! $may, $over->byIds($boats, [$row->id]) !== []);
                }
                foreach ([['name' => 'new', 'size' => 1], ['name' => 'new', 'size' => 5, 'owner' => 1], ['owner' => $person]] as $values) {
                    $row = new Row($boats, 0, $values + ['name' => null, 'size' => null, 'owner' => null, 'crew' => null]);
                    $may = $this->mayRow('added', $row, $me);
                    foreach (self::FIELDS as $field) {
                        $may = $may && ($row->values[strtolower($field)] === null || $this->mayField('added', $field, $row, $me));
                    }
                    self::assertSame(
                        $may,
                        $this->does(fn (): bool => $guarded($this->rows($app))->add($boats, $row->values) > 0),
                        'adds '.json_encode($values)."\n$words",
                    );
                    $may ? $allowed++ : $refused++;
                }
            }
        }
        self::assertGreaterThan(500, min($allowed, $refused));
    }

    private function mayRow(string $verb, Row $row, ?Row $me): bool
    {
        if ($this->barred($verb, null, $row, $me)) {
            return false;
        }
        $whole = array_filter($this->given(), fn (array $s): bool => $s['verb'] === $verb && $s['fields'] === []);
        $whos =
            $whole !== []
                ? array_column($whole, 'who')
                : [...array_column(array_filter($this->given(), fn (array $s): bool => $s['verb'] === $verb), 'who'), ...$this->silent($verb)];

        return array_filter($whos, fn (string $w): bool => $this->meets($w, $row, $me)) !== [];
    }

    private function mayField(string $verb, string $field, Row $row, ?Row $me): bool
    {
        $may = array_filter($this->whos($verb, $field), fn (string $w): bool => $this->meets($w, $row, $me)) !== [];

        return $may && ! $this->barred($verb, $field, $row, $me);
    }

    /** @return list<array{verb: string, who: string, fields: list<string>}> the sentences that open something */
    private function given(): array
    {
        return array_values(array_filter($this->said, fn (array $s): bool => ! str_starts_with($s['who'], 'nobody if')));
    }

    /** Whether a sentence closes it, as to a field or to the whole row. */
    private function barred(string $verb, ?string $field, Row $row, ?Row $me): bool
    {
        foreach ($this->said as $said) {
            $about = $field === null ? $said['fields'] === [] : in_array($field, $said['fields'], true);
            if ($said['verb'] === $verb && $about && str_starts_with($said['who'], 'nobody if')) {
                if ($this->meets('anyone'.substr($said['who'], 6), $row, $me)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<string> who may do this as to one field */
    private function whos(string $verb, string $field): array
    {
        $given = array_values(array_filter($this->given(), fn (array $s): bool => $s['verb'] === $verb));
        $of = fn (callable $is): array => array_column(array_values(array_filter($given, $is)), 'who');
        $own = $of(fn (array $s): bool => in_array($field, $s['fields'], true));
        $whole = $of(fn (array $s): bool => $s['fields'] === []);

        return match (true) {
            $own !== [] => $own,
            $whole !== [] => $whole,
            default => $this->silent($verb),
        };
    }

    /** @return list<string> who may where nothing is said */
    private function silent(string $verb): array
    {
        return match (true) {
            ! $this->knowsAdder => [],
            $verb === 'added' => ['signed-in people'],
            default => ['the person in Made by'],
        };
    }

    private function meets(string $who, Row $row, ?Row $me): bool
    {
        return match ($who) {
            'everyone' => true,
            'signed-in people' => $me !== null,
            'the person in Owner', 'anyone if owner == me' => $me !== null && ($row->values['owner'] ?? null) === $me->id,
            'the person in Crew' => $me !== null && in_array($me->id, $row->values['crew'] ?? [], true),
            'the person in Made by' => $me !== null && ($row->values['made_by'] ?? null) === $me->id,
            'a Keeper' => $me !== null && $me->values['role'] === 'Keeper',
            'anyone if size > 2' => is_int($row->values['size'] ?? null) && $row->values['size'] > 2,
            default => false,
        };
    }

    private function does(callable $what): bool
    {
        try {
            return $what() === true;
        } catch (Refused) {
            return false;
        }
    }

    private function someApp(Randomizer $random): Blueprint
    {
        $one = fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $this->said = [];
        $this->knowsAdder = $random->getInt(0, 1) === 1;
        $lines = '';
        for ($i = $random->getInt(0, 6); $i > 0; $i--) {
            $fields = $random->getInt(0, 2) === 0 ? array_values(array_unique([$one(self::FIELDS), $one(self::FIELDS)])) : [];
            $verb = $one(self::VERBS);
            $fields = $verb === 'removed' ? [] : $fields;
            $this->said[] = ['verb' => $verb, 'who' => ($who = $one(self::WHO)), 'fields' => $fields];
            $lines .= "  may be $verb by $who".($fields === [] ? '' : ', as to '.implode(' and ', $fields))."\n";
        }

        return Blueprint::fromScript(
            "app A\nsign-in at In\n  as a guest\nrole Guest, at first\nrole Keeper\ntable People, each a Person, who sign in\n"
                ."  may be seen by everyone\n  Name is a text\n  Role is their role\n".
                "table Boats, each a Boat\n$lines  Name is a text\n  Size is a whole number\n  Owner is one Person\n  Crew are many People\n".
                ($this->knowsAdder ? "  Made by is who added it\n" : '').
                "screen In\n",
        );
    }

    private function rows(Blueprint $app): InMemoryRecordStore
    {
        $store = new InMemoryRecordStore($app);
        foreach (['Guest', 'Guest', 'Keeper'] as $i => $role) {
            $store->add($app->table('People') ?? self::fail(), ['name' => "Person $i", 'role' => $role]);
        }
        foreach ([['a', 1, 1, [2], 2], ['b', 5, 2, [1, 3], 1], ['c', null, null, null, null], ['d', 3, 1, null, 3]] as [$name, $size, $owner, $crew, $by]) {
            $store->add(
                $app->table('Boats') ?? self::fail(),
                ['name' => $name, 'size' => $size, 'owner' => $owner, 'crew' => $crew] + ($this->knowsAdder ? ['made_by' => $by] : []),
            );
        }

        return $store;
    }
}
