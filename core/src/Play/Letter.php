<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A letter to a person of the app. Its address is found when it is sent, and nobody else sees it. */
final readonly class Letter
{
    public function __construct(public int $person, public string $about, public string $text)
    {
    }
}
