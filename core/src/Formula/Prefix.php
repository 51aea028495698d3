<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Symfony\Component\ExpressionLanguage\Node;

/** The words before a dot that lead to something other than the part of a row, as in input.name: the only list of them. */
enum Prefix: string
{
    /** What is typed into the boxes of a screen. */
    case Input = 'input';

    /** The rows that a screen is about. */
    case Screen = 'screen';

    /** The values that the app remembers. */
    case App = 'app';

    /** Pictures and sounds that the app brings. */
    case Asset = 'asset';

    /** One's own account. */
    case Account = 'account';

    /** That of a part that is asked for; null where it is asked of anything else. */
    public static function of(Node\GetAttrNode $node): ?self
    {
        $owner = Tree::child($node, 'node');

        return $owner instanceof Node\NameNode ? self::tryFrom(Tree::name($owner)) : null;
    }

    /** Under which the inputs of a scope and of an evaluation keep it. */
    public function key(string $member): string
    {
        return $this === self::Input ? $member : "$this->value.$member";
    }

    /** True where a table, or a row at hand, that is called so comes first. */
    public function yields(): bool
    {
        return $this !== self::Input && $this !== self::Screen;
    }

    /** How a message begins that goes on with a name which is not known. */
    public function unknown(): string
    {
        return match ($this) {
            self::Input => 'There is no input called',
            self::Screen => 'The screen has nothing called',
            self::App => 'There is no value of the app called',
            self::Asset => 'There is no asset called',
            self::Account => 'An account has no',
        };
    }

    /** @param  string  $one  what the row is called, where it is one */
    public function inWords(string $member, string $one = ''): string
    {
        return match ($this) {
            self::Input => "what is typed into $member",
            self::Screen => 'the screen’s '.($one === '' ? $member : $one),
            self::App => "the app’s $member",
            self::Asset => "the asset $member",
            self::Account => "my account’s $member",
        };
    }
}
