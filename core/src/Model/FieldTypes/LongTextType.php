<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\FieldType;

/** Text of several lines. */
final readonly class LongTextType implements FieldType
{
    use KeptAsText;
    use ReadsText;

    public function __construct(public ?int $most = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('is a long text')->clauses(
            Clause::joined('of at most', 'of at most so many characters', new Blank('most', NumberFit::whole(1, 1000000))),
        );
    }

    public function read(mixed $input): ?string
    {
        $text = self::clean(is_string($input) ? str_replace(["\r\n", "\r"], "\n", $input) : $input);

        return $text === null ? null : self::sized($text, null, $this->most);
    }

    public function control(): string
    {
        return 'longText';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return mb_substr($faker->realText(180), 0, $this->most ?? 400);
    }
}
