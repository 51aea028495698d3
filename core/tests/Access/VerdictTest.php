<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Access;

use Lanai\Core\Access\Rights;
use Lanai\Core\Access\Verdict;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class VerdictTest extends TestCase
{
    public function test_it_is_told_who_may_and_why(): void
    {
        $world = World::of(
            "app A\nsign-in at In\n  as a guest\nrole Keeper\ntable People, each a Person, who sign in\n  Name is a text\n  Role is their role\n"
                ."table Notes, each a Note\n  may be seen by the person in By\n  may be seen by anyone if words == \"open\"\n"
                    ."  may be seen by a Keeper\n  may be changed by nobody\n  Words is a text\n  By is one Person\nscreen In\n",
        );
        $world->add('People', ['name' => 'Ada']);
        $world->add('People', ['name' => 'Bo']);
        $world->add('People', ['name' => 'Cy', 'role' => 'Keeper']);
        $note = $world->add('Notes', ['words' => 'Hush', 'by' => 1]);
        $people = $world->blueprint->peopleTable() ?? self::fail();
        $notes = $world->blueprint->table('Notes') ?? self::fail();
        $says = fn (?int $person, Verb $verb): string => Verdict::of(
            new Rights($world->blueprint, $world->store, World::moment(), $person === null ? null : $world->store->byIds($people, [$person])[$person]),
            $verb,
            $world->store->byIds($notes, [$note])[$note],
        )->sentence;

        self::assertSame('Ada may see Note “Hush”, because they are the person in By.', $says(1, Verb::See));
        self::assertSame(
            'Bo may not see Note “Hush”: only the person in By (Ada) or somebody for whom Words is “open” or a Keeper may.',
            $says(2, Verb::See),
        );
        self::assertSame('Cy may see Note “Hush”, because a Keeper may.', $says(3, Verb::See));
        self::assertSame('Somebody who has not signed in may not change Note “Hush”: nobody can from inside the app.', $says(null, Verb::Change));
        self::assertSame('Bo may not remove Note “Hush”: nothing says who may, and so nobody can.', $says(2, Verb::Remove));
    }
}
