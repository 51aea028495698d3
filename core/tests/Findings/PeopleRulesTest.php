<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the rules about people and permissions say, and that their mends put it right. */
final class PeopleRulesTest extends TestCase
{
    private const APP = "app A\nsign-in at In\n  as a guest\nSIGNIN\nrole Guest, at first\ntable People, each a Person, who sign in\n"
        ."  may be seen by signed-in people\nPEOPLE  Name is a text\n  E-mail is an e-mail address\ntable Notes, each a Note\n"
            ."NOTES  Words is a text\n  By is one Person\nscreen Start, first\n  Text \"x\"\n  Button \"in\"\n    tapped:\n      go to In\nSTART\n"
                ."screen In\n  Button \"guest\"\n    tapped:\n      sign in as a guest\n  Button \"out\"\n    tapped:\n      sign out\n"
                    ."      download my data\n      confirm \"Sure?\"\n      delete my account\nrelease\n  package is \"com.example.a\"\n"
                        ."  icon letter is \"A\"\n  title is \"A\"\n  summary is \"A\"\n  description is \"A\"\n";

    private const SEEN = "  may be seen by everyone\n";

    private const SAID = self::SEEN.self::DONE;

    private const DONE = "  may be added by signed-in people\n  may be changed by the person in By\n  may be removed by nobody\n";

    /** @return iterable<string, array{array<string, string>, list<string>}> */
    public static function cases(): iterable
    {
        yield 'nothing is wrong' => [['NOTES' => self::SAID], []];
        yield 'nothing is said of who changes' => [['NOTES' => ''], ['PermissionUnsaid /tables/1/access']];
        yield 'a code that is no way in' => [
            ['NOTES' => self::SAID, 'START' => "  Button \"code\"\n    tapped:\n      send a code to \"a@b.example\"\n      go to In"],
            ['WayNotThere /screens/0/lines/2/tapped/0'],
        ];
        yield 'a password that is no way in' => [
            ['NOTES' => self::SAID, 'START' => "  Button \"in\"\n    tapped:\n      say \"One moment\"\n      sign in with \"a@b.example\", password \"x\""],
            ['WayNotThere /screens/0/lines/2/tapped/1'],
        ];
        yield 'a code that is one' => [
            ['NOTES' => self::SAID, 'SIGNIN' => '  with a code by e-mail', 'START' => "  Button \"code\"\n    tapped:\n      send a code to \"a@b.example\""],
            [],
        ];
        yield 'a part is not said' => [['NOTES' => "  may be added by everyone\n"], ['PermissionUnsaid /tables/1/access']];
        yield 'a list of one’s own of which nothing says who sees it' => [
            ['NOTES' => self::DONE, 'START' => "  List of Notes where by == me, if me != null\n    when empty: \"None.\""],
            ['PermissionUnsaid /tables/1/access'],
        ];
        yield 'a permission that the data cannot be asked for' => [
            ['NOTES' => self::DONE."  may be seen by anyone if text(by) == \"x\"\n"],
            ['SlowPermission /tables/1/access/3'],
        ];
        yield 'a permission that the data is asked for' => [['NOTES' => self::DONE."  may be seen by anyone if words contains \"x\"\n"], []];
        yield 'a number to call that everyone sees' => [['NOTES' => self::SAID."  Phone is a phone number\n"], ['OpenPersonalData /tables/1/access']];
        yield 'the table knows who added a row' => [['NOTES' => "  Added by is who added it\n"], []];
        yield 'a list of one’s own of what only they see' => [
            [
                'NOTES' => self::DONE."  may be seen by the person in By\n",
                'START' => "  List of Notes where by == me, if me != null\n    when empty: \"None.\"",
            ],
            [],
        ];
        yield 'somebody’s address' => [
            ['NOTES' => self::SAID, 'START' => "  List of Notes\n    shows by.eMail as title\n    when empty: \"None.\""],
            ['AddressShown /screens/0/lines/2/shows/0/formula'],
        ];
        yield 'addresses of all' => [['NOTES' => self::SAID, 'START' => '  Text "{join(people.eMail, \", \")}"'], ['AddressShown /screens/0/lines/2/text']];
        yield 'one’s own address' => [['NOTES' => self::SAID, 'START' => '  Text "{me.eMail}", if me != null'], []];
        yield 'an address that only its person sees' => [
            [
                'NOTES' => self::SAID,
                'PEOPLE' => "  may be seen by the person themselves, as to E-mail\n",
                'START' => "  List of Notes\n    shows by.eMail as title\n    when empty: \"None.\"",
            ],
            [],
        ];
        yield 'me without sign-in' => [['NOTES' => self::SAID, 'START' => '  Text "Hello {me.name}"'], ['MeWithoutSignIn /screens/0/lines/2/text']];
        yield 'me with something in its place' => [['NOTES' => self::SAID, 'START' => '  Text "Hello {me.name ?? \"you\"}"'], []];
        yield 'a list of mine without sign-in' => [
            ['NOTES' => self::DONE."  may be seen by the person in By\n", 'START' => "  List of Notes where by == me\n    when empty: \"None.\""],
            ['MeWithoutSignIn /screens/0/lines/2/where'],
        ];
        yield 'nobody may see it' => [
            ['NOTES' => self::DONE."  may be seen by nobody\n", 'START' => "  List of Notes\n    when empty: \"None.\""],
            ['ForbiddenByRule /screens/0/lines/2'],
        ];
        yield 'nobody may add it' => [
            [
                'NOTES' => self::SEEN."  may be added by nobody\n  may be changed by nobody\n  may be removed by nobody\n",
                'START' => "  Form for a new Note asking Words\n    set By = me",
            ],
            ['ForbiddenByRule /screens/0/lines/2'],
        ];
        yield 'a way without a line' => [['NOTES' => self::SAID, 'SIGNIN' => '  through Porch'], ['SignInIncomplete /signIn/ways/1']];
    }

