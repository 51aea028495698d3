<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Saying;

use Lanai\Core\Player\Stage;
use Lanai\Core\Saying\Amiss;
use Lanai\Core\Saying\Sayer;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Why something did not go, and what could be said so that it goes. */
final class AmissTest extends TestCase
{
    private const SWIMS = <<<'SCRIPT'
        app Swims

        role Guest, at first

        role Host

        table Swims, each a Swim
          may be seen by everyone
          may be added by a Host
          Title is a text of at most 40, required
          Places is a whole number from 0 to 30

        table Spots, each a Spot
          may be seen by everyone
          Name is a text of at most 40, required

        table People, each a Person, who sign in
          Name is a text of at most 40, required
          Role is their role

        SCRIPT;

    /** @return iterable<string, array{string, string, string, list<string>}> what was said, whose role, part of the cause, what could be said */
    public static function amiss(): iterable
    {
        yield 'a right that a role alone has' => [
            'Only a Host may add a Swim.', 'Guest', 'Swims may be added by a Host, and this was a Guest.',
            ['Guests may add Swims', 'signed-in people may add Swims', 'who can add Swims?'],
        ];
        yield 'of a role that is not there' => [
            'Only a Host may add a Swim.',
            'Diver',
            'and this was a Diver.',
            ['signed-in people may add Swims', 'who can add Swims?'],
        ];
        yield 'of somebody without a role' => [
            'Only a Host may add a Swim.',
            '',
            'this was somebody without a role',
            ['signed-in people may add Swims', 'who can add Swims?'],
        ];
        yield 'of a field' => [
            'Only a Host may change “Places” of a Swim.',
            'Host',
            'Swims may be changed by a Host',
            ['Hosts may change Swims', 'signed-in people may change Swims', 'who can change Swims?'],
        ];
        yield 'what nobody may' => [
            'Nobody can remove a Spot yet: nothing says who may.',
            '',
            'Spots may be removed by nobody at all',
            ['signed-in people may remove Spots', 'who can remove Spots?'],
        ];
        yield 'what is taken away' => ['Nobody may change a Swim if it is over.', 'Host', 'takes this away from everybody', ['who can change Swims?']];
        yield 'what is gone' => ['This Swim is not there, or no longer.', '', 'there is none for this person', ['who can see Swims?']];
        yield 'nobody is signed in' => [Stage::SIGN_IN, '', 'nobody has there', []];
        yield 'the app’s own words' => ['Somebody took the last place a moment ago.', 'Host', 'by the line below', []];
        yield 'words with signs' => ['Only “”{}\\ may add a ', '', 'by the line below', []];
    }

    /** @param  list<string>  $sayings */
    #[DataProvider('amiss')]
    public function test_it_says_why_and_offers_what_is_understood(string $said, string $role, string $cause, array $sayings): void
    {
        $amiss = Amiss::of(World::of(self::SWIMS)->blueprint, $said, $role, new Sayer());
        self::assertStringContainsString($cause, $amiss['cause']);
        self::assertSame($sayings, $amiss['sayings']);
    }
}
