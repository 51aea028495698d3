<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

use Lanai\Core\Formula\Kinds\Kinds;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Values\Currency;
use Lanai\Core\Values\Day;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Lanai\Core\Values\TimeOfDay;
use Symfony\Component\ExpressionLanguage\Lexer;
use Symfony\Component\ExpressionLanguage\Node;
use Symfony\Component\ExpressionLanguage\Token;
use Symfony\Component\ExpressionLanguage\TokenStream;

/**
 * Constants that formulas write as people do: 5 EUR, 2026-12-24, 07:30, 2026-12-24 07:30, 1 h 30 min. They stand where a value
 * can stand. Days are those of ISO 8601, currencies those of ISO 4217.
 */
final readonly class Literals
{
    private const SIGNS = ['€' => 'EUR', '£' => 'GBP', '$' => 'USD', '¥' => 'JPY'];

    private const LENGTH = '\d{1,5} ?(?:days?|d|hours?|h|minutes?|mins?|min|seconds?|secs?|sec|s)\b';

    private const DAY = '/\G(\d{4})-(\d\d)-(\d\d)(?:[ T](\d\d:\d\d)(?!\d))?(?![\w-])/';

    private const TIME = '/\G\d\d:\d\d(?![\w:])/';

    private const MONEY = '/\G(-?)(\d{1,13}(?:\.\d+)?) ?([A-Z]{3})(?!\w)|\G(-?)(\d{1,13}(?:\.\d+)?) ?(€|£|\$|¥)|\G(-?)(€|£|\$|¥) ?(\d{1,'
        .'13}(?:\.\d+)?)(?![\w.])/u';

    /** What stands for a literal in a string, with its number: no text of a formula begins so. */
    private const MARK = "\0literal ";

    /**
     * @param  string  $plain  the text with a string of the same length for each literal
     * @param  array<int, Node\Node>  $found  where it begins => what it is
     */
    private function __construct(private string $plain, private array $found)
    {
    }

    /** @throws FormulaMistake where a day or an amount is none */
    public static function in(string $text): self
    {
        $plain = $text;
        $found = [];
        foreach (self::places($text) as $at) {
            $read = self::read($text, $at);
            if ($read !== null) {
                [$length, $node] = $read;
                $plain = substr_replace($plain, '"'.str_repeat('0', $length - 2).'"', $at, $length);
                $found[$at] = $node;
            }
        }

        return new self($plain, $found);
    }

    /** The text as tokens, each literal a string. */
    public function tokens(): TokenStream
    {
        $stream = (new Lexer())->tokenize($this->plain);
        if ($this->found === []) {
            return $stream;
        }
        $tokens = [];
        while (true) {
            $token = $stream->current;
            $at = (int) $token->cursor - 1;
            $tokens[] =
                $token->test(Token::STRING_TYPE) && isset($this->found[$at]) ? new Token(Token::STRING_TYPE, self::MARK.$at, $token->cursor) : $token;
            if ($stream->isEOF()) {
                break;
            }
            $stream->next();
        }

        return new TokenStream($tokens, $this->plain);
    }

    /**
     * The tree with the values in it.
     *
     * @throws FormulaMistake
     */
    public function into(Node\Node $tree): Node\Node
    {
        foreach ($tree->nodes as $key => $node) {
            if ($node instanceof Node\Node) {
                $tree->nodes[$key] = $this->into($node);
            }
        }
        $value = $tree instanceof Node\ConstantNode ? $tree->attributes['value'] : null;
        if (is_string($value) && str_starts_with($value, self::MARK)) {
            return $this->found[(int) substr($value, strlen(self::MARK))] ?? $tree;
        }

        return $tree instanceof Node\FunctionNode && Tree::name($tree) === 'amount' ? self::amount($tree) : $tree;
    }

    /** A value as a formula writes it; null where none can. */
    public static function written(mixed $value): ?string
    {
        return Kinds::holding($value)->literal($value);
    }

    /**
     * A number times one of the currency: amount(places * 5, "EUR").
     *
     * @throws FormulaMistake
     */
    private static function amount(Node\FunctionNode $node): Node\Node
    {
        [$number, $currency] = [...Tree::arguments($node), null, null];
        $code = $currency instanceof Node\ConstantNode ? $currency->attributes['value'] : null;
        if ($number === null || ! is_string($code) || ! isset(Currency::all()[$code]) || count(Tree::arguments($node)) > 2) {
            throw new FormulaMistake('Write a number and a currency, as in amount(places * 5, "EUR").');
        }

        return new Node\BinaryNode('*', new Node\ConstantNode(new Money(10 ** Currency::digits($code), $code)), $number);
    }

    /** @return list<int> where a value can begin with a digit, a minus or the sign of a currency, outside of texts */
    private static function places(string $text): array
    {
        $places = [];
        $operand = false;
        $choices = [0];
        for ($i = 0, $length = strlen($text); $i < $length; $i++) {
            $char = $text[$i];
            // Within a character of several bytes nothing begins.
            if (ctype_space($char) || (ord($char) & 0xC0) === 0x80) {
                continue;
            }
            if ($char === '"' || $char === "'") {
                for ($i++; $i < $length && $text[$i] !== $char; $i++) {
                    $i += $text[$i] === '\\' ? 1 : 0;
                }
                $operand = true;
            } elseif (! $operand && (ctype_digit($char) || $char === '-' || $char === '$' || ord($char) > 0x7F)) {
                $read =
                    Pattern::match(self::TIME, $text, $found, from: $i) && end($choices) > 0 && ! self::goesOn($text, $i + 5) ? null : self::read($text, $i);
                if ($read !== null) {
                    $places[] = $i;
                    $i += $read[0] - 1;
                } elseif (Pattern::match('/\G\d+(?:\.\d+)?(?:[eE][+-]?\d+)?/', $text, $found, from: $i)) {
                    $i += strlen($found[0]) - 1;
                }
                $operand = $char !== '-' || $read !== null;
            } elseif (Pattern::match('/\G[A-Za-z_]\w*/', $text, $found, from: $i)) {
                $i += strlen($found[0]) - 1;
                $operand = ! in_array($found[0], ['and', 'or', 'not', 'in', 'matches', 'contains', 'starts', 'ends', 'with', 'xor'], true);
            } else {
                // A colon after a question mark is that of a choice, and not of a time.
                match ($char) {
                    '(', '[', '{' => ($choices[] = 0),
                    ')', ']', '}' => count($choices) > 1 ? array_pop($choices) : null,
                    '?' => in_array($text[$i + 1] ?? '', ['.', '?', ':'], true) || ($text[$i - 1] ?? '') === '?'
                        ? null
                        : ($choices[] = array_pop($choices) + 1),
                    ':' => ($choices[] = max(0, array_pop($choices) - 1)),
                    default => null,
                };
                $operand = in_array($char, [')', ']', '}'], true);
            }
        }

        return $places;
    }

    /** Whether the colon of a choice is still to come, so that the one before was of a time. */
    private static function goesOn(string $text, int $from): bool
    {
        $depth = $open = 0;
        $rest = Pattern::replace('/"(?:[^"\\\\]|\\\\.)*+"|\'(?:[^\'\\\\]|\\\\.)*+\'|\d\d:\d\d|\?[.?:]/', ' ', substr($text, $from));
        foreach (str_split($rest) as $char) {
            $depth += match ($char) {
                '(', '[', '{' => 1,
                ')', ']', '}' => -1,
                default => 0,
            };
            if ($depth < 0) {
                return false;
            }
            $open += $depth === 0 && $char === '?' ? 1 : 0;
            if ($depth === 0 && $char === ':' && --$open < 0) {
                return true;
            }
        }

        return false;
    }

    /** @return array{int, Node\Node}|null how long it is, and what */
    private static function read(string $text, int $at): ?array
    {
        if (Pattern::match(self::DAY, $text, $found, from: $at)) {
            $day = Day::of("$found[1]-$found[2]-$found[3]") ?? throw new FormulaMistake("There is no day {$found[1]}-{$found[2]}-{$found[3]}.", $at);
            $time = isset($found[4]) ? TimeOfDay::of($found[4]) ?? throw new FormulaMistake("There is no time {$found[4]}.", $at) : null;

            return [
                strlen($found[0]),
                $time === null
                    ? new Node\ConstantNode($day)
                    : new Node\FunctionNode('at', new Node\Node([new Node\ConstantNode($day), new Node\ConstantNode($time)])),
            ];
        }
        if (Pattern::match(self::TIME, $text, $found, from: $at)) {
            return [5, new Node\ConstantNode(TimeOfDay::of($found[0]) ?? throw new FormulaMistake("There is no time {$found[0]}.", $at))];
        }
        if (Pattern::match('/\G'.self::LENGTH.'(?: '.self::LENGTH.')*/', $text, $found, from: $at)) {
            $duration = Duration::of($found[0]);

            return $duration === null ? null : [strlen($found[0]), new Node\ConstantNode($duration)];
        }
        if (Pattern::match(self::MONEY, $text, $found, PREG_UNMATCHED_AS_NULL, $at)) {
            [$minus, $amount, $currency] = match (true) {
                $found[3] !== null => [$found[1], $found[2], $found[3]],
                $found[6] !== null => [$found[4], $found[5], self::SIGNS[$found[6]]],
                default => [$found[7], $found[9], self::SIGNS[(string) $found[8]] ?? ''],
            };
            if (! isset(Currency::all()[$currency])) {
                throw new FormulaMistake("There is no currency {$currency}. Write its code, as in 5 EUR.", $at);
            }
            $money =
                Money::of($minus.$amount, $currency) ??
                throw new FormulaMistake("“{$found[0]}” is not an amount: {$currency} has ".Currency::digits($currency).' decimals.', $at);

            return strlen($found[0]) < 2 ? null : [strlen($found[0]), new Node\ConstantNode($money)];
        }

        return null;
    }

    /** A text as formulas write it. */
    public static function text(string $text): string
    {
        return '"'.addcslashes($text, '"\\').'"';
    }
}
