<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Values\Duration;

/** Gives a product to somebody, as for a code or an invitation: for good, or for so long, which lengthens what they were given before. */
final readonly class GiveProduct implements Effect
{
    use OfPurchase;

    /** A hundred years, in seconds. */
    private const LONGEST = 3_155_760_000;

    /**
     * @param  string  $to  a formula that gives a person
     * @param  string  $for  a formula that gives a duration; '' for good
     */
    public function __construct(public string $product, public string $to = '', public string $for = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('give', new Blank('product', NamedFit::product()), 'to', new Blank('to', FormulaFit::giving(Kind::Row)))->clauses(
            Clause::of('for', 'for how long', new Blank('for', FormulaFit::giving(Kind::Duration))),
        );
    }

    private function seconds(Doing $doing, Product $product): ?int
    {
        if ($this->for === '') {
            return null;
        }
        $for = $doing->scene->value($this->for, 'for');
        $seconds = $for instanceof Duration ? (int) $for->seconds : 0;

        return $seconds > 0 && $seconds <= self::LONGEST
            ? $seconds
            : throw new Refused("For how long $product->name is given is no length of time.");
    }

    public function run(Doing $doing): void
    {
        $product = self::product($doing, $this->product);
        $person = $doing->scene->value($this->to, 'to');
        if (! ($person instanceof Row) || ! $person->table->people) {
            throw new Refused("There is nobody to whom $product->name could be given.");
        }
        self::tills($doing)->give($person, $product, $doing->scene->moment->now, $this->seconds($doing, $product));
        $doing->scene->reader->forget();
        $doing->scene->trail->step('gave', "$product->name to ".$person->label(), $doing->scene->at);
    }
}
