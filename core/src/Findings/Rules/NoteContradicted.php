<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Pattern;

/** A standing note of the app says otherwise than the app does. */
final class NoteContradicted implements Rule
{
    /** What a note can rule out => how the app has it all the same. */
    private const RULED_OUT = [
        'signIn' => '~\b(?:no|without|never any|not any)\s+(?:sign[- ]?in|sign[- ]?up|log[- ]?in|login|accounts?|registration|passwords?)\b~iu',
        'adverts' => '~\b(?:no|without|never any|never show|free of)\s+(?:ads?|adverts?|advertising|advertisements)\b|\bad-free\b~iu',
        'products' => '~\b(?:no|without|never any)\s+(?:payments?|purchases?|subscriptions?|prices?)\b|\b(?:stays?|is|be)\s+(?:always\s+)?free\b|'.
            '\bfree for everybody\b~iu',
        'messages' => '~\b(?:no|without|never any|never send)\s+(?:push|messages|notifications)\b~iu',
    ];

    private const SAYS = [
        'signIn' => 'people sign in',
        'adverts' => 'there are adverts',
        'products' => 'something is sold',
        'messages' => 'messages are sent',
    ];

    public function holds(): string
    {
        return 'The app keeps to its standing notes.';
    }

    public function station(): Station
    {
        return Station::Brief;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->notes as $i => $note) {
            foreach (self::RULED_OUT as $what => $way) {
                if (! $note->told && Pattern::match($way, $note->text) && self::has($what, $reading->blueprint)) {
                    yield Finding::warning(self::class, "/notes/$i", 'This note and the app do not go together: '.self::SAYS[$what].'.');
                }
            }
        }
    }

    private static function has(string $what, Blueprint $blueprint): bool
    {
        return match ($what) {
            'signIn' => $blueprint->signIn !== null,
            'adverts' => $blueprint->adverts !== null,
            'products' => $blueprint->products !== [],
            default => $blueprint->messages !== null,
        };
    }
}
