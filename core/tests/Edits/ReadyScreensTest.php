<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Edits;

use Lanai\Core\Edits\ReadyScreens;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\PretendServices;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** For everything that a model can do there is a screen that is ready. */
final class ReadyScreensTest extends TestCase
{
    private const APP = <<<'SCRIPT'
    app Words

    service Maker is at "https://words.example", priced in EUR
      price with "m" is 0.5 for a million tokens in
      answer Talk from "m"
        told: "Be kind."
      answer Advice from "m"
        asked: "{words}"
        takes Words is a long text
      translation Other words from "m"
      picture Drawing from "m"
        of: "{words}"
        takes Words is a text
      speech Voice from "m"
      filling Order from "m"
        asked: "{words}"
        takes Words is a long text
        Title is a text
        Places is a whole number
      request Weather is GET "/weather{?place}", giving one Weather found
        takes Place is a text
        Celsius is a decimal, at "celsius"

    screen Start
      Text "Hello"
    SCRIPT;

    #[TestWith(['Talk', 'conversation'])]
    #[TestWith(['Advice', 'from'])]
    #[TestWith(['Other words', 'from'])]
    #[TestWith(['Drawing', 'from'])]
    #[TestWith(['Voice', 'from'])]
    #[TestWith(['Order', 'from'])]
    #[TestWith(['Weather', 'from'])]
    public function test_the_screen_has_nothing_wrong_and_can_be_shown(string $request, string $kind): void
    {
        $app = Blueprint::fromScript(self::APP);
        $ready = ReadyScreens::of($app->asked($request)[1] ?? self::fail(), $app);
        $data = $app->data();
        $data['screens'] = [...$data['screens'], ...$ready['screens']];
        $data['values'] = $ready['values'];
        $made = Blueprint::fromData($data);

        self::assertSame($made->script(), Blueprint::fromScript($made->script())->script());
        self::assertSame(
            [],
            array_map(
                fn (Finding $f): string => "$f->at $f->sentence",
                array_values(array_filter(Findings::in(Reading::of($made)), fn (Finding $f): bool => $f->blocks && ! str_starts_with($f->at, '/release'))),
            ),
        );
        self::assertContains($kind, array_column($ready['screens'][0]['lines'], 'kind'));
        $view = (new Player($made, new InMemoryRecordStore($made), null, new PretendServices([]), rehearsal: true))->show(
            new Visit(World::moment(), $made->screens[1]->slug(), waits: true),
            Trail::none(),
        );
        self::assertSame('', $view['problem']);
    }

    public function test_what_is_typed_is_asked_for_and_the_answer_stands_there(): void
    {
        $app = Blueprint::fromScript(self::APP);
        $ready = ReadyScreens::of($app->asked('Weather')[1] ?? self::fail(), $app);
        $data = $app->data();
        $made = Blueprint::fromData(['screens' => [...$data['screens'], ...$ready['screens']], 'values' => $ready['values']] + $data);
        $player = new Player(
            $made,
            new InMemoryRecordStore($made),
            null,
            new PretendServices(['GET https://words.example/weather?place=Cove' => ['celsius' => 14.5]]),
            rehearsal: true,
        );
        $set = $player->tap(new Visit(World::moment(), 'weather', inputs: ['place' => 'Cove']), '/screens/1/lines/1', null, '', Trail::none())->passing;
        $nodes = $player->show(new Visit(World::moment(), 'weather', values: $set, waits: true), Trail::none())['nodes'];

        self::assertSame('14.5', $nodes[2]['nodes'][0]['text']);
    }
}
