<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What standing notes rule out, and the words they avoid. */
final class NotesTest extends TestCase
{
    private const APP = <<<'SCRIPT'
        app Tides

        sign-in at Door
          with e-mail and password, of at least 10

        table People, each a Person, who sign in
          Name is a text

        product Membership is a subscription, giving Member
          plan Monthly, every month at 3 EUR

        screen Door, first
          Text "Every user is welcome, {me.user}"

        SCRIPT;

    #[TestWith(['No sign-in, ever.', 'people sign in'])]
    #[TestWith(['It works without accounts', 'people sign in'])]
    #[TestWith(['The app stays free for everybody.', 'something is sold'])]
    public function test_what_a_note_rules_out_is_found_where_the_app_has_it(string $note, string $says): void
    {
        self::assertSame(["/notes/0 This note and the app do not go together: $says."], $this->found($note, 'NoteContradicted'));
    }

    #[TestWith(['No adverts.'])]
    #[TestWith(['Sign-in is easy.'])]
    #[TestWith(['Members pay, and that is fine.'])]
    public function test_what_holds_is_no_finding(string $note): void
    {
        self::assertSame([], $this->found($note, 'NoteContradicted'));
    }

    public function test_a_word_that_a_note_avoids_is_found_where_it_is_said(): void
    {
        $said = '/screens/0/lines/0 A note of this app avoids a word that is said here: “Every user is welcome, {me.user}”.';

        self::assertSame([$said], $this->found('Never say user or consumer.', 'WordAvoided'));
        self::assertSame([$said], $this->found('Avoid the words “customer”, “user”.', 'WordAvoided'));
        self::assertSame([], $this->found('Never say me or name.', 'WordAvoided'));
    }

    public function test_what_the_app_began_with_is_no_rule(): void
    {
        self::assertSame([], $this->found('No sign-in. Never say user.', 'NoteContradicted', ', as it was first told'));
        self::assertSame([], $this->found('No sign-in. Never say user.', 'WordAvoided', ', as it was first told'));
    }

    /** @return list<string> */
    private function found(string $note, string $rule, string $how = ''): array
    {
        $findings = Findings::in(Reading::of(Blueprint::fromScript(self::APP."note \"$note\"$how\n")));
        $of = array_filter($findings, fn (Finding $finding): bool => $finding->rule === $rule);

        return array_values(array_map(fn (Finding $finding): string => "$finding->at $finding->sentence", $of));
    }
}
