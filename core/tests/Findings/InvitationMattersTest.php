<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

final class InvitationMattersTest extends TestCase
{
    private const APP = <<<'APP'
    app A

    sign-in at In
      with e-mail and password, of at least 10
      invited:
        raise inviter.teas by 1
        raise me.teas by 1

    table People, each a Person, who sign in
      Name is a text
      Teas is a whole number

    screen Start, first
      Button "Tell a friend"
        tapped: share "Come along!", with a link here, as an invitation

    screen In
      Text "in"
    APP;

    public function test_an_invitation_that_can_be_taken_is_not_spoken_of_and_knows_who_invites(): void
    {
        $blueprint = Blueprint::fromScript(self::APP);
        self::assertSame([], self::found(self::APP));
        self::assertStringContainsString("  invited:\n    raise inviter.teas by 1", $blueprint->script());
        self::assertSame($blueprint->script(), Blueprint::fromScript($blueprint->script())->script());
        $all = Findings::in(Reading::of($blueprint));
        self::assertSame([], array_filter($all, fn (Finding $f): bool => str_contains($f->sentence, 'inviter')), 'The formula is understood.');
        $wrong = Findings::in(Reading::of(Blueprint::fromScript(str_replace('inviter.teas', 'inviter.coffees', self::APP))));
        self::assertNotSame([], array_filter($wrong, fn (Finding $f): bool => str_starts_with($f->at, '/signIn/invited')), 'And one that is none is not.');
    }

    public function test_without_accounts_it_is_a_link_and_without_anybody_who_invites_there_is_no_reward(): void
    {
        $script = str_replace([', as an invitation'], '', self::APP);
        self::assertSame(
            ['Something is done for those who were invited, but nobody can invite: let a button “share "…", with a link here, as an invitation”.'],
            array_column(self::found($script), 'sentence'),
        );
        $open = Blueprint::fromScript((string) preg_replace('/sign-in.*?\n\n/s', '', self::APP));
        $found = self::found($open->script());
        self::assertSame(['/screens/0/lines/0/tapped/0'], array_column($found, 'at'));
        $mended = Blueprint::fromData((new Patch($found[0]->mend->operations ?? []))->applyTo($open->data()));
        self::assertStringContainsString('share "Come along!", with a link here', $mended->script());
        self::assertSame([], self::found($mended->script()));
    }

    /** @return list<Finding> */
    private static function found(string $script): array
    {
        $found = Findings::in(Reading::of(Blueprint::fromScript($script)));

        return array_values(array_filter($found, fn (Finding $f): bool => $f->rule === 'InvitationMatters'));
    }
}
