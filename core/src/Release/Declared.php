<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

/** One kind of data about people, as an app declares it to the stores. */
final readonly class Declared
{
    /**
     * @param  list<string>  $fields  where it is kept, such as “People: Name”; none for what Lanai itself keeps
     * @param  list<Purpose>  $for  at least one
     * @param  list<string>  $with  who else is told it: services, networks, providers
     * @param  bool  $linked  it is kept together with who it is
     * @param  bool  $tracks  others may know somebody again by it
     * @param  bool  $optional  people may refuse it and use the app all the same
     * @param  list<string>  $until  how long it is kept, as it follows “kept”; none where it is kept nowhere
     */
    public function __construct(
        public DataKind $kind,
        public array $fields,
        public array $for,
        public array $with,
        public bool $linked,
        public bool $tracks,
        public bool $optional,
        public array $until,
    ) {
    }

    /** The same kind once more: both of them are declared as one. */
    public function and(self $other): self
    {
        return new self(
            $this->kind,
            array_values(array_unique([...$this->fields, ...$other->fields])),
            array_values(array_unique([...$this->for, ...$other->for], SORT_REGULAR)),
            array_values(array_unique([...$this->with, ...$other->with])),
            $this->linked || $other->linked,
            $this->tracks || $other->tracks,
            $this->optional && $other->optional,
            array_values(array_unique([...$this->until, ...$other->until])),
        );
    }

    /** What holds of all of it, unless its sentence says otherwise. */
    public const USUALLY = 'All of it is kept together with who it is, and nobody else is told, unless it says otherwise.';

    /** For the founder to read, below USUALLY. Begins with the kind. */
    public function sentence(): string
    {
        $to = self::listed(array_map(fn (Purpose $one): string => $one->inWords(), $this->for));
        $kept = $this->until === [] ? 'not kept' : 'kept '.implode(', or ', $this->until);
        $said = ucfirst($this->kind->inWords()).($this->linked ? '' : ', without who it is').", to $to; $kept.";
        $said .= $this->with === [] ? '' : ' It is told to '.self::listed($this->with).'.';

        return $said.($this->optional ? ' Whoever does not want that uses the app without.' : '');
    }

    /** @param  list<string>  $all */
    private static function listed(array $all): string
    {
        $last = array_pop($all);

        return $all === [] ? (string) $last : implode(', ', $all)." and $last";
    }
}
