<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Walk;
use Lanai\Core\Lines\Shown;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Piece;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Routine;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\OwnWords;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Wording\InWords;

/** Every text of an app that people read. */
final readonly class AppTexts
{
    private function __construct()
    {
    }

    /** @return list<AppText> in the order of the script */
    public static function of(Blueprint $blueprint): array
    {
        return self::in($blueprint->walk());
    }

    /** @return list<AppText> in the order of the script */
    public static function in(Walk $walk): array
    {
        $texts = [];
        foreach ($walk->blanks as $spot) {
            $text = self::at($spot);
            if ($text !== null && Pattern::match('/\p{L}/u', Pattern::replace('/\{[^{}]*\}|°[CF]/u', '', $text->source))) {
                $texts[] = $text;
            }
        }

        return $texts;
    }

    /** @return list<AppText> what Lanai itself says in every app; an app can say it in languages that Lanai does not speak, or otherwise */
    public static function own(): array
    {
        return array_map(self::ownOne(...), array_keys(OwnWords::all()));
    }

    /** @param  string  $sentence  one of OwnWords::all() */
    public static function ownOne(string $sentence): AppText
    {
        return new AppText('', AppText::OWN, OwnWords::ON, $sentence, self::values($sentence));
    }

    /** @return list<string> the numbers of its values */
    private static function values(string $message): array
    {
        Pattern::matchAll('/\{(\d)/', $message, $found);
        $numbers = array_map(intval(...), $found[1]);

        return $numbers === [] ? [] : array_map(strval(...), range(0, max($numbers)));
    }

    /** The text of a blank; null where people do not read it. */
    public static function at(BlankSpot $spot): ?AppText
    {
        [$fit, $key, $class, $text] = [$spot->blank->fit, $spot->blank->key, $spot->node->class, $spot->text()];
        if ($text === '') {
            return null;
        }

        return match (true) {
            $fit instanceof TextFit => $fit->seen ? self::words($spot, $fit) : null,
            $class === Shown::class && $key === 'formula' => in_array($spot->node->text('place'), ['picture', 'place'], true) ? null : self::shown($spot),
            // Where a screen has a title that is what is read.
            ! $fit instanceof NameFit, ! $fit->seen, $class === Screen::class && $spot->node->text('title') !== '' => null,
            default => self::named($spot, $text),
        };
    }

    private static function words(BlankSpot $spot, TextFit $fit): ?AppText
    {
        return match (true) {
            ! $fit->plain => self::withValues($spot, AppText::TEXT, Spelling::text($spot->text())),
            $spot->blank->key === 'options' => self::named($spot, $spot->text()),
            default => new AppText($spot->at, AppText::TEXT, self::owner($spot->node), Template::quoted($spot->text(), false)),
        };
    }

    private static function named(BlankSpot $spot, string $name): AppText
    {
        return new AppText($spot->at, AppText::NAME, self::owner($spot->node), Template::quoted($name, false));
    }

    private static function shown(BlankSpot $spot): ?AppText
    {
        $spelled = Spelling::formula($spot->text());

        return $spelled === null ? null : self::withValues($spot, AppText::SHOWN, $spelled);
    }

    /** @param  AppText::TEXT|AppText::SHOWN  $kind */
    private static function withValues(BlankSpot $spot, string $kind, string $text): ?AppText
    {
        try {
            [$source, $formulas] = Template::of($text)->message();
        } catch (FormulaMistake) {
            return null;
        }

        return new AppText(
            $spot->at,
            $kind,
            self::owner($spot->node),
            $source,
            $formulas,
            array_map(fn (string $formula): string => self::inWords($formula, $spot), $formulas),
        );
    }

    private static function inWords(string $formula, BlankSpot $spot): string
    {
        try {
            return InWords::of(Formula::of($formula), $spot->scope);
        } catch (FormulaMistake) {
            return $formula;
        }
    }

    /** The name of the screen, table and the like that it belongs to. */
    public static function owner(NodeSpot $node): string
    {
        foreach ([Screen::class, Piece::class, Routine::class, Table::class, Product::class, Message::class] as $class) {
            $owner = $node->within($class);
            if ($owner !== null) {
                return $owner->text('name');
            }
        }

        return '';
    }
}
