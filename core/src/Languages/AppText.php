<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

/** One text of an app that people read, where it stands. */
final readonly class AppText
{
    /** A text that can have values in it. */
    public const TEXT = 'text';

    /** What an item of a list shows: words around values. */
    public const SHOWN = 'shown';

    /** The name of something, as people see it. */
    public const NAME = 'name';

    /** One that Lanai itself brings along. */
    public const OWN = 'own';

    /**
     * @param  string  $at  JSON Pointer of the blank; '' for one of Lanai's own
     * @param  self::TEXT|self::SHOWN|self::NAME|self::OWN  $kind
     * @param  string  $on  what it belongs to: the name of a screen, a table, a product; '' for none
     * @param  string  $source  the text as a message of ICU MessageFormat
     * @param  list<string>  $formulas  what its numbers stand for
     * @param  list<string>  $values  the same in words
     */
    public function __construct(
        public string $at,
        public string $kind,
        public string $on,
        public string $source,
        public array $formulas = [],
        public array $values = [],
    ) {
    }
}
