<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Text\Pattern;
use Symfony\Component\ExpressionLanguage\Node\Node;
use Symfony\Component\ExpressionLanguage\Parser;
use Symfony\Component\ExpressionLanguage\SyntaxError;
use Symfony\Component\ExpressionLanguage\Token;

/** A formula, parsed once; its tree serves checking, evaluation and the way to a query alike. */
final class Formula
{
    /** @var array<string, self> */
    private static array $parsed = [];

    private function __construct(public readonly string $text, public readonly Node $tree)
    {
    }

    /** @throws FormulaMistake where it does not read as a formula */
    public static function of(string $text): self
    {
        if (isset(self::$parsed[$text])) {
            return self::$parsed[$text];
        }
        if (trim($text) === '') {
            throw new FormulaMistake('There is no formula here yet.');
        }
        try {
            $literals = Literals::in($text);
            $tree = $literals->into((new Parser([]))->parse($literals->tokens(), [], Parser::IGNORE_UNKNOWN_VARIABLES | Parser::IGNORE_UNKNOWN_FUNCTIONS));
        } catch (SyntaxError $error) {
            throw self::plain($error, $text);
        }
        if (count(self::$parsed) > 5000) {
            self::$parsed = [];
        }

        return self::$parsed[$text] = new self($text, $tree);
    }

    /** One that does not read as such: it is never evaluated. */
    public static function unread(string $text): self
    {
        return new self($text, new Node());
    }

    /** Says nothing about a row: it is never evaluated. */
    public static function none(): self
    {
        return new self('', new Node());
    }

    /** A part of another formula's tree. */
    public static function fromTree(Node $tree): self
    {
        return new self('', $tree);
    }

    /** @throws FormulaMistake */
    public function typeIn(Scope $scope): Type
    {
        return (new Inference($this, $scope))->type();
    }

    /** @return list<string> the names that stand in it by themselves, or after `this` */
    public function names(): array
    {
        $names = [];
        $this->renamed(function (WordSpot $word) use (&$names): ?string {
            if (count($word->path) === 1 || (count($word->path) === 2 && $word->path[0] === 'this')) {
                $names[] = $word->word();
            }

            return null;
        });

        return array_values(array_unique($names));
    }

    /** Where a name, function or member first stands, in characters from 0. */
    public function positionOf(string $word): int
    {
        $stream = Literals::in($this->text)->tokens();
        while (! $stream->isEOF()) {
            if ((string) $stream->current->value === $word) {
                return max(0, (int) $stream->current->cursor - 1);
            }
            $stream->next();
        }

        return 0;
    }

    /**
     * The formula with some names spelled anew.
     *
     * @param  callable(WordSpot): ?string  $rename  gets a word where it stands, answers its new spelling
     */
    public function renamed(callable $rename, ?Scope $scope = null): string
    {
        $stream = Literals::in($this->text)->tokens();
        $path = [];
        $root = null;
        $joined = false;
        $changes = [];
        /** @var list<array{from: int, argument: int, called: bool, scopes: list<Scope>}> $open */
        $open = [];
        $scopes = $scope === null ? [] : [$scope];
        $from = 0;
        while (! $stream->isEOF()) {
            $token = $stream->current;
            $at = max(0, (int) $token->cursor - 1);
            if ($token->test(Token::NAME_TYPE)) {
                [$path, $root] = $joined ? [[...$path, (string) $token->value], $root] : [[(string) $token->value], null];
                $from = $joined ? $from : $at;
                $new = $rename(new WordSpot($path, $scopes, $root));
                if ($new !== null) {
                    $changes[] = [$at, strlen((string) $token->value), $new];
                }
            } elseif ($token->test(Token::PUNCTUATION_TYPE, '(')) {
                $called = count($path) === 1 && $root === null && $at === $from + strlen($path[0]);
                $open[] = [
                    'from' => $called ? $from : $at,
                    'argument' => $at + 1,
                    'called' => $called && in_array($path[0], ListFunctions::NAMES, true),
                    'scopes' => $scopes,
                ];
            } elseif (
                $token->test(Token::PUNCTUATION_TYPE, ',') &&
                $open !== [] &&
                end($open)['called'] &&
                $scopes === end($open)['scopes'] &&
                $scopes !== []
            ) {
                // What follows is about each item of the list before the comma.
                $item = $this->typeBetween(end($open)['argument'], $at, end($scopes))?->of;
                $scopes = $item === null ? $scopes : [...$scopes, end($scopes)->inItem($item)];
            } elseif ($token->test(Token::PUNCTUATION_TYPE, ')') && $open !== []) {
                $closed = array_pop($open);
                $scopes = $closed['scopes'];
                [$path, $root, $from] = [[], $scopes === [] ? null : $this->typeBetween($closed['from'], $at + 1, end($scopes)), $closed['from']];
            }
            $joined = $token->test(Token::PUNCTUATION_TYPE, '.') || $token->test(Token::PUNCTUATION_TYPE, '?.');
            $stream->next();
        }
        $text = $this->text;
        foreach (array_reverse($changes) as [$place, $length, $new]) {
            $text = substr_replace($text, $new, $place, $length);
        }

        return $text;
    }

    private function typeBetween(int $from, int $to, Scope $scope): ?Type
    {
        try {
            return self::of(trim(substr($this->text, $from, $to - $from)))->typeIn($scope);
        } catch (FormulaMistake) {
            return null;
        }
    }

    private static function plain(SyntaxError $error, string $text): FormulaMistake
    {
        $message = $error->getMessage();
        $position = Pattern::match('/around position (\d+)/', $message, $found) ? max(0, (int) $found[1] - 1) : 0;
        $position = min($position, strlen($text));
        $rest = trim(substr($text, $position));
        $plain = match (true) {
            str_contains($message, 'Unclosed') => 'A bracket or quote is opened here and not closed.',
            str_contains($message, 'end of expression'), $rest === '' => 'The formula stops too early: something is missing at its end.',
            str_contains($message, 'Unexpected character "="') && ! Pattern::match('/[=!<>]=/', $text) => 'Use == to compare two values.',
            default => 'The formula cannot be read from “'.mb_substr($rest, 0, 20).'” on.',
        };

        return new FormulaMistake($plain, $position, str_starts_with($plain, 'Use ==') ? Pattern::replace('/(?<![=!<>])=(?!=)/', '==', $text) : null);
    }
}
