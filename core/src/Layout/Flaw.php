<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

use Lanai\Core\Findings\Mend;
use Lanai\Core\Geometry\Device;

/** Something that goes wrong in the layout on one device. */
final readonly class Flaw
{
    /**
     * @param  class-string  $rule
     * @param  string  $at  the key of the box
     * @param  string  $what  what goes wrong, as the end of a sentence that begins with the device: "“Save” is cut off"
     * @param  float  $weight  the worse, the more
     * @param  Mend|null  $mend  what would help, where the check knows it
     */
    public function __construct(
        public string $rule,
        public string $at,
        public string $what,
        public Device $device,
        public float $weight = 1,
        public ?Mend $mend = null,
    ) {
    }
}
