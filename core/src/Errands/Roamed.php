<?php

declare(strict_types=1);

namespace Lanai\Core\Errands;

use Lanai\Core\Model\ErrandStep;

/** Something that was tapped while roaming, and how that went. */
final readonly class Roamed
{
    /**
     * @param  string  $label  what was tapped
     * @param  string  $screen  the title of the screen on which it stands
     * @param  list<ErrandStep>  $steps  the way there from the first screen, and the tap
     * @param  string  $wrong  '' where it went well
     */
    public function __construct(public string $label, public string $screen, public array $steps, public string $wrong)
    {
    }
}
