<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

/** What somebody may do with rows. */
enum Verb: string
{
    case See = 'seen';
    case Add = 'added';
    case Change = 'changed';
    case Remove = 'removed';

    /** @return array<string, string> as a blank offers them */
    public static function choices(): array
    {
        return array_column(self::cases(), 'value', 'value');
    }

    public function does(): string
    {
        return ['seen' => 'see', 'added' => 'add', 'changed' => 'change', 'removed' => 'remove'][$this->value];
    }
}
