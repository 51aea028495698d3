<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

/** "sends the query "days" = 7": one value that goes out with a request. */
final readonly class Sent implements HasSentence
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
        return Sentence::of('sends', new Blank('in', ChoiceFit::of('the query, a header or the body', self::PLACES)), new Blank('name', TextFit::plain()), '=', new Blank('value', FormulaFit::giving(Kind::Any)));
    }
}
