<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\Field;

/** One column of an index: a field's values as they are, or in the natural order of texts. */
final readonly class IndexKey
{
    private function __construct(public Field $field, public bool $ofTexts)
    {
    }

    /** Finds rows that have one value. */
    public static function alike(Field $field): self
    {
        return new self($field, false);
    }

    /** Gives rows in order, or those on one side of a value. */
    public static function inOrder(Field $field): self
    {
        return new self($field, $field->valueType()->kind === Kind::Text);
    }

    public function name(): string
    {
        return $this->field->column().($this->ofTexts ? '~' : '');
    }
}
