<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

/** What a service is made of can be called otherwise, and every sentence follows. */
final class RenamedTest extends TestCase
{
    private const APP = <<<'SCRIPT'
    app Tides

    table Spots, each a Spot
      Name is a text
      Code is a text

    service Almanac is at "https://almanac.example"
      request Conditions is GET "/spots/{spot}/conditions{?days,spot}", giving one Condition
        takes Spot is a text
        takes Days is a whole number
        sends the header "X-Days" = days
        Celsius is a decimal
        Days ahead are many Sea days, each a Sea day, at "days"
          Day is a date

    screen Start, about one Spot
      From Conditions with Spot = spot.code
        Text "{conditions.celsius} and {count(conditions.daysAhead)}"
        List of Sea days of conditions, by Day upward
          shows day as title

    routine Report
      ask for Conditions with Spot = "a"
      say "{conditions.celsius}"
    SCRIPT;

    /** @param  list<string>  $lines */
    #[
        \PHPUnit\Framework\Attributes\TestWith([
            '/services/0/requests/0/name',
            'The water',
            [
                'From The water with Spot',
                '{theWater.celsius} and {count(theWater.daysAhead)}',
                'of theWater',
                'ask for The water',
                'say "{theWater.celsius}"',
            ],
        ]),
    ]
    #[
        \PHPUnit\Framework\Attributes\TestWith([
            '/services/0/requests/0/parts/0/name',
            'Warmth',
            ['Warmth is a decimal, at "Celsius"', '{conditions.warmth} and', 'say "{conditions.warmth}"'],
        ]),
    ]
    #[
        \PHPUnit\Framework\Attributes\TestWith([
            '/services/0/requests/0/parts/1/parts/0/name',
            'Date',
            ['Date is a date, at "Day"', 'by Date upward', 'shows date as title'],
        ]),
    ]
    #[
        \PHPUnit\Framework\Attributes\TestWith([
            '/services/0/requests/0/takes/0/name',
            'Place code',
            [
                '"/spots/{placeCode}/conditions{?days,placeCode}"',
                'From Conditions with Place code = spot.code',
                'ask for Conditions with Place code = "a"',
                'takes Place code is a text',
            ],
        ]),
    ]
    #[\PHPUnit\Framework\Attributes\TestWith(['/services/0/requests/0/takes/1/name', 'Number', ['{?number,spot}', '"X-Days" = number']])]
    public function test_every_sentence_follows(string $at, string $name, array $lines): void
    {
        $app = Blueprint::fromScript(self::APP);
        $edited = (new Fill($at, $name))->on($app);
        $script = $edited->blueprint->script();

        foreach ($lines as $line) {
            self::assertStringContainsString($line, $script);
        }
        self::assertSame(
            [],
            array_map(
                fn (Finding $f): string => "$f->at $f->sentence",
                array_values(array_filter(Findings::in(Reading::of($edited->blueprint)), fn (Finding $f): bool => $f->rule === 'UnknownName')),
            ),
        );
        self::assertSame($app->script(), EditResult::by($edited->blueprint, new Patch($edited->inverse->operations))->blueprint->script());
    }
}
