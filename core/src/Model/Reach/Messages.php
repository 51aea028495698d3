<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Reach;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\ListOf;

/** Within which rules an app writes to people: when it is quiet, how often at most, and which kinds of messages there are. */
final readonly class Messages implements HasSentence
{
    /**
     * @param  string  $quiet  the time of the day where somebody is from which nothing comes, such as "21:30"; '' for no such time
     * @param  string  $until  the time at which it comes again
     * @param  int|null  $daily  how many at most to one person in 24 hours
     * @param  list<Channel>  $channels
     */
    public function __construct(
        public string $quiet = '',
        public string $until = '',
        public ?int $daily = null,
        #[ListOf(Channel::class)] public array $channels = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('messages')
            ->clauses(
                Clause::of(
                    'quiet from',
                    'hours in which none come',
                    new Blank('quiet', TextFit::plain()),
                    new Words('until'),
                    new Blank('until', TextFit::plain()),
                ),
                Clause::of('at most', 'how many in a day', new Blank('daily', NumberFit::whole(1, 50)), new Words('a day')),
            )
            ->below(new Children('channels', Family::only('“channel”', Channel::class), 'a channel'));
    }

    public function channel(string $name): ?Channel
    {
        foreach ($this->channels as $channel) {
            if (mb_strtolower($channel->name) === mb_strtolower($name)) {
                return $channel;
            }
        }

        return null;
    }
}
