<?php

declare(strict_types=1);

namespace Lanai\Core\Errands;

/** How a step of an errand went. */
final readonly class StepDone
{
    /**
     * @param  string  $said  the step as it is read
     * @param  string  $wrong  why it could not be done, or what was seen instead; '' where it went well
     * @param  string  $screen  the title of the screen on which somebody is afterwards
     */
    public function __construct(public string $said, public string $wrong, public string $screen)
    {
    }
}
