<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Earnings;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\CountryFit;
use Lanai\Core\Language\Fits\CurrencyFit;
use Lanai\Core\Language\Fits\DecimalFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;

/** What something costs in some countries, where that is said one by one. */
final readonly class LocalPrice implements HasSentence
{
    /**
     * @param  string  $price  a decimal
     * @param  string  $currency  ISO 4217
     * @param  list<string>  $countries  ISO 3166-1
     * @param  string  $begins  the lower price of the first payments there, a decimal; '' for one that is as much lower as elsewhere
     */
    public function __construct(public string $price = '', public string $currency = '', public array $countries = [], public string $begins = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'costs',
            new Blank('price', new DecimalFit()),
            new Blank('currency', new CurrencyFit()),
            'in',
            new Series('countries', 'and', new CountryFit()),
        )->clauses(Clause::of('at first', 'the lower price at first', new Blank('begins', new DecimalFit())));
    }

    /** Whether nothing of it is still to be filled in. */
    public function isWhole(): bool
    {
        return $this->price !== '' && $this->currency !== '' && $this->countries !== [];
    }
}
