<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Earnings;

use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\CurrencyFit;
use Lanai\Core\Language\Fits\DecimalFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Text\Names;

/** How a subscription is paid: how often, how much, and how it begins. */
final readonly class Plan implements HasSentence
{
    private const EVERY = ['week' => 'week', 'month' => 'month', 'quarter' => 'three months', 'half' => 'half year', 'year' => 'year'];

    /** As durations of ISO 8601. */
    private const PERIODS = ['week' => 'P1W', 'month' => 'P1M', 'quarter' => 'P3M', 'half' => 'P6M', 'year' => 'P1Y'];

    /**
     * @param  'week'|'month'|'quarter'|'half'|'year'|''  $every
     * @param  string  $price  a decimal
     * @param  string  $currency  ISO 4217
     * @param  int|null  $freeDays  before the first payment, once for each person
     * @param  string  $begins  a lower price, a decimal, of the first payments; once for each person
     * @param  int|null  $begin  how many payments that is
     * @param  list<LocalPrice>  $prices  in other countries
     */
    public function __construct(
        public string $name,
        public string $every = '',
        public string $price = '',
        public string $currency = '',
        public ?int $freeDays = null,
        public string $begins = '',
        public ?int $begin = null,
        public string $stored = '',
        #[ListOf(LocalPrice::class)] public array $prices = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'plan',
            new Blank('name', NameFit::seen('the name of the plan')),
            ', every',
            new Blank('every', ChoiceFit::of('how often it is paid', self::EVERY)),
            'at',
            new Blank('price', new DecimalFit()),
            new Blank('currency', new CurrencyFit()),
        )->clauses(
            Clause::of('after', 'free days', new Blank('freeDays', NumberFit::whole(1, 365)), new Words('days free', 'day free')),
            Clause::of(
                'at first',
                'a lower price at first',
                new Blank('begins', new DecimalFit()),
                new Words('for'),
                new Blank('begin', NumberFit::whole(1, 12)),
                new Words('times', 'time'),
            ),
            Clause::of('stored as', 'known to the tills as', new Blank('stored', NameFit::column()))->aside(),
        )->below(new Children('prices', Family::only('“costs”', LocalPrice::class), 'a price in other countries'));
    }

    /** How often it is paid, as a duration of ISO 8601; '' where that is not said yet. */
    public function period(): string
    {
        return self::PERIODS[$this->every] ?? '';
    }

    /** Whether its first payments are lower. */
    public function beginsLower(): bool
    {
        return $this->begins !== '' && $this->begin !== null;
    }

    public function everyInWords(): string
    {
        return self::EVERY[$this->every] ?? '';
    }

    /** What purchases keep of it. */
    public function key(): string
    {
        return $this->stored !== '' ? $this->stored : Names::inStorage($this->name);
    }

    /** Whether nothing of it is still to be filled in. */
    public function isWhole(): bool
    {
        return $this->every !== '' && $this->price !== '' && $this->currency !== '';
    }

    public function cycle(): Cycle
    {
        return match ($this->every) {
            'week' => new Cycle('week'),
            'quarter' => new Cycle('month', 3),
            'half' => new Cycle('month', 6),
            'year' => new Cycle('year'),
            default => new Cycle('month'),
        };
    }

    /** How many months it is paid for at once; a week is 12/52 of one, so that plans can be put beside one another. */
    public function months(): float
    {
        return ['week' => 12 / 52, 'quarter' => 3.0, 'half' => 6.0, 'year' => 12.0][$this->every] ?? 1.0;
    }

    /** Whether it costs more than another in the same time; where that cannot be said, as between currencies, it does. */
    public function isDearerThan(self $other): bool
    {
        return $this->currency !== $other->currency || (float) $this->price / $this->months() > (float) $other->price / $other->months() + 1e-9;
    }
}
