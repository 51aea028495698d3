<?php

declare(strict_types=1);

namespace Lanai\Core\Data\FieldTypes;

use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\Row;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\TableFit;
use Lanai\Core\Script\Sentence;

/** A link to one row of another table, by its id. */
final readonly class LinkType implements FieldType
{
    /** @param  string  $one what one row of the linked table is called */
    public function __construct(public string $one = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('one', new Blank('one', TableFit::singular()));
    }

    public function type(): Type
    {
        return Type::row($this->one);
    }

    public function column(): string
    {
        return 'INTEGER';
    }

    public function store(mixed $value): ?int
    {
        return $value instanceof Row ? $value->id : (is_int($value) ? $value : null);
    }

    public function load(mixed $stored): ?int
    {
        return is_numeric($stored) ? (int) $stored : null;
    }

    public function read(mixed $input): ?int
    {
        if ($input instanceof Row) {
            return $input->id;
        }
        $text = is_scalar($input) ? trim((string) $input) : '';
        if ($text === '') {
            return null;
        }
        if (! preg_match('/^\d{1,15}$/', $text)) {
            throw new UnreadableValue('Please pick one from the list.');
        }

        return (int) $text;
    }

    public function write(mixed $value): string
    {
        return is_int($value) ? (string) $value : '';
    }

    public function control(): string
    {
        return 'row';
    }
}
