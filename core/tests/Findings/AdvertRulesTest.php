<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Edits;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AdvertRulesTest extends TestCase
{
    private const APP = <<<'APP'
    app A
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
      Member is an entitlement
    product Membership is a subscription, giving Member
      plan Monthly, every month at 3.99 EUR
    adverts through Bunting, as seller "pub-7", none for those with Member, not in the first 1 visit, asking on Choice
    screen Start, first
      Text "Welcome"
      Text "Hello", if me.member
      Advert Below
      Button "Choose"
        tapped: go to Choice
      Button "Pay"
        tapped: go to Pay
    screen Choice
      Button "Yes", quiet
        tapped:
          allow adverts about me
          go back
      Button "No", quiet
        tapped:
          refuse adverts about me
          go back
    screen Pay
      Offer of Membership
    screen In
      Text "in"
    APP;

    public function test_adverts_as_they_should_be_are_not_spoken_of(): void
    {
        self::assertSame([], self::found(self::APP));
    }

    #[TestWith(['adverts through Bunting, as seller "pub-7", none for those with Member, not in the first 1 visit, asking on Choice', '',
        'Nothing says through whom adverts come: none will ever stand here.'])]
    #[TestWith([', as seller "pub-7"', '',
        'Nothing says what the network calls you (“as seller”): app-ads.txt cannot name you, and many who advertise stay away then.'])]
    #[TestWith([', none for those with Member', '', 'Also people who pay see adverts.'])]
    #[TestWith(['none for those with Member', 'none for those with Friend', '“Friend” is nothing that people have: everybody would see adverts.'])]
    #[TestWith([', asking on Choice', '', 'Nobody is asked whether adverts may be about them: in Europe none ever are, and pay less.'])]
    #[TestWith(['asking on Choice', 'asking on Elsewhere',
        'The screen “Elsewhere” is not there, so nobody is asked whether adverts may be about them: in Europe none ever are, and pay less.'])]
    #[TestWith(['      refuse adverts about me', '      say "No"', 'Whoever is asked here about adverts cannot refuse them.'])]
    #[TestWith(["  Button \"Choose\"\n    tapped: go to Choice\n", '',
        'Whoever has answered here once does not find back to it: let a way lead here, as from the settings.'])]
    #[TestWith(['Button "No", quiet', 'Link "No"', 'Refusing adverts has to be as easy to see as allowing them: make both buttons alike.'])]
    #[TestWith(['Button "Yes", quiet', 'Button "Yes"', 'Refusing adverts has to be as easy to see as allowing them: make both buttons alike.'])]
    #[TestWith(["  Advert Below\n", '', 'There are rules for adverts, and no place for one: write “Advert” and a name on a screen.'])]
    #[TestWith([', not in the first 1 visit', '', 'Adverts come on the very first visit, before anybody knows what the app is for.'])]
    #[TestWith(['as seller "pub-7"', 'as seller "pub 7, DIRECT"',
        '“pub 7, DIRECT” cannot stand in app-ads.txt as it is: a name there has letters, digits and hyphens.'])]
    #[TestWith(['Offer of Membership', "Offer of Membership\n  Advert There",
        '“Pay” is where people pay: an advert there leads them away from it, and stores refuse that.'])]
    #[TestWith(['Text "Welcome"', "Pages\n    Page\n      Text \"Hello\"\n    Page\n      Text \"There\"",
        '“Start” is how people come to know the app: an advert there is the first that they see of it, and stores refuse that.'])]
    #[TestWith(['tapped: go to Choice', "tapped:\n      show an advert Between, at most once in 5 minutes\n      start over",
        'An advert over the whole screen on the way out keeps people in: stores refuse that.'])]
    #[TestWith(['plan Monthly, every month at 3.99 EUR', "plan Monthly, every month at 3.99 EUR\n  bought:\n    offer an advert Later",
        'Nobody has tapped here, so nobody sees this advert: it belongs to what is tapped.'])]
    #[TestWith(["  Advert Below\n", "  Advert Below\n  Input Note is a text\n",
        '“Start” has a form: an advert beside it is tapped by mistake, and stores refuse that.'])]
    #[TestWith(['tapped: go to Choice', "tapped:\n      show an advert Between\n      go to Choice",
        'Nothing says how seldom this advert comes: each time that this is tapped.'])]
    #[TestWith(['tapped: go to Choice', "tapped:\n      show an advert Between, at most once in 5 minutes\n      go back",
        'An advert over the whole screen on the way back keeps people in: stores refuse that.'])]
    #[TestWith(['tapped: go to Choice', "tapped:\n      show an advert One, at most once in 5 minutes\n      show an advert Two, at most once in 5 minutes",
        'Two adverts over the whole screen one after the other: stores refuse that.'])]
    #[TestWith(['Text "in"', 'Advert There', 'Where people sign in no advert stands: it is never shown here.'])]
    public function test_what_does_harm_is_found(string $part, string $instead, string $sentence): void
    {
        $script = str_replace($part, $instead, self::APP);
        self::assertNotSame(self::APP, $script);
        self::assertContains($sentence, array_map(fn (Finding $f): string => $f->sentence, self::found($script)));
    }

    public function test_an_app_without_adverts_misses_nothing(): void
    {
        $without = str_replace(
            ["adverts through Bunting, as seller \"pub-7\", none for those with Member, not in the first 1 visit, asking on Choice\n", "  Advert Below\n"],
            '',
            self::APP,
        );
        $found = Findings::in(Reading::of(Blueprint::fromScript($without)));
        self::assertSame([], array_filter($found, fn (Finding $f): bool => str_contains($f->at, 'adverts')));
    }

    #[TestWith(['Offer of Membership', "Offer of Membership\n  Advert There"])]
    #[TestWith([', not in the first 1 visit', ''])]
    #[TestWith(["  Button \"Choose\"\n    tapped: go to Choice\n", ''])]
    #[TestWith(['tapped: go to Choice', "tapped:\n      show an advert Between\n      go to Choice"])]
    #[TestWith(['tapped: go to Choice',
        "tapped:\n      show an advert Between, at most once in 5 minutes\n      go back\n  Link \"Choose\"\n    tapped: go to Choice"])]
    #[TestWith(['plan Monthly, every month at 3.99 EUR', "plan Monthly, every month at 3.99 EUR\n  bought:\n    offer an advert Later"])]
    public function test_after_the_mend_nothing_is_found_any_more(string $part, string $instead): void
    {
        $script = str_replace($part, $instead, self::APP);
        $mend = self::found($script)[0]->mend;
        $mended = Blueprint::fromData((new Patch($mend->operations ?? []))->applyTo(Blueprint::fromScript($script)->data()));
        self::assertSame([], array_map(fn (Finding $f): string => $f->sentence, self::found($mended->script())));
    }

    public function test_people_who_pay_are_spared_by_the_mend(): void
    {
        $script = str_replace(', none for those with Member', '', self::APP);
        $mend = self::found($script)[0]->mend;
        $data = Blueprint::fromScript($script)->data();
        $mended = Blueprint::fromData((new Patch($mend->operations ?? []))->applyTo($data));
        self::assertStringContainsString('adverts through Bunting, as seller "pub-7", none for those with Member', $mended->script());
        self::assertSame([], self::found($mended->script()));
    }

    public function test_what_lanai_writes_for_adverts_has_no_finding_but_that_they_stand_nowhere(): void
    {
        $without = str_replace(
            ["adverts through Bunting, as seller \"pub-7\", none for those with Member, not in the first 1 visit, asking on Choice\n", "  Advert Below\n"],
            '',
            preg_replace('/^screen Choice\n.*?(?=^screen In)/ms', '', self::APP) ?? '',
        );
        $without = str_replace("  Button \"Choose\"\n    tapped: go to Choice\n", '', $without);
        $result = Edits::read(['do' => 'letAdvertsIn'])->on(Blueprint::fromScript($without));
        $script = $result->blueprint->script();
        self::assertStringContainsString('none for those with Member, at most 4 an hour', $script);
        self::assertSame(
            [
                'There are rules for adverts, and no place for one: write “Advert” and a name on a screen.',
                'Whoever has answered here once does not find back to it: let a way lead here, as from the settings.',
            ],
            array_map(fn (Finding $f): string => $f->sentence, self::found($script)),
        );
        self::assertSame($script, Blueprint::fromScript($script)->script());
    }

    /** @return list<Finding> */
    private static function found(string $script): array
    {
        $found = Findings::in(Reading::of(Blueprint::fromScript($script)));

        return array_values(array_filter($found, fn (Finding $f): bool => in_array($f->rule, ['AdvertMatters', 'AdvertPlaces'], true)));
    }
}
