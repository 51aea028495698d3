<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;

/** Lets the person's own calendar read one of the app's, again and again. */
final readonly class Subscribe implements Effect
{
    use OfAccount;

    public function __construct(public string $calendar = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('subscribe to', new Blank('calendar', NamedFit::of(
            'calendar',
            fn (Blueprint $b): array => array_column($b->calendars, 'name'),
        )));
    }

    public function run(Doing $doing): void
    {
        $calendar = $doing->scene->blueprint->calendar($this->calendar) ?? throw new Refused('This calendar is no longer there.');
        self::needsMe($doing);
        $address = self::accounts($doing)->calendar(self::visit($doing), $calendar->key());
        if ($address === '') {
            throw new Refused('This person has no account to sign in with.');
        }
        $doing->outcome->onDevice('subscribe', $address);
        $doing->scene->trail->step('calendar', $calendar->name, $doing->scene->at);
    }
}
