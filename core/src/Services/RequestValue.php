<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;

/** "sends the query "days" = 7": one value that goes out with a request. */
final readonly class RequestValue implements HasSentence
{
    public const PLACES = ['query' => 'the query', 'header' => 'the header', 'body' => 'in the body'];

    /**
     * @param  'query'|'header'|'body'|''  $in
     * @param  string  $name  in a JSON body the way to the value, such as "options.days" or "items[0].name"
     * @param  string  $value  a formula
     */
    public function __construct(public string $in = '', public string $name = '', public string $value = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'sends',
            new Blank('in', ChoiceFit::of('the query, a header or the body', self::PLACES)),
            new Blank('name', TextFit::plain()),
            '=',
            new Blank('value', FormulaFit::giving(Kind::Any)),
        );
    }
}
