<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Text\Pattern;

/** Something wrong that was found by reading the app. */
final readonly class Finding
{
    /**
     * @param  string  $rule  the rule's class name without namespace
     * @param  string  $at  JSON Pointer of the node or blank
     * @param  bool  $blocks  true where no package can be built with it
     */
    private function __construct(
        public string $rule,
        public Station $station,
        public string $at,
        public string $sentence,
        public bool $blocks,
        public ?Mend $mend,
    ) {
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

    /** The same, where nothing goes on with it. */
    public function asBlocking(): self
    {
        return new self($this->rule, $this->station, $this->at, $this->sentence, true, $this->mend);
    }

    /** The same for the same place, so that the studio can tell which are new; with the screen that it is on, where it is on one. */
    public function id(): string
    {
        $screen = Pattern::match('~^/screens/(\d+)~', $this->at, $found) ? "-$found[1]" : '';

        return substr(hash('sha256', $this->rule.$this->at.$this->sentence), 0, 16).$screen;
    }

    /** The screen that the finding of this id is on; null for one beside screens, and for what is no id. */
    public static function screenOf(string $id): ?int
    {
        return Pattern::match('~^[0-9a-f]{16}-(\d{1,6})$~', $id, $found) ? (int) $found[1] : null;
    }

    private static function short(string $class): string
    {
        return substr((string) strrchr($class, '\\'), 1);
    }
}
