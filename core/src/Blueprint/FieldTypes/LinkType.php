<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint\FieldTypes;

use Faker\Generator;
use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Blueprint\Fits\TableFit;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Text\Pattern;

/** A link to one row of another table, by its id. */
final readonly class LinkType implements FieldType
{
    use Kept;

    /** @param  string  $one what one row of the linked table is called */
    public function __construct(public string $one = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('is one', new Blank('one', TableFit::singular()));
    }

    public function type(): Type
    {
        return Type::row($this->one);
    }

    public function column(): string
    {
        return 'INTEGER';
    }

    public function read(mixed $input): ?int
    {
        if ($input instanceof Row) {
            return $input->id;
        }
        $text = self::typed($input);
        if ($text === '') {
            return null;
        }

        return Pattern::match('/^\d{1,15}$/', $text) ? (int) $text : throw new UnreadableValue('Please pick one from the list.');
    }

    public function control(): string
    {
        return 'row';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return null;
    }
}
