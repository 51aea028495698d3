<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Language;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fit;
use Lanai\Core\Language\Fits;
use Lanai\Core\Language\Fits\FamilyFit;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Printer;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BeginningsTest extends TestCase
{
    /** @return iterable<string, array{string, Family}> */
    public static function sentences(): iterable
    {
        foreach (
            [
                'Heading ""',
                'Text ""',
                'Picture of ___',
                'Icon ___',
                'Badge ""',
                'Progress of ___',
                'Rating of ___',
                'Countdown to ___',
                'Divider',
                'Space of ___',
                'List of ___',
                'Button ""',
                'Input ___ is a text',
                'Form for a new ___',
                'Form to change ___',
            ] as $line
        ) {
            yield $line => [$line, Families::of(AnyLine::class)];
        }
        foreach (
            [
                'go to ___',
                'go back',
                'add a ___',
                'change ___',
                'remove ___',
                'say ""',
                'lower ___ by ___',
                'raise ___ by ___',
                'if ___',
                'confirm ""',
                'open ""',
                'start over',
            ] as $effect
        ) {
            yield $effect => [$effect, Families::of(AnyEffect::class)];
        }
    }

    #[DataProvider('sentences')]
    public function test_a_sentence_can_be_begun_with_nothing_filled_in(string $sentence, Family $family): void
    {
        $data = Parser::fragment($sentence, $family)[0];

        self::assertSame($sentence, Printer::node($data, $family->classOf($data)));
    }

    public function test_every_kind_has_words_of_its_own_to_begin_with(): void
    {
        foreach ([Families::of(AnyLine::class), Families::of(AnyEffect::class)] as $family) {
            $leads = array_map(fn (string $class): string => $class::sentence()->lead()->words ?? '', array_values($family->kinds));
            self::assertSame(array_values(array_unique(array_filter($leads))), $leads);
        }
        // Types may begin alike ("is a date", "is a date and time"): each must still be read back as itself.
        foreach ((new FamilyFit(FieldTypes::family()))->choices(Scope::of(World::saltlark()->blueprint)) as $choice) {
            $fit = new FamilyFit(FieldTypes::family());
            self::assertSame($choice->text, $fit->print(Parser::blank($choice->text, $fit), []));
        }
    }

    /** @return iterable<string, array{Fit, list<array{string, mixed}>, list<string>}> what is written and read as what; what is not read */
    public static function fits(): iterable
    {
        yield 'a name' => [
            Fits\NameFit::of('a name'),
            [['Group swims', 'Group swims'], ['"Points of interest"', 'Points of interest'], ['___', '']],
            ['', ',', '('],
        ];
        yield 'a table' => [TableFit::plural(), [['Swims', 'Swims'], ['___', '']], ['']];
        yield 'a formula' => [Fits\FormulaFit::giving(\Lanai\Core\Formula\Kind::YesNo), [['a > 1', 'a > 1'], ['`a, b`', 'a, b'], ['___', '']], ['']];
        yield 'a text' => [new Fits\TextFit(), [['"a \"b\""', 'a "b"'], ['""', '']], ['bare', '"open']];
        yield 'a choice' => [Fits\ChoiceFit::of('x', ['up' => 'upward', 'down' => 'downward']), [['upward', 'up'], ['___', '']], ['sideways', '']];
        yield 'a number' => [Fits\NumberFit::whole(-5, 40), [['40', 40], ['-5', -5], ['___', '']], ['41', '-6', '1.5', 'x', '']];
        yield 'a colour' => [new Fits\ColourFit(), [['#0B6E5F', '#0B6E5F'], ['___', '']], ['#12', 'red', '#0B6E5F0']];
    }

    /**
     * @param  list<array{string, mixed}>  $readable
     * @param  list<string>  $unreadable
     */
    #[DataProvider('fits')]
    public function test_what_fits_a_blank_is_read_and_written_alike_and_nothing_else_is_read(Fit $fit, array $readable, array $unreadable): void
    {
        foreach ($readable as [$text, $value]) {
            self::assertSame($value, $fit->read(new Cursor($text), []));
            self::assertSame($text, $fit->print($value, []));
        }
        foreach ($unreadable as $text) {
            $cursor = new Cursor($text);
            self::assertTrue($fit->read($cursor, []) === null || ! $cursor->done(), "“{$text}” was read.");
        }
        self::assertNotSame('', $fit->kind());
        self::assertNotSame('', $fit->inWords(Scope::of(World::saltlark()->blueprint)));
    }
}
