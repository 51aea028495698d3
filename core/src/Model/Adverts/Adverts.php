<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Adverts;

use Lanai\Core\Adverts\Caps;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\CurrencyFit;
use Lanai\Core\Language\Fits\DecimalFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Fits\EntitlementFit;
use Lanai\Core\Model\Fits\ScreenFit;

/** Through whom an app shows adverts, and within which rules. */
final readonly class Adverts implements HasSentence
{
    /** What adverts may not be about, with categories of IAB content taxonomy 1.0 (from memory). */
    private const ABOUT = [
        'politics' => ['politics', ['IAB11']],
        'religion' => ['religion', ['IAB23']],
        'dating' => ['dating', ['IAB14-1']],
        'alcohol' => ['alcohol', ['IAB8-5', 'IAB8-18']],
        'gambling' => ['gambling', ['IAB9-7']],
        'games' => ['games', ['IAB9-30']],
        'money' => ['money', ['IAB13']],
        'weight' => ['losing weight', ['IAB7-44']],
    ];

    /** Nobody wants these in an app that others open, too. */
    private const NEVER = ['IAB25', 'IAB26'];

    /**
     * @param  list<string>  $none  names of entitlements: who has one of them sees no adverts
     * @param  list<string>  $never  names of screens without adverts
     * @param  bool  $children  also children use the app: then adverts are never about the person
     * @param  list<string>  $unwanted  keys of what they may not be about
     * @param  string  $floor  the lowest price for a thousand, a decimal
     * @param  string  $currency  ISO 4217
     * @param  string  $asking  the screen that asks for consent; '' for none
     * @param  string  $seller  by which the network knows the founder
     */
    public function __construct(
        public string $network,
        public string $seller = '',
        public array $none = [],
        public ?int $hourly = null,
        public ?int $daily = null,
        public ?int $after = null,
        public array $never = [],
        public bool $children = false,
        public array $unwanted = [],
        public string $floor = '',
        public string $currency = '',
        public string $asking = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('adverts through', new Blank('network', NameFit::of('the name of the network')))->clauses(
            Clause::of('as seller', 'by what the network knows you', new Blank('seller', TextFit::plain())),
            Clause::of('none for those with', 'who sees none', new Series('none', 'and', new EntitlementFit())),
            Clause::of('at most', 'how many in an hour', new Blank('hourly', NumberFit::whole(1, 60)), new Words('an hour')),
            Clause::of('up to', 'how many in a day', new Blank('daily', NumberFit::whole(1, 200)), new Words('a day')),
            Clause::of('not in the first', 'none at first', new Blank('after', NumberFit::whole(1, 100)), new Words('visits', 'visit')),
            Clause::of('never on', 'screens without any', new Series('never', 'and', new ScreenFit())),
            Clause::of('not about', 'what they may not be about', new Series(
                'unwanted',
                'and',
                ChoiceFit::of('what they may not be about', array_map(fn (array $one): string => $one[0], self::ABOUT)),
            )),
            Clause::of(
                'from',
                'the lowest price',
                new Blank('floor', new DecimalFit()),
                new Blank('currency', new CurrencyFit()),
                new Words('a thousand'),
            ),
            Clause::of('asking on', 'where consent is asked for', new Blank('asking', new ScreenFit())),
            Clause::flag('children', 'also for children'),
        );
    }

    public function caps(): Caps
    {
        return new Caps($this->hourly, $this->daily, $this->after ?? 0);
    }

    /** @return list<string> categories of IAB content taxonomy 1.0 that are not wanted */
    public function blocked(): array
    {
        return array_values(array_unique(array_merge(self::NEVER, ...array_map(fn (string $key): array => self::ABOUT[$key][1] ?? [], $this->unwanted))));
    }
}
