<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** The node classes of which one can stand in a place, told apart by the "kind" of their data. */
final readonly class Family
{
    /**
     * @param  string  $name  in plain words, "a line"
     * @param  array<string, class-string<HasSentence>>  $kinds  kind => class; a family of one class has the kind ''
     */
    private function __construct(public string $name, public array $kinds)
    {
    }

    /** @param  array<string, class-string<HasSentence>>  $kinds */
    public static function of(string $name, array $kinds): self
    {
        return new self($name, $kinds);
    }

    /** @param  class-string<HasSentence>  $class */
    public static function only(string $name, string $class): self
    {
        return new self($name, ['' => $class]);
    }

    public function kindOf(HasSentence $node): string
    {
        return (string) array_search($node::class, $this->kinds, true);
    }

    /**
     * @param  array<string, mixed>  $data
     * @return class-string<HasSentence>
     */
    public function classOf(array $data): string
    {
        $kind = $data['kind'] ?? '';

        return is_string($kind) && isset($this->kinds[$kind]) ? $this->kinds[$kind]
            : throw new \UnexpectedValueException('There is no '.$this->name.' of the kind “'.(is_scalar($kind) ? $kind : '?').'”.');
    }
}
