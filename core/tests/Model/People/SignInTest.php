<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Model\People;

use Lanai\Core\Access\Rules;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Language\ScriptMistake;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldTypes\SecretType;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Model\UnreadableValue;
use PHPUnit\Framework\TestCase;

/** How people get in, as sentences: what is read, what is printed, and what it means. */
final class SignInTest extends TestCase
{
    private const APP = "app A\n\nsign-in at In\n  with e-mail and password, of at least 12\n  with a code by e-mail\n  as a guest\n"
        ."  through Porch, name into Name, picture into Photo\n  leaving takes along Notes and Likes\n  leaving keeps Posts\n\n"
            ."role Guest, at first\n\nrole Cook, may be chosen, begins at Stove\n\nrole Chef, on request\n\n"
                ."table People, each a Person, who sign in\n  may be seen by signed-in people\n"
                    ."  may be changed by the person themselves, as to Name and Photo\n  Name is a text, required\n  Photo is a picture\n"
                        ."  Role is their role\n  Joined is when it was added\n  Seen is when they were last here\n\ntable Notes, each a Note\n"
                            ."  may be seen by anyone if by == me, as to Words\n  may be added by an Owner\n  Words is a text\n  By is one Person\n"
                                ."\ntable Likes, each a Like\n  By is one Person, required\n\ntable Posts, each a Post\n"
                                    ."  By is one Person, required\n\ntable Pins, each a Pin\n  By is one Person, required\n"
                                        ."  For whom is one Person\n\nscreen In\n\nscreen Stove\n";

    public function test_it_is_printed_as_it_was_read(): void
    {
        $app = Blueprint::fromScript(self::APP);
        self::assertSame(self::APP, $app->script());
        self::assertSame($app->script(), Blueprint::fromScript($app->script())->script());
    }

    public function test_it_is_read_in_other_words_too(): void
    {
        $app = Blueprint::fromScript(
            "app A\nSign-in\n  with email and password of at least 9\n  With a code by email\ntable P, each a Q, who sign in\n"
                ."  May be seen by people who have signed in\n  N is a text\n",
        );

        self::assertSame(
            [9, true, null],
            [$app->signIn?->way(WithPassword::class)?->length(), $app->signIn?->way(WithCode::class) !== null, $app->signIn?->way(AsGuest::class)],
        );
        self::assertSame('may be seen by signed-in people', trim(explode("\n", substr($app->script(), (int) strpos($app->script(), 'may be')))[0]));
    }

    public function test_what_becomes_of_rows_is_said_or_follows_from_their_links(): void
    {
        $app = Blueprint::fromScript(self::APP);
        $goes = fn (string $table, string $field): bool => $app->signIn?->takesAlong(
            $app->table($table) ?? self::fail($table),
            $app->table($table)->field($field) ?? self::fail($field),
        ) ?? self::fail();

        self::assertSame(
            [true, true, false, true, false],
            [$goes('Notes', 'By'), $goes('Likes', 'By'), $goes('Posts', 'By'), $goes('Pins', 'By'), $goes('Pins', 'For whom')],
        );
    }

    public function test_roles_and_providers_are_found_whatever_their_case(): void
    {
        $app = Blueprint::fromScript(self::APP);

        self::assertSame(
            ['Guest', 'Chef', 'Porch', null],
            [$app->firstRole()?->name, $app->role('chef')?->name, $app->signIn?->provider('PORCH')?->provider, $app->signIn?->provider('Gate')],
        );
        self::assertSame('Role', $app->peopleTable()?->roleField()?->name);
    }

    public function test_a_role_is_one_of_those_that_the_app_has(): void
    {
        $type = Blueprint::fromScript(self::APP)->peopleTable()?->roleField()->type ?? self::fail();

        self::assertSame([['Guest', 'Cook', 'Chef'], 'choice', 'Cook', null], [$type->options(), $type->control(), $type->read('cook'), $type->read('')]);
        $this->expectException(UnreadableValue::class);
        $type->read('King');
    }

    public function test_a_password_is_asked_for_and_never_a_field(): void
    {
        $secret = new SecretType();
        self::assertSame(
            [' with spaces ', null, null, 'password'],
            [$secret->read(' with spaces '), $secret->read(''), $secret->read(5), $secret->control()],
        );
        $this->expectException(ScriptMistake::class);
        Blueprint::fromScript("app A\ntable T, each a U\n  Word is a password\n");
    }

    public function test_renaming_follows_into_permissions_roles_and_ways(): void
    {
        $rename = fn (Blueprint $app, string $at, string $name): Blueprint => (new Fill($at, $name))->on($app)->blueprint;
        $app = Blueprint::fromScript(self::APP);
        foreach (
            [
                '/roles/1/name' => 'Baker',
                '/tables/0/fields/0/name' => 'Called',
                '/tables/1/fields/1/name' => 'Writer',
                '/screens/1/name' => 'Oven',
                '/tables/1/name' => 'Scraps',
            ] as $at => $name
        ) {
            $app = $rename($app, $at, $name);
        }
        $script = $app->script();
        foreach (
            [
                'role Baker, may be chosen, begins at Oven',
                'name into Called',
                'as to Called and Photo',
                'anyone if writer == me',
                'takes along Scraps and Likes',
            ] as $part
        ) {
            self::assertStringContainsString($part, $script);
        }
    }

    public function test_what_is_open_closed_and_said_is_told_by_the_rules(): void
    {
        $app = Blueprint::fromScript(self::APP);
        $rules = new Rules($app);
        [$people, $notes, $likes] = $app->tables;
        self::assertSame([false, false, false], [$rules->isOpen(Verb::See, $likes), $rules->isOpen(Verb::See, $people), $rules->isOpen(Verb::See, $notes)]);
        self::assertSame(
            ['the person themselves', 'nobody', 'nobody', 'an Owner'],
            array_map(fn (array $w): string => $rules->inWords(...$w), [
                [$rules->of(Verb::Change, $people), $people],
                [$rules->of(Verb::Add, $people), $people],
                [$rules->of(Verb::Remove, $people), $people],
                [$rules->of(Verb::Add, $notes), $notes],
            ]),
        );
        self::assertSame('anyone if By is me', $rules->inWords($rules->ofField(Verb::See, $notes, $notes->fields[0]) ?? [], $notes));
        self::assertTrue($rules->any());
        $silent = Blueprint::fromScript("app A\ntable T, each a U\n  N is a text\n");
        self::assertSame([false, true], [(new Rules($silent, rehearsal: true))->any(), (new Rules($silent))->isClosed(Verb::See, $silent->tables[0])]);
    }
}
