<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** A picture, a sound or a file that the app brings with it. */
final readonly class Asset implements HasSentence
{
    /**
     * @param  string  $file  the name under which it is kept
     * @param  string  $alt  what it shows, for people who cannot see it
     */
    public function __construct(public string $name, public string $file = '', public string $alt = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('asset', new Blank('name', NameFit::of('the name of the asset')), 'is', new Blank('file', TextFit::plain()))
            ->clauses(Clause::of('described as', 'described for people who cannot see it', new Blank('alt', TextFit::words())));
    }

    public function key(): string
    {
        return Prefix::Asset->key(Names::inFormula($this->name));
    }

    public function isPicture(): bool
    {
        return Pattern::match('/\.(png|jpe?g|webp|gif|svg)$/', $this->file);
    }

    public function type(): Type
    {
        return Type::of($this->isPicture() || $this->file === '' ? Kind::Picture : Kind::Text);
    }
}
