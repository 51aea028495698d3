<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\CurrencyFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Measured;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Values\Currency;
use Lanai\Core\Values\Money;

/** An amount of money, kept as a whole number of minor units. */
final readonly class MoneyType implements FieldType, Measured
{
    use StoredByKind;

    /** @param  string  $currency ISO 4217 */
    public function __construct(public string $currency = 'EUR', public ?int $least = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('is money in', new Blank('currency', new CurrencyFit()))->clauses(
            Clause::joined('from', 'from', new Blank('least', NumberFit::whole())),
        );
    }

    public function type(): Type
    {
        return Type::money($this->currency);
    }

    public function column(): string
    {
        return 'INTEGER';
    }

    public function read(mixed $input): ?Money
    {
        if ($input instanceof Money && $input->currency === $this->currency) {
            $money = $input;
        } else {
            $text = self::typed($input);
            if ($text === '') {
                return null;
            }
            $money = Money::of($text, $this->currency);
            if ($money === null) {
                $digits = Currency::digits($this->currency);
                throw new UnreadableValue(
                    "“{$text}” is not an amount in {$this->currency}. Write it as ".($digits === 0 ? '1250' : '12.'.str_repeat('5', $digits)).'.',
                );
            }
        }
        if ($this->least !== null && $money->minor < $this->least * 10 ** Currency::digits($this->currency)) {
            throw new UnreadableValue("This must be at least {$this->least} {$this->currency}.");
        }

        return $money;
    }

    public function control(): string
    {
        return 'number';
    }

    public function measures(): array
    {
        return ['unit' => $this->currency] + ($this->least === null ? [] : ['least' => $this->least]);
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return new Money(50 * $faker->numberBetween(2 * ($this->least ?? 2), 60 + 2 * ($this->least ?? 2)), $this->currency);
    }
}
