<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A row that somebody reports to whoever runs the app. */
final readonly class Reported
{
    /**
     * @param  string  $table  its name
     * @param  string  $label  of the row, as it was then
     * @param  string  $why  what they say of it; '' for nothing
     */
    public function __construct(public string $table, public int $row, public string $label, public string $why)
    {
    }
}
