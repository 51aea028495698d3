<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Lines\Emphasis;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Play\Whence;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FrameTest extends TestCase
{
    public function test_the_frame_of_a_screen_says_its_menu_actions_and_manner(): void
    {
        $world = World::of(
            "app X\n\nscreen A, first, full screen, opens rising\n  in the title bar:\n    Icon button bell, described as \"News\"\n      tapped:\n"
                ."        go to B\n  Text \"a\"\n\nscreen B\n\nside menu B as \"Bee\" with icon heart\n",
        );
        $view = $world->show();

        self::assertSame([true, 'rising', [['screen' => 'b', 'label' => 'Bee', 'icon' => 'heart']]], [$view['full'], $view['opens'], $view['menu']]);
        self::assertSame('/screens/0/actions/0', $view['actions'][0]['at']);
        $tapped = (new Player($world->blueprint, $world->store, rehearsal: true))->tap(
            new Visit(World::moment(), 'a'),
            '/screens/0/actions/0',
            null,
            '',
            Trail::none(),
        );
        self::assertSame('b', $tapped->go['screen'] ?? '');
    }

    public function test_a_screen_for_those_who_signed_in_is_closed_to_others(): void
    {
        $world = World::of(
            "app X\n\ntable People, each a Person, who sign in\n  Name is a text\n\nscreen A, first, only when signed in\n  Button \"a\"\n"
                ."    tapped:\n      say \"Hi\"\n",
        );
        $ann = $world->add('People', ['name' => 'Ann']);

        self::assertSame(['Please sign in to see this.', []], [$world->show()['problem'], $world->show()['nodes']]);
        self::assertSame('Please sign in to see this.', $world->tap('a', 0)->refused);
        self::assertSame(['Hi'], $world->tap('a', 0, person: $ann)->say);
    }

    public function test_a_line_for_one_kind_of_device_is_drawn_there_only(): void
    {
        $world = World::of(
            "app X\n\nscreen A, first\n  Text \"p\", only on phones\n  Text \"t\", only on tablets\n  Text \"i\", only on iOS\n"
                ."  Text \"a\", only on Android\n  Text \"all\", at width 50 %, on tablets at width 120 dp, in the middle\n",
        );
        $texts = fn (string $platform, string $form): string => implode(
            ' ',
            array_column(
                (new Player($world->blueprint, $world->store, rehearsal: true))->show(
                    new Visit(World::moment(), platform: $platform, form: $form),
                    Trail::none(),
                )['nodes'],
                'text',
            ),
        );

        self::assertSame(['p i all', 't a all', 'p all'], [$texts('ios', 'phone'), $texts('android', 'tablet'), $texts('web', 'phone')]);
        self::assertSame(['width' => '50 %', 'tabletWidth' => '120 dp', 'centred' => true], $world->show()['nodes'][1]['placing']);
    }

    public function test_taps_that_only_change_rows_may_wait_for_a_connection(): void
    {
        $world = World::of(
            "app X\n\ntable Jars, each a Jar\n  Name is a text\n\nscreen A, first\n  Button \"a\"\n    tapped:\n      add a Jar\n"
                ."      say \"Kept\"\n  Button \"b\"\n    tapped:\n      add a Jar\n      go back\n",
        );

        self::assertSame([true, false], array_map(fn (array $n): bool => $n['queues'] ?? false, $world->show()['nodes']));
    }

    #[TestWith(['plain', [['plain', false, false]]])]
    #[TestWith(['a *b* c', [['a ', false, false], ['b', true, false], [' c', false, false]]])]
    #[TestWith(['_so_ *it is*', [['so', false, true], [' ', false, false], ['it is', true, false]]])]
    #[TestWith(['2 * 3 * 4 and snake_case_name', [['2 * 3 * 4 and snake_case_name', false, false]]])]
    #[TestWith(['*open', [['*open', false, false]]])]
    #[TestWith(['<b>x</b>', [['<b>x</b>', false, false]]])]
    public function test_emphasis_is_read_where_its_marks_close(string $text, array $runs): void
    {
        self::assertSame($runs, array_map(array_values(...), Emphasis::runs($text)));
    }

    public function test_an_input_is_judged_with_the_others_known(): void
    {
        $world = World::of(
            "app X\n\nscreen A, first\n  Input Low is a whole number, required\n"
                ."  Input High is a whole number, valid if input.high > input.low, otherwise say \"After {input.low}, please.\"\n  Button \"a\"\n"
                    ."    tapped:\n      say \"{if(input.high == null, 1, 1)}\"\n      say \"ok\"\n",
        );

        self::assertSame(['low' => 'Please fill this in.'], $world->tap('a', 2)->errors);
        self::assertSame(['high' => 'After 5, please.'], $world->tap('a', 2, inputs: ['low' => '5', 'high' => '3'])->errors);
        self::assertSame(['1', 'ok'], $world->tap('a', 2, inputs: ['low' => '5', 'high' => '8'])->say);
        self::assertSame(['1', 'ok'], $world->tap('a', 2, inputs: ['low' => '5', 'app.secret' => 'x'])->say);
    }

    public function test_a_value_is_traced_to_the_cells_it_comes_from(): void
    {
        $world = World::saltlark();
        $spot = $world->add('Spots', ['name' => 'Gull Bay', 'water' => 14.5]);
        $swim = $world->add('Swims', ['title' => 'Dawn', 'spot' => $spot, 'starts' => World::at('2026-12-25 07:00'), 'places' => 3]);
        $player = new Player($world->blueprint, $world->store, rehearsal: true);
        $accounts = $player->whence(new Visit(World::moment(), 'swim', [$swim]), '/screens/1/lines/2', null);
        $water = array_values(array_filter($accounts, fn (Whence $w): bool => $w->formula === 'swim.spot.water'))[0];

        self::assertSame(
            ['14.5', ['table' => 'Spots', 'id' => $spot, 'field' => 'Water', 'value' => '14.5']],
            [$water->value, array_values(array_filter($water->cells, fn (array $c): bool => $c['table'] === 'Spots'))[0]],
        );
        $item = $player->whence(new Visit(World::moment(), 'upcoming'), '/screens/0/lines/2', $swim);
        self::assertSame(['Dawn', 'Gull Bay'], array_map(fn (Whence $w): string => $w->value, array_slice($item, 0, 2)));
    }
}
