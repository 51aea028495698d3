<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\DecimalFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

/** What a model costs, as the provider's price list says it. */
final readonly class Price implements HasSentence
{
    public const UNITS = ['in' => 'a million tokens in', 'out' => 'a million tokens out', 'picture' => 'a picture', 'characters' => 'a million characters', 'call' => 'a call'];

    /**
     * @param  string  $model  '' for a service without models
     * @param  string  $amount  a decimal, in the service's currency
     * @param  'in'|'out'|'picture'|'characters'|'call'|''  $for
     * @param  'small'|'medium'|'large'|''  $size  for pictures of one size alone; '' for all that have no price of their own
     */
    public function __construct(public string $model = '', public string $amount = '', public string $for = '', public string $size = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('price with', new Blank('model', TextFit::plain(), mayBeEmpty: true), 'is', new Blank('amount', new DecimalFit), 'for', new Blank('for', ChoiceFit::of('what it is for', self::UNITS)))
            ->clauses(Clause::of('sized', 'for pictures of one size', new Blank('size', ChoiceFit::of('small, medium or large', PictureFromWords::SIZES))));
    }
}
