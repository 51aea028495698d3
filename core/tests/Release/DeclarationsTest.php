<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Release;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\Contents;
use Lanai\Core\Release\DataKind;
use Lanai\Core\Release\Declarations;
use Lanai\Core\Release\Declared;
use Lanai\Core\Release\Purpose;
use PHPUnit\Framework\TestCase;

/** What an app declares, held against what each of its sentences does. */
final class DeclarationsTest extends TestCase
{
    private const BARE = <<<'APP'
    app Roofs

    table Hives, each a Hive
      may be seen by everyone
      may be added by everyone
      Name is a text
      Photo is a picture

    screen Start, first
      Form for a new Hive asking Name, Photo, saying "Keep it"
    APP;

    private const APP = <<<'APP'
    app Roofs

    sign-in at In
      with e-mail and password
      leaving takes along Posts

    table People, each a Person, who sign in
      may be seen by everyone
      may be changed by the person themselves
      Name is a text, required
      Mail is an e-mail address
      Call is a phone number
      Home is a place
      Born is a date
      Never asked is a long text
      Joined is when it was added

    table Posts, each a Post
      may be seen by everyone
      may be added by signed-in people
      Words is a long text
      Film is a video
      Sound is a sound
      Paper is a file
      By is who added it

    table Notes, each a Note
      may be seen by the person in Owner
      may be added by the person in Owner
      Words is a long text
      Owner is one Person

    table Towns, each a Town
      may be seen by everyone
      Name is a text

    value Quiet is yes or no, kept for each person

    value Wish is a text, kept for each visit

    service Scribe is at "https://scribe.example"
      request Kinder words is GET "/kinder{?text,town}"
        takes Text is a text
        takes Town is a text
        Text is a text
      answer Advice from "a-model"
        told: "You advise {me.call}."
        knowing Notes as to Words

    screen Start, first
      Form to change me asking Name, Mail, Call, Home, Born, saying "Keep it", if me != null
      Form for a new Post asking Words, Film, Sound, Paper, saying "Tell"
      Input Wish is a text
      Button "Kinder"
        tapped:
          set value Wish to input.wish
          set value Quiet to true
      From Kinder words with Text = me.name, Town = first(towns).name
        Text "{kinderWords.text}"
      From Kinder words with Text = app.wish
        Text "{kinderWords.text}"
      Conversation with Advice
      Button "Note"
        tapped:
          add a Note
            set Words = "nothing new"
            set Owner = me

    screen In
      Text "in"
    APP;

    public function test_what_anybody_enters_is_declared_also_where_nobody_knows_whose_it_is(): void
    {
        $all = $this->all(self::BARE);
        self::assertSame(['photos', 'words', 'visits', 'faults'], array_keys($all));
        self::assertSame([], array_filter($all, fn (Declared $one): bool => $one->linked));
        self::assertSame([['Hives: Photo'], ['as long as its row is there']], [$all['photos']->fields, $all['photos']->until]);
        $closed = str_replace('may be added by everyone', 'may be added by nobody', self::BARE);
        self::assertSame(['visits', 'faults'], array_keys($this->all($closed)));
    }

    public function test_each_kind_is_declared_once_from_what_is_asked_for_and_kept(): void
    {
        $all = $this->all(self::APP);
        self::assertSame(['name', 'email', 'phone', 'place', 'photos', 'sounds', 'files', 'words', 'choices', 'visits', 'faults'], array_keys($all));
        self::assertSame(['People: Mail'], $all['email']->fields);
        self::assertSame([Purpose::Account, Purpose::App], $all['email']->for);
        self::assertSame(['Posts: Words', 'Notes: Words'], $all['words']->fields, 'What is never asked for is not kept.');
        self::assertSame(['People: Born', 'Values: Quiet'], $all['choices']->fields);
        self::assertTrue($all['place']->linked && $all['words']->linked && $all['visits']->linked);
        self::assertFalse($all['faults']->linked);
    }

