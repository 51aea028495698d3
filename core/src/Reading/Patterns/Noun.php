<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Lexicon;
use Lanai\Core\Text\Names;

/** How something that is kept is called in the sentences of an app: its table, one of it, its screens, and it in formulas. */
final readonly class Noun
{
    /** What it can be called that means something else already. */
    private const TAKEN = ['person' => 'Person', 'me' => 'My thing', 'account' => 'Account entry', 'screen' => 'App screen', 'input' => 'Entry'];

    public string $one;

    public string $many;

    public function __construct(public string $noun, Lexicon $lexicon)
    {
        $this->one = self::TAKEN[$noun] ?? ucfirst($noun);
        $many = ucfirst($lexicon->many(mb_strtolower($this->one)));
        $this->many = $many === $this->one ? "All $many" : $many;
    }

    /** A name as it stands in a sentence. */
    public static function said(string $name): string
    {
        return Names::bare($name) ? $name : '"'.strtr($name, ['"' => '\\"']).'"';
    }

    public static function a(string $name): string
    {
        return (strpbrk(mb_strtolower($name[0] ?? ''), 'aeiou') === false ? 'a ' : 'an ').self::said($name);
    }

    /** It in formulas, where a screen is about it. */
    public function key(): string
    {
        return Names::inFormula($this->one);
    }

    /** All of it in formulas. */
    public function all(): string
    {
        return Names::inFormula($this->many);
    }
}
