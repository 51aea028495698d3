<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\RoleType;
use Lanai\Core\Model\People\SignIn;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;

/** What an app needs so that people can sign in, written as sentences that the founder then owns: sign-in, people, and screens. */
final readonly class LetPeopleIn implements Edit
{
    public function about(): array
    {
        return ['/signIn'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        if ($blueprint->signIn !== null) {
            throw new EditRefused('People can sign in already.');
        }
        $data = $blueprint->data();
        $screens = Prose::nodes($data['screens'] ?? []);
        $taken = array_map(fn (array $s): string => mb_strtolower(is_string($s['name'] ?? null) ? $s['name'] : ''), $screens);
        $free = function (string $name) use ($taken): string {
            for ($n = 2, $free = $name; in_array(mb_strtolower($free), $taken, true); $n++) {
                $free = "$name $n";
            }

            return $free;
        };
        [$in, $up, $code, $account, $profile] = [$free('Sign in'), $free('Sign up'), $free('Code'), $free('Account'), $free('Profile')];
        $tables = Prose::nodes($data['tables'] ?? []);
        if ($blueprint->peopleTable() === null) {
            $tables[] = Parser::fragment(
                "table {$blueprint->freeTable('People')}, each a {$blueprint->freeTable(
                    'Person',
                )}, who sign in\n  may be seen by signed-in people\n  may be changed by the person themselves\n"
                    ."  Name is a text of at most 40, required\n  Picture is a picture\n  Joined is when it was added\n  Last here is when they were last here",
                Family::only('a table', Table::class),
            )[0];
        }
        $made = Parser::fragment(
            self::screens($in, $up, $code)."\n".self::account($account, $up)."\n".self::profile($blueprint, $profile),
            Family::only('a screen', Screen::class),
        );
        $signIn = Parser::fragment(
            "sign-in at $in\n  with e-mail and password\n  with a code by e-mail\n  as a guest",
            Family::only('“sign-in”', SignIn::class),
        )[0];
        $menu = [
            ...Prose::nodes($data['menu'] ?? []),
            ['screen' => $profile, 'label' => 'You', 'icon' => 'person'],
            ['screen' => $account, 'label' => 'Account', 'icon' => 'list'],
        ];

        return EditResult::by(
            $blueprint,
            Patch::between($data, ['signIn' => $signIn, 'tables' => $tables, 'screens' => [...$screens, ...$made], 'menu' => $menu] + $data),
        );
    }

    /**
     * The screen with all that stores insist on, for an app that has none: its data and the name it gets.
     *
     * @return array{array<string, mixed>, string}
     */
    public static function accountScreen(Blueprint $blueprint): array
    {
        for ($n = 2, $name = 'Account'; $blueprint->screen($name) !== null; $n++) {
            $name = "Account $n";
        }

        return [Parser::fragment(self::account($name, ''), Family::only('a screen', Screen::class))[0], $name];
    }

    /** @param  string  $up  the screen where a guest makes an account; '' for none */
    private static function account(string $account, string $up): string
    {
        $guest =
            $up === ''
                ? ''
                : <<<GUEST
                  Text "You are here as a guest. Make an account, and what you have done stays yours.", if account.guest
                  Button "Make an account", if account.guest
                    tapped:
                      go to $up

                GUEST;

        return <<<SCREEN
        screen $account, titled "Account", only when signed in
        $guest
          Text "{account.email}", if account.email != null
          Input So far is a password, if account.password
          Input New one is a password, if account.email != null, help "Forgotten the one so far? Sign in by a code, and come back within ten minutes."
          Button "Set my password", quiet, if account.email != null
            tapped:
              set my password to input.newOne, knowing input.soFar
              say "Your password is set."
          Button "Download my data", quiet
            tapped:
              download my data
          Button "Sign out", quiet
            tapped:
              sign out
              start over
          Button "Sign out on all devices", quiet
            tapped:
              sign out, everywhere
              start over
          Button "Delete my account", dangerous
            tapped:
              confirm "Delete your account and what belongs to it?"
              delete my account
              start over
        SCREEN;
    }

    /** How one is shown to others, as far as the table of people keeps it. */
    private static function profile(Blueprint $blueprint, string $name): string
    {
        $people = $blueprint->peopleTable();
        $fields =
            $people === null
                ? ['Name', 'Picture']
                : array_map(
                    fn (Field $f): string => $f->name,
                    array_slice(array_values(array_filter($people->fields, fn (Field $f): bool => $f->isAsked() && ! ($f->type instanceof RoleType))), 0, 4),
                );

        return "screen $name, titled \"How you are shown\", only when signed in\n".
            ($fields === []
                ? '  Text "Signed in."'
                : '  Form to change me asking '.
                    implode(', ', array_map(NameFit::written(...), $fields)).
                    ", saying \"Save\"\n    saved:\n      say \"Saved.\"\n      go back");
    }

    private static function screens(string $in, string $up, string $code): string
    {
        return <<<SCREENS
        screen $in, titled "Welcome", opens rising
          Input E-mail is an e-mail address
          Input Password is a password
          Button "Sign in"
            tapped:
              sign in with input.eMail, password input.password
          Button "Send me a code instead", quiet
            tapped:
              send a code to input.eMail
              go to $code
          Button "I am new here", quiet
            tapped:
              go to $up
          Link "Look around as a guest"
            tapped:
              sign in as a guest
        screen $up, titled "Nice to meet you"
          Input Name is a text of at most 40, required
          Input E-mail is an e-mail address, required, help "Nobody else sees it."
          Input Password is a password, required, help "A few words in a row are easy to keep in mind."
          Button "Make my account"
            tapped:
              sign up with input.eMail, password input.password, named input.name
              go to $code
        screen $code, titled "Look into your post"
          Text "We have sent you a letter with six digits. They are good for ten minutes."
          Input Code is a text of at most 12, required, hint "123456"
          Button "Go on"
            tapped:
              check the code input.code
          Link "Send it again"
            tapped:
              send the code again
        SCREENS;
    }
}
