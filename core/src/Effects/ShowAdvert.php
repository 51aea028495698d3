<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Play\AdvertRules;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Text\Names;

/** An advert over the whole screen at a natural pause; whether one comes or not, what follows is done. */
final readonly class ShowAdvert implements Effect
{
    /**
     * @param  string  $name  of the place, by which figures are kept
     * @param  int|null  $minutes  at most once in so many; null for as often as the rules allow
     */
    public function __construct(public string $name, public ?int $minutes = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('show an advert', new Blank('name', NameFit::of('the name of the place')))->clauses(
            Clause::of('at most once in', 'how seldom', new Blank('minutes', NumberFit::whole(1, 1440)), new Words('minutes', 'minute')),
        );
    }

    public function run(Doing $doing): void
    {
        if (AdvertRules::allow($doing->scene)) {
            $doing->outcome->onDevice('advert', Names::inStorage($this->name));
        }
    }
}
