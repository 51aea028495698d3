<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** What becomes of a field's values when its type changes. */
final class Conversion
{
    public int $values = 0;

    public int $converted = 0;

    /** @var list<string> some that do not convert, as written */
    public array $lost = [];

    private readonly ?FieldType $was;

    /** @param  string  $was  the declaration that the column has */
    public function __construct(private readonly Field $field, string $was)
    {
        $this->was = Pattern::match('/ as (.+)$/', $was, $found) ? FieldTypes::tagged($found[1]) : null;
    }

    /** The stored form under the new type; null where the value does not convert. */
    public function of(mixed $stored): string|int|float|null
    {
        $written = match (true) {
            $this->was === null && is_scalar($stored) => (string) $stored,
            $this->was === null => '',
            default => $this->was->write($this->was->load($stored)),
        };
        $this->values++;
        try {
            $value = $this->field->type->store($this->field->type->read($written));
        } catch (UnreadableValue) {
            $value = null;
        }
        if ($value !== null) {
            $this->converted++;
        } elseif (count($this->lost) < 3) {
            $this->lost[] = mb_strimwidth($written, 0, 40, '…');
        }

        return $value;
    }

    public function sentence(): string
    {
        $left = $this->values - $this->converted;
        $name = $this->field->name;
        if ($left === 0) {
            return $this->values === 0 ? "$name has no values yet, so none can be lost." : "All $this->values values of $name convert.";
        }
        $examples = implode(', ', array_map(fn (string $text): string => "“{$text}”", $this->lost));

        return "$this->converted of $this->values values of $name convert. $left do not, "
            ."such as $examples: they become empty, are kept aside, and come back when you undo this.";
    }
}
