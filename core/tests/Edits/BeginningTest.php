<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Edits;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\LetPeopleIn;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use PHPUnit\Framework\TestCase;

final class BeginningTest extends TestCase
{
    public function test_sign_in_is_written_as_sentences_that_are_without_findings(): void
    {
        $app = Blueprint::fromScript(
            "app A\ntable Hens, each a Hen\n  may be seen by everyone\n  may be added by signed-in people\n  may be changed by signed-in people\n"
                ."  may be removed by nobody\n  Name is a text\nscreen S\n  List of Hens\n    shows name as title\n    when empty: \"None.\"\n"
                    ."release\n  package is \"com.example.a\"\n  icon letter is \"A\"\n  title is \"A\"\n  summary is \"A\"\n  description is \"A\"\n",
        );
        $with = (new LetPeopleIn())->on($app)->blueprint;

        self::assertSame(['Sign in', 'Sign up', 'Code', 'Account', 'Profile'], array_map(fn (Screen $s): string => $s->name, array_slice($with->screens, 1)));
        self::assertSame('People', $with->peopleTable()?->name);
        self::assertSame($with->script(), Blueprint::fromScript($with->script())->script());
        self::assertSame([], array_map(fn (Finding $f): string => "$f->rule $f->at $f->sentence", Findings::in(Reading::of($with))));
    }

    public function test_names_that_are_taken_are_left_alone(): void
    {
        $with = (new LetPeopleIn())->on(Blueprint::fromScript("app A\ntable Crew, each a Sailor, who sign in\n  Name is a text\nscreen Code\n  Text \"x\"\n"))
            ->blueprint;

        self::assertSame(['Code', 'Sign in', 'Sign up', 'Code 2', 'Account', 'Profile'], array_map(fn (Screen $s): string => $s->name, $with->screens));
        self::assertSame(['Crew'], array_map(fn (Table $t): string => $t->name, $with->tables));
        $this->expectException(EditRefused::class);
        (new LetPeopleIn())->on($with);
    }
}
