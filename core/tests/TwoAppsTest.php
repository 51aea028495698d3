<?php

declare(strict_types=1);

namespace Lanai\Core\Tests;

use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

/** Nothing that one app said is remembered for another: the same sentences mean what each app's own tables say. */
final class TwoAppsTest extends TestCase
{
    private const SCREENS = "screen S, first\n  Text \"{sum(orders, price)} {sum(orders, lasts)} {count(orders)} {max(orders, price)}\"\n"
        ."  List of Carts\n    shows sum(items, price) as title\n  List of Orders where price == first(orders).price, by Price upward\n"
            ."    shows price as title\n  Chart of Orders, by kind, adding up price\n";

    /** The currency, and what an amount is in it. */
    private const APPS = ['EUR' => '€', 'USD' => 'US$', 'JPY' => 'JP¥'];

    public function test_apps_that_read_alike_do_not_speak_for_one_another(): void
    {
        $worlds = [];
        foreach (self::APPS as $currency => $sign) {
            $worlds[$currency] = World::of(
                "app In $currency\ntable Orders, each an Order\n  Price is money in $currency\n  Lasts is a duration\n"
                    ."  Kind is one of \"$currency one\", \"$currency two\"\ntable Carts, each a Cart\n  Name is a text\ntable Items, each an Item\n"
                        ."  Price is money in $currency\n  Cart is one Cart\n".
                    self::SCREENS,
            );
            $worlds[$currency]->add('Carts', ['name' => 'Empty']);
        }
        // Once each in turn, and again in the other order, all in this one process.
        foreach ([array_keys(self::APPS), array_reverse(array_keys(self::APPS)), array_keys(self::APPS)] as $order) {
            foreach ($order as $currency) {
                $nodes = (new Player($worlds[$currency]->blueprint, $worlds[$currency]->store, rehearsal: true))->show(
                    new Visit(World::moment()),
                    Trail::none(),
                )['nodes'];
                self::assertStringStartsWith(self::APPS[$currency].'0', (string) $nodes[0]['text'], $currency);
                self::assertStringStartsWith(self::APPS[$currency].'0', (string) $nodes[1]['items'][0]['title'], $currency);
            }
        }
    }

    public function test_a_sum_over_nothing_is_in_the_currency_of_the_row_it_stands_in(): void
    {
        $world = World::of(
            "app A\ntable Carts, each a Cart\n  Name is a text\ntable Items, each an Item\n  Price is money in EUR\n  Cart is one Cart\n"
                ."table Trips, each a Trip\n  Name is a text\ntable Fares, each a Fare\n  Price is money in USD\n  Trip is one Trip\n".
                "screen S, first\n  List of Carts\n    shows sum(items.price) as title\n  List of Trips\n    shows sum(fares.price) as title\n"
                    ."  Repeat for each of carts\n    Text \"{sum(where(items, price != null), price)}\"\n  Repeat for each of trips\n"
                        ."    Text \"{sum(where(fares, price != null), price)}\"\n",
        );
        $world->add('Carts', ['name' => 'c']);
        $world->add('Trips', ['name' => 't']);
        $nodes = $world->show()['nodes'];

        self::assertSame(
            ['€0.00', '$0.00', '€0.00', '$0.00'],
            array_map(fn (mixed $t): string => str_replace(['US', "\u{a0}"], '', (string) $t), [
                $nodes[0]['items'][0]['title'],
                $nodes[1]['items'][0]['title'],
                $nodes[2]['items'][0]['nodes'][0]['text'],
                $nodes[3]['items'][0]['nodes'][0]['text'],
            ]),
        );
    }

    /** Statics of the core hold what is the same for every app: kinds, sentences, words; never a row, an app or a value of one. */
    public function test_what_core_keeps_beyond_an_app_is_known(): void
    {
        $found = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__).'/src')) as $file) {
            if (
                $file instanceof \SplFileInfo &&
                $file->getExtension() === 'php' &&
                preg_match_all(
                    '/^\s*(?:private|protected|public) static (?!function)(?:readonly )?[^($]*\$(\w+)/m',
                    (string) file_get_contents($file->getPathname()),
                    $names,
                )
            ) {
                foreach ($names[1] as $name) {
                    $found[] = basename($file->getPathname(), '.php')."::$name";
                }
            }
        }
        sort($found);

        self::assertSame([], array_values(array_diff($found, self::KNOWN)), 'A new static: does it outlive an app?');
    }

    private const KNOWN = [
        'Country::names',
        'Currency::digits',
        'Currency::names',
        'Dates::months',
        'Face::hanken',
        'FieldTypes::answered',
        'FieldTypes::asked',
        'FieldTypes::inTables',
        'Families::made',
        'Families::told',
        'Formats::made',
        'Formats::numbers',
        'Formula::parsed',
        'Functions::all',
        'Marks::known',
        'Hyphenation::of',
        'Kinds::all',
        'Kinds::met',
        'Names::latin',
        'Names::stored',
        'Names::words',
        'OwnWords::listed',
        'OwnWords::patterns',
        'OwnWords::read',
        'Paragraph::pieces',
        'QueryCall::moments',
        'QueryCall::types',
        'Sentences::made',
        'Shape::parameters',
        'Shape::plans',
        'Stored::utc',
        'Template::made',
        'Texts::collator',
        'YesNoWords::words',
        'Utterance::ways',
    ];
}
