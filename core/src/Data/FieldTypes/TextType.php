<?php

declare(strict_types=1);

namespace Lanai\Core\Data\FieldTypes;

use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\NumberFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** Text of any length, or up to so many characters (as a person counts them). */
final readonly class TextType implements FieldType
{
    public function __construct(public ?int $most = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('a text', 'text'))
            ->clauses(Clause::joined('of at most', 'of at most so many characters', new Blank('most', NumberFit::whole(1, 100000))));
    }

    public function type(): Type
    {
        return Type::of(Kind::Text);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function store(mixed $value): ?string
    {
        return is_string($value) ? $value : null;
    }

    public function load(mixed $stored): ?string
    {
        return is_scalar($stored) ? (string) $stored : null;
    }

    public function read(mixed $input): ?string
    {
        if (! is_scalar($input) || trim((string) $input) === '') {
            return null;
        }
        $text = mb_check_encoding((string) $input, 'UTF-8') ? normalizer_normalize((string) $input) : false;
        if (! is_string($text)) {
            throw new UnreadableValue('This text has characters that cannot be read.');
        }
        if ($this->most !== null && grapheme_strlen($text) > $this->most) {
            throw new UnreadableValue("Please use at most {$this->most} characters; this has ".grapheme_strlen($text).'.');
        }

        return $text;
    }

    public function write(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    public function control(): string
    {
        return 'text';
    }
}
