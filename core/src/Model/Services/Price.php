<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\DecimalFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** What a model costs, as the provider's price list says it. */
final readonly class Price implements HasSentence
{
    public const SIZES = ['small' => 'small', 'medium' => 'medium', 'large' => 'large'];

    public const UNITS = [
        'in' => 'a million tokens in',
        'out' => 'a million tokens out',
        'picture' => 'a picture',
        'characters' => 'a million characters',
        'call' => 'a call',
    ];

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
        return Sentence::of(
            'price with',
            new Blank('model', TextFit::plain(), mayBeEmpty: true),
            'is',
            new Blank('amount', new DecimalFit()),
            'for',
            new Blank('for', ChoiceFit::of('what it is for', self::UNITS)),
        )->clauses(Clause::of('sized', 'for pictures of one size', new Blank('size', ChoiceFit::of('small, medium or large', self::SIZES))));
    }
}
