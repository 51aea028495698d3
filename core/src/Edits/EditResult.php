<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Languages\Following;
use Lanai\Core\Model\Blueprint;

/** What an edit makes: the blueprint before and after, the patch to it and the patch back, and where a founder goes on. */
final readonly class EditResult
{
    /**
     * @param  string  $made  where the first of what is new stands; '' for nothing new
     * @param  string  $next  the blank to fill next; '' for none
     */
    private function __construct(
        public Blueprint $before,
        public Blueprint $blueprint,
        public Patch $patch,
        public Patch $inverse,
        public string $made = '',
        public string $next = '',
    ) {
    }

    /** @throws EditRefused */
    public static function by(Blueprint $before, Patch $patch): self
    {
        $patch = $patch->reaching($before->data());
        $changed = $patch->applyTo($before->data());
        Twins::refuse($before->data(), $changed);
        $replaced = array_map(fn (array $o): string => $o['op'] === 'replace' ? $o['path'] : '', $patch->operations);
        $after = Following::texts($before, StoredNames::settled($changed, $before->data()), $replaced);
        $patch = $after === $changed ? $patch : Patch::between($before->data(), $after);
        $inverse = $patch->inverse($before->data());
        try {
            return new self($before, Blueprint::fromData($after, $before), $patch, $inverse);
        } catch (\UnexpectedValueException $e) {
            throw new EditRefused('After this change the app could not be read: '.$e->getMessage(), previous: $e);
        }
    }

    /** @param  string  $next  the blank to fill next; null for the first that is empty in what is new */
    public function making(string $made, ?string $next = null): self
    {
        return new self($this->before, $this->blueprint, $this->patch, $this->inverse, $made, $next ?? Blanks::firstEmpty($this->blueprint, $made));
    }
}
