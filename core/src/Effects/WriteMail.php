<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Begins a mail in the person's own mail program (RFC 6068). */
final readonly class WriteMail implements Effect
{
    use OnDevice;

    public function __construct(public string $to, public string $about = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('mail to', new Blank('to', FormulaFit::giving(Kind::Text)))->clauses(
            Clause::joined('about', 'about', new Blank('about', new TextFit())),
        );
    }

    public function run(Doing $doing): void
    {
        $to = self::needed($this->to === '' ? null : $doing->scene->value($this->to, 'to'), 'There is no mail address.');
        $about = $doing->scene->text($this->about, 'about');
        $doing->outcome->onDevice('open', 'mailto:'.str_replace('%40', '@', rawurlencode($to)).($about === '' ? '' : '?subject='.rawurlencode($about)));
    }
}
