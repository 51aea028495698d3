<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Samples;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** Text of one line, with a least and a most length, and a pattern where one is given. */
final readonly class TextType implements FieldType
{
    use KeptAsText;
    use ReadsText;

    /** @param  string  $like  an example: each digit stands for any digit, each letter for any letter, all else for itself */
    public function __construct(public ?int $least = null, public ?int $most = null, public string $like = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a text', 'is text'))->clauses(
            Clause::joined('of at least', 'of at least so many characters', new Blank('least', NumberFit::whole(1, 100000))),
            Clause::joined('of at most', 'of at most so many characters', new Blank('most', NumberFit::whole(1, 100000))),
            Clause::of('written like', 'written like an example', new Blank('like', TextFit::plain())),
        );
    }

    public function read(mixed $input): ?string
    {
        $text = self::clean($input);
        if ($text === null) {
            return null;
        }
        if ($this->like !== '' && ! Pattern::match($this->pattern(), $text)) {
            throw new UnreadableValue("Please write it like “{$this->like}”.");
        }

        return self::sized($text, $this->least, $this->most);
    }

    public function control(): string
    {
        return 'text';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        if ($this->like !== '') {
            return Pattern::replaceEach(
                '/\d|\p{Lu}|\p{Ll}/u',
                fn (array $m): string => match (true) {
                    ctype_digit($m[0]) => (string) $faker->randomDigit(),
                    mb_strtoupper($m[0]) === $m[0] => chr($faker->numberBetween(65, 90)),
                    default => $faker->randomLetter(),
                },
                $this->like,
            );
        }

        return Samples::text($faker, $name, $this->most ?? 60);
    }

    private function pattern(): string
    {
        $pattern = Pattern::replaceEach(
            '/\d|\p{L}|./us',
            fn (array $m): string => match (true) {
                Pattern::match('/\d/', $m[0]) => '\d',
                Pattern::match('/\p{L}/u', $m[0]) => '\p{L}',
                default => preg_quote($m[0], '/'),
            },
            $this->like,
        );

        return "/^$pattern$/uD";
    }
}
