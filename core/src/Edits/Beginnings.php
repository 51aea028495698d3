<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\Sentences;
use Lanai\Core\Language\Series;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\AppValue;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Errand;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\Piece;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Reach\Channel;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Routine;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\Table;
use Lanai\Core\Services\AnswerPart;
use Lanai\Core\Text\Names;

/** The sentences that can be begun in a list, with nothing filled in but a name that nothing else there has. */
final class Beginnings
{
    /** What a new one is called, where it cannot be without a name. */
    private const CALLED = [
        Screen::class => 'Screen 1',
        Piece::class => 'Piece 1',
        Routine::class => 'Routine 1',
        Role::class => 'Role 1',
        AppValue::class => 'Value 1',
        Service::class => 'Service 1',
        Product::class => 'Product 1',
        Message::class => 'Message 1',
        Errand::class => 'Errand 1',
        Channel::class => 'Channel 1',
        Plan::class => 'Plan 1',
        Field::class => 'New field',
        AnswerPart::class => 'New part',
        Through::class => 'New provider',
    ];

    /** A table of which each row belongs to whoever added it: what is said of a new one where people sign in. */
    private const OWNED = [
        'may be seen by the person in Added by',
        'may be added by signed-in people',
        'may be changed by the person in Added by',
        'may be removed by the person in Added by',
        'Name is a text',
        'Added by is who added it',
    ];

    /**
     * @return list<array{as: string, lead: string, text: string}> what can be begun: its key, the words that it begins with, and the sentence; none
     *   where nothing can
     */
    public static function in(Blueprint $blueprint, string $list): array
    {
        $family = Places::family($blueprint, $list);
        $found = [];
        foreach ($family->kinds ?? [] as $kind => $class) {
            foreach (self::ofClass($blueprint, $list, $class, $kind) as $as => $text) {
                $found[] = ['as' => $as, 'lead' => Sentences::of($class)->lead()->words ?? explode(' ___', $text)[0], 'text' => $text];
            }
        }

        return $found;
    }

    /** One of them as it is written; null where it cannot be begun there. */
    public static function text(Blueprint $blueprint, string $list, string $as): ?string
    {
        $all = self::in($blueprint, $list);
        foreach ($all as $one) {
            if ($one['as'] === $as) {
                return $one['text'];
            }
        }

        return $as === '' ? $all[0]['text'] ?? null : null;
    }

    /**
     * @param  class-string<HasSentence>  $class
     * @return array<string, string> key => as it is written
     */
    private static function ofClass(Blueprint $blueprint, string $list, string $class, string $kind): array
    {
        $name = self::freeName($blueprint, $list, self::CALLED[$class] ?? '');
        if ($class === Field::class) {
            return array_map(fn (string $type): string => NameFit::written($name).' '.self::begun($type, ''), FieldTypes::family()->kinds);
        }
        $begun = self::begun($class, $name);

        return match ($class) {
            Table::class => [$kind => self::table($blueprint)],
            AppValue::class => [$kind => "$begun, kept for each device"],
            Routine::class => ['' => $begun, 'waiting' => "$begun, when one ___ is added"]
                + ($blueprint->products === [] ? [] : ['bought' => "$begun, when somebody buys ___"]),
            Product::class => self::products($blueprint, $name),
            Service::class => [$kind => "service $name is at \"https://\"\n  request Answer of $name is GET \"/\""],
            default => [$kind => $begun],
        };
    }

    /** @return array<string, string> */
    private static function products(Blueprint $blueprint, string $name): array
    {
        $entitlements = $blueprint->entitlements();
        $giving = $entitlements === [] ? '' : ', giving '.NameFit::written($entitlements[0]);

        return [
            '' => "product $name is a subscription$giving\n  plan Monthly, every month at ___ EUR",
            'kept' => "product $name is bought once, at ___ EUR$giving",
            'used' => "product $name is used up, at ___ EUR",
        ];
    }

    private static function table(Blueprint $blueprint): string
    {
        for ($n = count($blueprint->tables) + 1; $blueprint->table("Things $n") !== null || $blueprint->tableOfOne("Thing $n") !== null; $n++);

        // Once people sign in, a new table is for whoever added a row, until a sentence opens it.
        return "table Things $n, each a Thing $n\n  ".implode("\n  ", $blueprint->signIn === null ? ['Name is a text'] : self::OWNED);
    }

    /**
     * The sentence with nothing filled in.
     *
     * @param  class-string<HasSentence>  $class
     * @param  string  $name  what it is called; '' where it is not called yet
     */
    private static function begun(string $class, string $name): string
    {
        $words = [];
        foreach (Sentences::of($class)->head as $part) {
            $words[] = match (true) {
                $part instanceof Words => $part->words,
                $part instanceof Blank && $part->fit instanceof NameFit && $name !== '' => NameFit::written($name),
                $part instanceof Blank => $part->fit->print('', []),
                $part instanceof Series => $class === FieldTypes\ChoiceType::class || $class === FieldTypes\ChoicesType::class ? '"One", "Two"' : '___',
                default => 'is a text',
            };
        }

        return str_replace(' ,', ',', implode(' ', $words));
    }

    private static function freeName(Blueprint $blueprint, string $list, string $called): string
    {
        $taken = [];
        foreach (Prose::nodes(Pointer::get($list, $blueprint->data())) as $node) {
            foreach (['name', 'provider'] as $key) {
                $taken[] = is_string($node[$key] ?? null) ? Names::inFormula($node[$key]) : '';
            }
        }
        $numbered = str_ends_with($called, ' 1');
        $stem = $numbered ? substr($called, 0, -2) : $called;
        for ($n = $numbered ? intdiv(count($taken), 2) + 1 : 1; $called !== ''; $n++) {
            $name = $numbered || $n > 1 ? "$stem $n" : $stem;
            if (! in_array(Names::inFormula($name), $taken, true)) {
                return $name;
            }
        }

        return '';
    }
}
