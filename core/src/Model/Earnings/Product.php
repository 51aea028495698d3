<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Earnings;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
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
use Lanai\Core\Values\Currency;

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
     * @param  list<LocalPrice>  $prices  in other countries
     * @param  list<Conversion>  $conversions  how prices are worked out in other countries where none is said
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
        #[ListOf(LocalPrice::class)] public array $prices = [],
        #[ListOf(Conversion::class)] public array $conversions = [],
        #[ListOf(AnyEffect::class)] public array $bought = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'product',
            new Blank('name', NameFit::seen('the name of the product')),
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
                new Children('prices', Family::only('“costs”', LocalPrice::class), 'a price in other countries'),
                new Children('conversions', Family::only('“converts at”', Conversion::class), 'a rate for other countries'),
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

    /**
     * What it costs in a country: what is said for it, or worked out by a rate, or what it costs everywhere.
     *
     * @param  Plan|null  $plan  of a subscription; null for what is paid once
     * @param  string  $country  ISO 3166-1; '' where that is not known
     */
    public function priceIn(string $country, ?Plan $plan = null): Price
    {
        $usual = $plan === null
            ? new Price($this->price, $this->currency)
            : new Price($plan->price, $plan->currency, $plan->beginsLower() ? $plan->begins : '');
        if ($usual->amount === '' || $usual->currency === '') {
            return $usual;
        }
        foreach ($plan === null ? $this->prices : $plan->prices as $local) {
            if ($local->isWhole() && in_array($country, $local->countries, true)) {
                return new Price($local->price, $local->currency, $usual->begins === '' ? '' : self::atFirst($local, $usual));
            }
        }
        foreach ($this->conversions as $conversion) {
            if ($conversion->isWhole() && in_array($country, $conversion->countries, true)) {
                return new Price($conversion->of($usual->amount), $conversion->currency, $usual->begins === '' ? '' : $conversion->of($usual->begins));
            }
        }

        return $usual;
    }

    private static function atFirst(LocalPrice $local, Price $usual): string
    {
        if ($local->begins !== '' || (float) $usual->amount <= 0.0) {
            return $local->begins;
        }
        $digits = Currency::digits($local->currency);

        return (string) BigDecimal::of($local->price)->multipliedBy($usual->begins)->dividedBy($usual->amount, $digits, RoundingMode::HALF_UP);
    }

    /** @return list<string> the countries for which something of it has a price of its own, ISO 3166-1 */
    public function countries(): array
    {
        $all = array_merge(...array_map(fn (LocalPrice|Conversion $of): array => $of->isWhole() ? $of->countries : [], [
            ...$this->prices,
            ...$this->conversions,
            ...array_merge(...array_map(fn (Plan $plan): array => $plan->prices, $this->plans)),
        ]));
        sort($all);

        return array_values(array_unique($all));
    }
}