    public function test_it_is_told_who_else_hears_of_it(): void
    {
        $all = $this->all(self::APP);
        // The name goes there from a row; what was wished for was typed. The name of a town is nobody's.
        $told = fn (array $all): array => array_keys(array_filter($all, fn (Declared $one): bool => $one->with === ['Scribe']));
        self::assertSame(['name', 'phone', 'words'], $told($all));
        $out = ['me.name, Town' => '"x", Town', '= app.wish' => '= "y"', ' {me.call}' => '', "\n    knowing Notes as to Words" => ''];
        $less = strtr(self::APP, $out + ["  Conversation with Advice\n" => '']);
        self::assertSame([], $told($this->all($less)));
        self::assertSame(['words'], $told($this->all(str_replace('= "y"', '= input.wish', $less))));
        self::assertSame(['words'], $told($this->all(str_replace("    told: \"You advise.\"\n", "    told: \"You advise.\"\n    knowing Notes\n", $less))));
    }

    public function test_how_long_it_is_kept_follows_what_becomes_of_rows(): void
    {
        $all = $this->all(self::APP);
        self::assertSame(['until the account is deleted'], $all['sounds']->until);
        $stays = $this->all(str_replace("  leaving takes along Posts\n", '', self::APP));
        self::assertSame(['as long as its row is there, without who it was once the account is deleted'], $stays['sounds']->until);
    }

    public function test_sentences_are_said_as_one_would(): void
    {
        $one = new Declared(DataKind::Photos, [], [Purpose::App, Purpose::Messages], ['Scribe', 'Reader', 'Painter'], true, false, true, []);
        self::assertSame(
            'Pictures and films, to do what the app is for and send messages; not kept. '
                .'It is told to Scribe, Reader and Painter. Whoever does not want that uses the app without.',
            $one->sentence(),
        );
        $other = new Declared(DataKind::Faults, [], [Purpose::Counting], [], false, false, false, ['until it is mended', 'for ever']);
        self::assertSame('What goes wrong in the app, without who it is, to make the app better; kept until it is mended, or for ever.', $other->sentence());
    }

    public function test_the_demo_declares_what_it_does(): void
    {
        $all = $this->all(self::demo());
        self::assertSame(
            ['name', 'email', 'photos', 'words', 'choices', 'purchases', 'visits', 'faults', 'device'],
            array_keys($all),
        );
        self::assertSame(['Wordsmith'], $all['words']->with, 'The guide on the shore and the badge are asked in people’s own words.');
        self::assertSame([true, ['Bunting'], true], [$all['device']->tracks, $all['device']->with, $all['device']->optional]);
        self::assertContains('Values: Warmest first', $all['choices']->fields);
    }

    public function test_questions_about_ages_are_answered_from_what_is_there(): void
    {
        $answers = fn (string $script): array => array_column(Contents::of(Blueprint::fromScript($script)), 'because', 'key');
        self::assertSame(
            [
                'written' => 'Posts: Words',
                'pictures' => 'Posts: Film, Posts: Sound, Posts: Paper',
                'places' => 'People: Home',
                'chat' => 'a conversation',
                'web' => '',
                'bought' => '',
                'adverts' => '',
            ],
            $answers(self::APP),
            'A note is seen by its owner alone.',
        );
        $closed = str_replace("who sign in\n  may be seen by everyone", "who sign in\n  may be seen by the person themselves", self::APP);
        self::assertSame('', $answers($closed)['places']);
        $demo = $answers(self::demo());
        self::assertSame(['a conversation', 'Membership, Night chart, Hot tea', 'Bunting'], [$demo['chat'], $demo['bought'], $demo['adverts']]);
    }

    /** The names of data types and purposes as both makers publish them: from memory. */
    public function test_each_kind_and_purpose_has_its_name_on_both_forms(): void
    {
        foreach (DataKind::cases() as $kind) {
            self::assertMatchesRegularExpression('/^[A-Z][A-Za-z ]+(: [A-Z][A-Za-z -]+)?$/', $kind->onAndroid());
            self::assertMatchesRegularExpression('/^NSPrivacyCollectedDataType[A-Z][A-Za-z]+$/', $kind->onIos());
        }
        foreach (Purpose::cases() as $purpose) {
            self::assertContains($purpose->onAndroid(), ['App functionality', 'Account management', 'Analytics', 'Advertising or marketing']);
            self::assertMatchesRegularExpression('/^NSPrivacyCollectedDataTypePurpose(AppFunctionality|Analytics|ThirdPartyAdvertising)$/', $purpose->onIos());
        }
    }

    private static function demo(): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/saltlark.script');
    }

    /** @return array<string, Declared> */
    private function all(string $script): array
    {
        $all = Declarations::of(Blueprint::fromScript($script));

        return array_combine(array_map(fn (Declared $one): string => $one->kind->value, $all), $all);
    }
}
