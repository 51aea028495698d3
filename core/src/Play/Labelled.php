<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A line that says in words what a tap on it does. */
interface Labelled extends Tappable
{
    /**
     * @param  string  $part  of the line that was tapped, such as "/swipes/0"; '' for the line itself
     * @return array{string, bool} what stands on it, and whether it is marked as dangerous; '' where nothing does
     */
    public function label(Scene $scene, string $part): array;
}
