<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Earnings;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\CurrencyFit;
use Lanai\Core\Language\Fits\DecimalFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Fits\EntitlementFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Text\Names;

/** Something that the app sells, and what somebody has who bought it. */
final readonly class Product implements HasSentence
{
    public const SUBSCRIPTION = 'subscription';

    public const KEPT = 'kept';

    /** Bought again and again; what it brings is said by its effects. */
    public const USED = 'used';

    private const SOLD = [self::SUBSCRIPTION => 'a subscription', self::KEPT => 'bought once', self::USED => 'used up'];

    /**
     * @param  'subscription'|'kept'|'used'|''  $sold  how
     * @param  string  $price  a decimal; of what is bought once or used up; plans have prices of their own
     * @param  string  $currency  ISO 4217
     * @param  list<string>  $gives  names of entitlements
     * @param  bool  $outside  it is a thing, or a service, that is used outside the app: stores leave that to cards (common practice, no source)
     * @param  list<Plan>  $plans
     * @param  list<AnyEffect>  $bought  done once for each time that somebody bought it, in their name and with the rights of the app
     */
    public function __construct(
        public string $name,
        public string $sold = '',
        public string $price = '',
        public string $currency = '',
        public array $gives = [],
        public bool $outside = false,
        public string $stored = '',
        #[ListOf(Plan::class)] public array $plans = [],
        #[ListOf(AnyEffect::class)] public array $bought = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'product',
            new Blank('name', NameFit::of('the name of the product')),
            'is',
            new Blank('sold', ChoiceFit::of('a subscription, bought once, or used up', self::SOLD)),
        )
            ->clauses(
                Clause::of('at', 'its price', new Blank('price', new DecimalFit()), new Blank('currency', new CurrencyFit())),
                Clause::of('giving', 'what somebody has who bought it', new Series('gives', 'and', new EntitlementFit())),
                Clause::flag('outside', 'used outside the app'),
                Clause::of('stored as', 'known to the tills as', new Blank('stored', NameFit::column()))->aside(),
            )
            ->below(
                new Children('plans', Family::only('“plan”', Plan::class), 'a plan'),
                new Block('bought', 'bought:', Families::of(AnyEffect::class), 'what buying it does'),
            );
    }

    /** Whether it has a price of its own, and no plans. */
    public function isPaidOnce(): bool
    {
        return $this->sold === self::KEPT || $this->sold === self::USED;
    }

    /** Whether it can be sold. */
    public function isWhole(): bool
    {
        return $this->isPaidOnce() ? $this->hasPrice() : array_filter($this->plans, fn (Plan $plan): bool => $plan->isWhole()) !== [];
    }

    /** Whether nothing of its price is still to be filled in. */
    public function hasPrice(): bool
    {
        return $this->price !== '' && $this->currency !== '';
    }

    /** What purchases keep of it: it stays as it was when the product is called otherwise. */
    public function key(): string
    {
        return $this->stored !== '' ? $this->stored : Names::inStorage($this->name);
    }

    /** A plan by its name; the only one where none is named. */
    public function planCalled(string $name): ?Plan
    {
        foreach ($this->plans as $plan) {
            if (mb_strtolower($plan->name) === mb_strtolower($name)) {
                return $plan;
            }
        }

        return $name === '' && count($this->plans) === 1 ? $this->plans[0] : null;
    }

    public function plan(string $key): ?Plan
    {
        foreach ($this->plans as $plan) {
            if ($plan->key() === $key) {
                return $plan;
            }
        }

        return null;
    }
}
