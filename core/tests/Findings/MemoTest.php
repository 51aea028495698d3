<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Findings;

use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\Remove;
use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Memo;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\TestCase;

/** What is remembered of screens gives the same findings as reading everything anew, whatever is edited. */
final class MemoTest extends TestCase
{
    private const APP = "app X\n\ntable Jars, each a Jar\n  Name is a text\n  Spoons is a whole number\n\nvalue Unit is a text\n\nscreen A, first\n"
        ."  Heading \"{nothing}\"\n  List of Jars where spoons > 1\n  Button \"a\"\n\nscreen B, about one Jar\n  Text \"{jar.name} {app.unit}\"\n"
            ."  Picture of null\n  Piece P with jar\n\npiece P taking Jar is one Jar\n  Text \"{jar.spoons}\"\n\ntab A as \"A\"\n";

    public function test_after_any_edit_the_findings_are_those_of_a_first_reading(): void
    {
        $blueprint = Blueprint::fromScript(self::APP);
        $memo = new Memo();
        $edits = [
            new Fill('/screens/0/lines/0/text', '{unit}'),
            new Fill('/tables/0/fields/0/name', 'Title'),
            new Write('/screens/1/lines', 'Text "{jar.nonsense}"', 0),
            new Remove(['/tables/0/fields/1']),
            new Write('/screens', "screen Z\n  Button \"z\"", 0),
            new Remove(['/values/0']),
            new Fill('/screens/2/name', 'C'),
            new Remove(['/screens/0']),
            new Fill('/pieces/0/lines/0/text', '{jar.gone}'),
        ];
        foreach ($edits as $i => $edit) {
            $blueprint = $edit->on($blueprint)->blueprint;
            $memo = new Memo($memo->used);

            self::assertEquals(self::told(Findings::in(Reading::of($blueprint))), self::told(Findings::in(Reading::of($blueprint), $memo)), "after edit $i");
        }
    }

    public function test_only_the_screen_that_changed_is_read_again(): void
    {
        $blueprint = Blueprint::fromScript(self::APP);
        $memo = new Memo();
        Findings::in(Reading::of($blueprint), $memo);
        $next = new Memo($memo->used);
        Findings::in(Reading::of((new Fill('/screens/0/lines/0/text', 'Hello'))->on($blueprint)->blueprint), $next);
        $same = new Memo($memo->used);
        Findings::in(Reading::of($blueprint), $same);

        self::assertCount(1, array_diff_key($next->used, $memo->used));
        self::assertSame([true, false], [$next->grew(), $same->grew()]);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function told(array $findings): array
    {
        $told = array_map(fn (Finding $f): string => "$f->rule $f->at $f->sentence", $findings);
        sort($told);

        return $told;
    }
}
