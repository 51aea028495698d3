<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Play;

use Lanai\Core\Tests\Support\World;
use Lanai\Core\Values\Money;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EffectsTest extends TestCase
{
    public function test_a_number_goes_down_to_its_bound_and_not_below(): void
    {
        $world = $this->world('lower jar.spoons by 2 while it is above 1, otherwise say "Only {jar.spoons} left."');
        $jar = $world->add('Jars', ['name' => 'Plum', 'spoons' => 4]);

        self::assertSame([2, 0], [$this->after($world, $jar)['spoons'], $this->after($world, $jar)['spoons']]);
        $refused = $world->tap('s', 0, [$jar]);
        self::assertSame(['Only 0 left.', 0], [$refused->refused, $this->row($world, $jar)['spoons']]);
    }

    #[TestWith(['raise jar.spoons by 3', 7])]
    #[TestWith(['raise jar.spoons by jar.spoons while it is below 5', 8])]
    #[TestWith(['raise jar.spoons by 100', 4])]
    #[TestWith(['lower jar.spoons by 100', 4])]
    #[TestWith(['lower jar.name by 1', 4])]
    #[TestWith(['lower jar.twice by 1', 4])]
    #[TestWith(['lower nothing.at by 1', 4])]
    public function test_a_number_stays_in_its_range_and_only_numbers_move(string $effect, int $after): void
    {
        $world = $this->world($effect);
        $jar = $world->add('Jars', ['name' => 'Plum', 'spoons' => 4]);
        $outcome = $world->tap('s', 0, [$jar]);

        self::assertSame([$after, $after === 4], [$this->row($world, $jar)['spoons'], $outcome->refused !== '']);
    }

    public function test_money_and_empty_numbers_move_too(): void
    {
        $world = $this->world("raise jar.price by jar.price\n      raise jar.turns by 1");
        $jar = $world->add('Jars', ['name' => 'Plum', 'price' => new Money(250, 'EUR')]);

        self::assertEquals([new Money(500, 'EUR'), 1], [$this->after($world, $jar)['price'], $this->row($world, $jar)['turns']]);
    }

    public function test_one_thing_or_the_other_is_done(): void
    {
        $world = $this->world(
            "if jar.spoons > 3\n        then:\n          say \"Plenty\"\n          if jar.name == \"Plum\"\n            then:\n"
                ."              say \"of plums\"\n        otherwise:\n          say \"Few\"",
        );
        $say = fn (string $name, int $spoons): array => $world->tap('s', 0, [$world->add('Jars', ['name' => $name, 'spoons' => $spoons])])->say;

        self::assertSame([['Plenty', 'of plums'], ['Plenty'], ['Few']], [$say('Plum', 5), $say('Fig', 5), $say('Plum', 1)]);
    }

    public function test_a_question_has_buttons_that_name_what_they_do(): void
    {
        $world = $this->world('confirm "Empty {jar.name}?", saying "Empty {jar.name}", or "Leave it full"');
        $jar = $world->add('Jars', ['name' => 'Plum']);

        self::assertSame(
            ['text' => 'Empty Plum?', 'at' => '/screens/0/lines/0/tapped/0', 'yes' => 'Empty Plum', 'no' => 'Leave it full'],
            $world->tap('s', 0, [$jar])->confirm,
        );
    }

    public function test_a_question_holds_back_everything_even_what_stands_before_it(): void
    {
        $world = $this->world("change jar\n        set Spoons = 9\n      confirm \"Empty {jar.name}?\"\n      remove jar\n      start over");
        $jar = $world->add('Jars', ['name' => 'Plum', 'spoons' => 4]);
        $asked = $world->tap('s', 0, [$jar], key: 'k');
        self::assertSame(
            [['text' => 'Empty Plum?', 'at' => '/screens/0/lines/0/tapped/1', 'yes' => 'Go'], false, 4],
            [$asked->confirm, $asked->over, $this->row($world, $jar)['spoons']],
        );

        $done = $world->tap('s', 0, [$jar], key: 'k', confirmed: ['/screens/0/lines/0/tapped/1']);
        self::assertSame([null, true, true], [$done->confirm, $done->over, $done->data()['done']]);
        self::assertSame([], $world->store->byIds($world->blueprint->tables[0], [$jar]));
        self::assertTrue(
            $world->tap('s', 0, [$jar], key: 'k', confirmed: ['/screens/0/lines/0/tapped/1'])->over,
            'The same tap sent twice acts once and answers the same.',
        );
    }

    #[TestWith(['https://example.org/{jar.name}', 'https://example.org/Plum'])]
    #[TestWith(['mailto:jam@example.org', 'mailto:jam@example.org'])]
    #[TestWith(['tel:+442079460000', 'tel:+442079460000'])]
    #[TestWith(['geo:50.1,-5.2', 'geo:50.1,-5.2'])]
    #[TestWith(['javascript:alert(1)', ''])]
    #[TestWith(['file:///etc/passwd', ''])]
    #[TestWith(['  ', ''])]
    public function test_only_addresses_that_lead_out_are_opened(string $address, string $opened): void
    {
        $world = $this->world("open \"$address\"");
        $outcome = $world->tap('s', 0, [$world->add('Jars', ['name' => 'Plum'])]);

        self::assertSame([$opened, $opened === '' ? 'This leads nowhere.' : ''], [$outcome->onDevice[0]['text'] ?? '', $outcome->refused]);
    }

    private function world(string $effects): World
    {
        return World::of(
            "app A\ntable Jars, each a Jar\n  Name is a text\n  Spoons is a whole number from 0 to 50\n  Price is money in EUR\n"
                ."  Turns is a whole number\n  Twice = spoons * 2\nscreen S, about one Jar\n  Button \"Go\"\n    tapped:\n      $effects\n",
        );
    }

    /** @return array<string, mixed> */
    private function after(World $world, int $jar): array
    {
        $world->tap('s', 0, [$jar]);

        return $this->row($world, $jar);
    }

    /** @return array<string, mixed> */
    private function row(World $world, int $jar): array
    {
        return $world->store->byIds($world->blueprint->tables[0], [$jar])[$jar]->values;
    }
}
