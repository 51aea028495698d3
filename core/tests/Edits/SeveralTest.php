<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Edits;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Kinds\Fill;
use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Edits\Several;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Screen;
use PHPUnit\Framework\TestCase;

final class SeveralTest extends TestCase
{
    private const APP = <<<'SCRIPT'
    app X

    table Jars, each a Jar
      Name is a text
      Spoons is a whole number

    screen S, about one Jar
      Heading "{jar.name}"
      Text "{jar.spoons} spoons"
      List of Jars
        tapped:
          lower spoons by 1
          say "{name}, not {jar.name}"
          change this
            set Name = "x"
      Input Words is a text
      Text "{input.words}"

    SCRIPT;

    private Blueprint $app;

    protected function setUp(): void
    {
        $this->app = Blueprint::fromScript(self::APP);
    }

    public function test_copied_lines_can_be_put_in_elsewhere(): void
    {
        $text = Several::of($this->app, ['/screens/0/lines/1', '/screens/0/lines/0'])->script();

        self::assertSame("Heading \"{jar.name}\"\nText \"{jar.spoons} spoons\"\n", $text);
        self::assertStringContainsString(
            "Text \"{input.words}\"\n  Heading \"{jar.name}\"",
            (new Write('/screens/0/lines', $text))->on($this->app)->blueprint->script(),
        );
    }

    public function test_lines_are_doubled_moved_and_removed_together(): void
    {
        $two = ['/screens/0/lines/0', '/screens/0/lines/1'];

        self::assertSame(['heading', 'text', 'heading', 'text', 'list', 'input', 'text'], $this->kinds(Several::of($this->app, $two)->doubled()));
        self::assertSame(['list', 'heading', 'text', 'input', 'text'], $this->kinds(Several::of($this->app, $two)->movedTo(1)));
        self::assertSame(['list', 'input', 'text'], $this->kinds(Several::of($this->app, $two)->removed()));
        self::assertSame(['S', 'S 2'], array_map(fn (Screen $s): string => $s->name, Several::of($this->app, ['/screens/0'])->doubled()->blueprint->screens));
    }

    public function test_lines_that_do_not_stand_together_are_refused(): void
    {
        foreach (
            [
                ['/screens/0/lines/0', '/screens/0/lines/2'],
                ['/screens/0/lines/0', '/tables/0/fields/0'],
                ['/screens/0/lines/9'],
                ['/screens/7/lines/0'],
            ] as $places
        ) {
            try {
                Several::of($this->app, $places);
                self::fail(implode(' ', $places));
            } catch (EditRefused $refused) {
                self::assertSame('Choose lines that stand one after the other.', $refused->getMessage());
            }
        }
    }

    public function test_a_group_is_made_of_lines_and_can_be_taken_back(): void
    {
        $edited = Several::of($this->app, ['/screens/0/lines/0', '/screens/0/lines/1'])->grouped();

        self::assertStringContainsString(
            "  Group\n    Heading \"{jar.name}\"\n    Text \"{jar.spoons} spoons\"\n  List of Jars",
            $edited->blueprint->script(),
        );
        self::assertSame(self::APP, $edited->inverse->applyTo($edited->blueprint->data()) === $this->app->data() ? self::APP : '');
    }

    public function test_a_piece_takes_what_its_lines_are_about(): void
    {
        $script = Several::of($this->app, ['/screens/0/lines/0', '/screens/0/lines/1'])
            ->extracted('Jar head')
            ->blueprint->script();

        self::assertStringContainsString("  Piece Jar head with jar\n  List of Jars", $script);
        self::assertStringContainsString("piece Jar head taking Jar is one Jar\n  Heading \"{jar.name}\"\n  Text \"{jar.spoons} spoons\"\n", $script);
        self::assertSame([], $this->faults($script));
    }

    public function test_effects_of_a_list_become_a_routine_about_its_row(): void
    {
        $script = Several::of($this->app, ['/screens/0/lines/2/tapped/0', '/screens/0/lines/2/tapped/2', '/screens/0/lines/2/tapped/1'])
            ->extracted('Eat')
            ->blueprint->script();

        self::assertStringContainsString('lower jar.spoons by 1', $script);
        self::assertStringContainsString('change jar', $script);
        self::assertStringContainsString('do Eat with this', $script);
    }

    public function test_what_is_typed_cannot_be_taken_along_and_names_are_used_once(): void
    {
        $this->expectExceptionMessage('what is typed into the screen');

        Several::of($this->app, ['/screens/0/lines/4'])->extracted('Typed');
    }

    public function test_a_line_that_reads_like_one_of_those_taken_out_stays(): void
    {
        $app = Blueprint::fromScript("app X\n\nscreen S, first\n  Divider\n  Text \"a\"\n  Divider\n");
        $script = Several::of($app, ['/screens/0/lines/0', '/screens/0/lines/1'])
            ->extracted('Head')
            ->blueprint->script();

        self::assertStringContainsString("screen S, first\n  Piece Head\n  Divider\n", $script);
        self::assertStringContainsString("piece Head\n  Divider\n  Text \"a\"\n", $script);
        self::assertSame(2, substr_count($script, 'Divider'));
    }

    public function test_what_a_routine_takes_is_renamed_in_that_routine_only(): void
    {
        $routines = implode('', array_map(fn (int $i): string => "routine R$i taking Words is a text\n  say \"{words}\"\n\n", range(0, 11)));
        $script = (new Fill('/routines/1/taking/0/name', 'Greeting'))
            ->on(Blueprint::fromScript("app X\n\nscreen S, first\n\n$routines"))
            ->blueprint->script();

        self::assertSame([1, 11], [substr_count($script, '{greeting}'), substr_count($script, '{words}')]);
    }

    /** @return list<string> */
    private function kinds(EditResult $edited): array
    {
        return array_column(Pointer::get('/screens/0/lines', $edited->blueprint->data()), 'kind');
    }

    /** @return list<string> */
    private function faults(string $script): array
    {
        return array_values(
            array_map(
                fn (Finding $f): string => $f->sentence,
                array_filter(Findings::in(Reading::of(Blueprint::fromScript($script))), fn (Finding $f): bool => $f->rule === 'UnknownName'),
            ),
        );
    }
}
