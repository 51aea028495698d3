<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/** Something wrong that was found by reading the app. */
final readonly class Finding
{
    /**
     * @param  string  $rule  the rule's class name without namespace
     * @param  string  $at  JSON Pointer of the node or blank
     * @param  bool  $blocks  true where no package can be built with it
     */
    private function __construct(public string $rule, public Station $station, public string $at, public string $sentence, public bool $blocks, public ?Mend $mend)
    {
    }

    /** @param  class-string  $rule */
    public static function blocking(string $rule, string $at, string $sentence, ?Mend $mend = null): self
    {
        return new self(self::short($rule), Station::of($at), $at, $sentence, true, $mend);
    }

    /** @param  class-string  $rule */
    public static function warning(string $rule, string $at, string $sentence, ?Mend $mend = null): self
    {
        return new self(self::short($rule), Station::of($at), $at, $sentence, false, $mend);
    }

    /** The same for the same place, so that the studio can tell which are new. */
    public function id(): string
    {
        return substr(hash('sha256', $this->rule.$this->at.$this->sentence), 0, 16);
    }

    private static function short(string $class): string
    {
        return substr((string) strrchr($class, '\\'), 1);
    }
}