    /**
     * @param  array<string, string>  $with
     * @param  list<string>  $expected
     */
    #[DataProvider('cases')]
    public function test_a_case_has_exactly_these_findings(array $with, array $expected): void
    {
        $findings = Findings::in(Reading::of(self::app($with)));
        self::assertSame(
            $expected,
            array_map(fn (Finding $f): string => "$f->rule $f->at", $findings),
            implode("\n", array_map(fn (Finding $f): string => $f->sentence, $findings)),
        );
        foreach ($findings as $finding) {
            if ($finding->mend !== null) {
                $mended = Blueprint::fromData((new Patch($finding->mend->operations))->applyTo(self::app($with)->data()));
                self::assertSame(
                    [],
                    array_filter(Findings::in(Reading::of($mended)), fn (Finding $f): bool => $f->rule === $finding->rule),
                    $finding->mend->label,
                );
                self::assertSame($mended->script(), Blueprint::fromScript($mended->script())->script());
            }
        }
    }

    public function test_what_stores_insist_on_is_found_missing(): void
    {
        $findings = Findings::in(Reading::of(Blueprint::fromScript("app A\nsign-in\nscreen Account\n  Text \"x\"\n")));
        $about = array_values(array_filter($findings, fn (Finding $f): bool => $f->at === '/signIn'));

        self::assertSame(
            [
                'People can sign in, but no table keeps who they are. Give the table of people the words “who sign in”.',
                'There is no way to sign in yet.',
                'Nothing says at which screen people sign in.',
                'No line lets people delete their account; stores turn such apps down.',
                'No line lets people sign out.',
                'No line lets people download their data.',
            ],
            array_map(fn (Finding $f): string => $f->sentence, $about),
        );
        self::assertSame([true, 'people'], [$about[0]->blocks, $about[0]->station->value]);
        $mended = Blueprint::fromData(
            (new Patch($about[3]->mend->operations ?? self::fail()))->applyTo(
                Blueprint::fromScript("app A\nsign-in\nscreen Account\n  Text \"x\"\n")->data(),
            ),
        );
        self::assertSame(['Account', 'Account 2'], array_map(fn (\Lanai\Core\Model\Screen $s): string => $s->name, $mended->screens));
        self::assertSame([], array_filter(Findings::in(Reading::of($mended)), fn (Finding $f): bool => $f->rule === 'AccountMatters'));
    }

    public function test_a_provider_that_leads_back_to_an_old_address_is_found(): void
    {
        $app = self::app(['NOTES' => self::SAID, 'SIGNIN' => '  through Porch']);
        $moved = fn (string $registered): array => array_values(
            array_filter(
                Findings::in(Reading::of($app, returns: ['porch' => [[$registered, 'https://new.example/back/live/a']]])),
                fn (Finding $f): bool => $f->rule === 'ProviderMoved',
            ),
        );

        self::assertSame([], $moved(''));
        self::assertSame([], $moved('https://new.example/back/live/a'));
        self::assertStringContainsString(
            'leads people back to https://old.example/back/live/a, but the address is now https://new.example/back/live/a',
            $moved('https://old.example/back/live/a')[0]->sentence,
        );
    }

    /** @param  array<string, string>  $with */
    private static function app(array $with): Blueprint
    {
        return Blueprint::fromScript(
            (string) preg_replace("/\n+/", "\n", strtr(self::APP, $with + ['SIGNIN' => '', 'PEOPLE' => '', 'NOTES' => '', 'START' => ''])),
        );
    }
}
