<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** A link to one row of another table, by its id. */
final readonly class LinkType implements FieldType
{
    use StoredByKind;

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
