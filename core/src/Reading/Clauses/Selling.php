<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Clauses;

use Lanai\Core\Reading\Clause;
use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Sentence;

/** What somebody pays again and again: “5 euros a month”, “60 euros per year”, “free, but 2 euros a month without ads”. */
final readonly class Selling implements Clause
{
    private const CURRENCIES = [
        'euro' => 'EUR', 'euros' => 'EUR', 'eur' => 'EUR', '€' => 'EUR', 'dollar' => 'USD', 'dollars' => 'USD', 'pound' => 'GBP', 'pounds' => 'GBP',
        'franc' => 'CHF', 'francs' => 'CHF',
    ];

    private const PERIODS = ['week', 'month', 'year'];

    public function read(Sentence $sentence, Draft $draft): void
    {
        foreach ($sentence->words as $i => $word) {
            $currency = self::CURRENCIES[$word->is] ?? '';
            $every = $sentence->words[$i + 2]->is ?? '';
            $isRepeated = $sentence->is($i + 1, 'a', 'per', 'each', 'every') && in_array($every, self::PERIODS, true);
            $price = strtr($sentence->words[$i - 1]->is ?? '', ',', '.');
            if ($currency !== '' && $isRepeated && is_numeric($price)) {
                $draft->sells ??= ['price' => number_format((float) $price, 2, '.', ''), 'currency' => $currency, 'every' => $every,
                    'from' => $sentence->from($i - 1, $i + 3)];
                $draft->does('buy', 'subscription', '', $sentence->from($i - 1, $i + 3));
            }
        }
    }
}
