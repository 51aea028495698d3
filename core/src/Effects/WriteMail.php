<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;

/** Begins a mail in the person's own mail program (RFC 6068). */
final readonly class WriteMail implements Effect
{
    use OnDevice;

    public function __construct(public string $to, public string $about = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('mail to', new Blank('to', FormulaFit::giving(Kind::Text)))->clauses(Clause::joined('about', 'about', new Blank('about', new TextFit)));
    }

    public function run(Doing $doing): void
    {
        $to = self::needed($this->to === '' ? null : $doing->scene->value($this->to, 'to'), 'There is no mail address.');
        $about = $doing->scene->text($this->about, 'about');
        $doing->outcome->then('open', 'mailto:'.str_replace('%40', '@', rawurlencode($to)).($about === '' ? '' : '?subject='.rawurlencode($about)));
    }
}
