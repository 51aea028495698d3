<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\AdvertRules;
use Lanai\Core\Play\Branching;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\NeedsConfirmation;
use Lanai\Core\Play\Rewards;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Names;

/**
 * Offers an advert for a reward. Whoever says no loses nothing; whoever sees it to its end gets the reward once, after the network has said so to the server.
 * Those who are spared adverts get it without one.
 */
final readonly class OfferAdvert implements Branching
{
    /**
     * @param  string  $name  of the place, by which figures are kept
     * @param  string  $reward  what there is for it, as it is read after "for"
     * @param  int|null  $minutes  at most once in so many; null for as often as the rules allow
     * @param  list<Effect>  $then
     * @param  list<Effect>  $otherwise
     */
    public function __construct(
        public string $name,
        public string $reward = '',
        public ?int $minutes = null,
        #[ListOf(AnyEffect::class)] public array $then = [],
        #[ListOf(AnyEffect::class)] public array $otherwise = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('offer an advert', new Blank('name', NameFit::of('the name of the place')))
            ->clauses(
                Clause::of('for', 'what there is for it', new Blank('reward', new TextFit())),
                Clause::of('at most once in', 'how seldom', new Blank('minutes', NumberFit::whole(1, 1440)), new Words('minutes', 'minute')),
            )
            ->below(
                new Block('then', 'then:', Families::of(AnyEffect::class), 'what there is for whoever has seen it'),
                new Block('otherwise', 'otherwise:', Families::of(AnyEffect::class), 'what is done where it was not seen'),
            );
    }

    public function branches(Blueprint $blueprint): array
    {
        return [$this->then, $this->otherwise];
    }

    public function run(Doing $doing): void
    {
        $scene = $doing->scene;
        if ($scene->blueprint->adverts === null) {
            throw new Refused('There are no adverts in this app yet.');
        }
        if (AdvertRules::isSpared($scene)) {
            $doing->run($this->then, 'then');

            return;
        }
        $place = Names::inStorage($this->name);
        $for = $scene->text($this->reward, 'reward');
        $asked = $for === '' ? $scene->own('Watch an advert?') : $scene->own('Watch an advert for {0}?', $for);
        if (! array_key_exists($scene->at, $doing->replies)) {
            throw new NeedsConfirmation($asked, $scene->at, yes: $scene->own('Watch it'), no: $scene->own('No, thank you'), place: $place, reward: $for);
        }
        $reply = $doing->replies[$scene->at];
        if (! is_string($reply) || $reply === '') {
            $doing->run($this->otherwise, 'otherwise');

            return;
        }
        $rewards = $scene->beside(Rewards::class) ?? throw new Refused('There are no adverts in this app yet.');
        $rewards->take($reply, $place);
        $scene->trail->step('rewarded', $for, $scene->at);
        $doing->run($this->then, 'then');
    }
}
