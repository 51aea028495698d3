<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** The document of the states of a purchase and what leads from one to another, drawn from the fold itself. */
final class StatesDocument
{
    public static function markdown(): string
    {
        $lines = [
            '# What becomes of a purchase',
            '',
            'Written by `php artisan lanai:schema` from `Lanai\Core\Earnings\Subscription`; not by hand.',
            '',
            'A person has what a product gives in the states '.implode(', ', self::named(true)).'; in '.implode(', ', self::named(false)).' they have not.',
            '',
            '## What happens',
            '',
            'What each event makes of each state. Where nothing stands it changes nothing, and is kept all the same.',
            '',
        ];
        $states = array_filter(Status::cases(), fn (Status $s): bool => $s !== Status::Moved);
        $lines[] = '| | '.implode(' | ', array_map(fn (Status $s): string => $s->value, $states)).' |';
        $lines[] = '| --- |'.str_repeat(' --- |', count($states));
        foreach (Subscription::TABLE as $event => $row) {
            $cells = array_map(fn (Status $s): string => ($row[$s->value] ?? null)->value ?? '', $states);
            $lines[] = "| $event | ".implode(' | ', $cells).' |';
        }
        $patience = new Patience();

        return implode("\n", [
            ...$lines,
            '',
            '## What time alone does',
            '',
            '- *trial* and *active* are *in grace* when what is paid, or free, is over and nothing was heard; *paused* where a pause was asked for before.',
            '- *active* is *expired* then where a higher price was asked and they have said nothing.',
            "- *in grace* is *on hold* after $patience->graceDays days, *on hold* is *expired* after $patience->holdDays more (common practice, no source).",
            '- *ending* is *expired* when what is paid is over; *paused* is *in grace* when the pause is.',
            '',
            'What is to come changes no state: that the plan will change with the next period, that a price rises, that somebody agrees to it, and that a',
            'payment is disputed as long as that is not decided.',
            '',
            'A purchase that begins with free days is a *trial* once for each person; who stays after all in their free days is in them again.',
            '',
        ]);
    }

    /** @return list<string> */
    private static function named(bool $has): array
    {
        $some = array_filter(Status::cases(), fn (Status $s): bool => $s->has() === $has);

        return array_values(array_map(fn (Status $s): string => "*$s->value*", $some));
    }
}
