<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Blueprint\Blueprint;

/** What an edit makes: the new blueprint, the patch to it and the patch back. */
final readonly class Edited
{
    private function __construct(public Blueprint $blueprint, public Patch $patch, public Patch $inverse)
    {
    }

    /** @throws EditRefused */
    public static function by(Blueprint $before, Patch $patch): self
    {
        $patch = $patch->reaching($before->data());
        $changed = $patch->applyTo($before->data());
        Twins::refuse($before->data(), $changed);
        $after = StoredNames::settled($changed, $before->data());
        $patch = $after === $changed ? $patch : Patch::between($before->data(), $after);
        $inverse = $patch->inverse($before->data());
        try {
            return new self(Blueprint::fromData($after), $patch, $inverse);
        } catch (\UnexpectedValueException $e) {
            throw new EditRefused('After this change the app could not be read: '.$e->getMessage(), previous: $e);
        }
    }
}
