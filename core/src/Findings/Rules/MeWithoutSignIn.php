<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Screen;
use Lanai\Core\Play\Line;
use Lanai\Core\Text\Pattern;

/** A screen that opens without signing in, and shows or lists something of "me". */
final class MeWithoutSignIn implements OfOneScreen
{
    public function holds(): string
    {
        return 'What is one’s own is shown only to whoever has signed in.';
    }

    public function station(): Station
    {
        return Station::People;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->signIn === null ? [] : $reading->walk()->blanks as $blank) {
            $screen = $blank->node->within(Screen::class);
            $isText = $blank->blank->fit instanceof TextFit && ! $blank->blank->fit->plain && is_a($blank->node->class, Line::class, true);
            $isList = $blank->node->is(ListLine::class) && $blank->blank->key === 'where';
            if ($screen === null || ($screen->data['signedIn'] ?? false) === true || (! $isText && ! $isList)) {
                continue;
            }
            $text = $blank->text();
            $shown = $isText ? implode(' ', array_map(fn (Formula $f): string => $f->text, self::formulas($text))) : $text;
            if (
                ! Pattern::match('/\b(me|account)\b\s*(\.|==|\))|==\s*me\b/', $shown) ||
                Pattern::match('/\?\?|\bcoalesce\(|\bme\s*!=\s*null|\bme\s*==\s*null/', $shown) ||
                self::guarded($blank->node)
            ) {
                continue;
            }
            yield Finding::warning(
                self::class,
                $blank->at,
                $isList ? 'Whoever has not signed in sees this list empty, and is not told why.' : 'Whoever has not signed in reads this with a gap in it.',
                Mend::put('Open the screen only when signed in', "$screen->at/signedIn", true),
            );
        }
    }

    /** True where the line, or one that it stands in, shows only under a condition about the person. */
    private static function guarded(NodeSpot $node): bool
    {
        for ($at = $node; $at !== null; $at = $at->parent) {
            if (Pattern::match('/\b(me|account)\b/', $at->text('if'))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Formula> */
    private static function formulas(string $text): array
    {
        try {
            return Template::of($text)->formulas();
        } catch (FormulaMistake) {
            return [];
        }
    }
}
