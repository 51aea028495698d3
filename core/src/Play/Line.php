<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Model\AnyLine;

/** One sentence of a screen, which draws itself as a node of the view tree. One class per kind. */
interface Line extends AnyLine
{
    public function placing(): Placing;

    /** @return array<string, mixed> the node as in docs/view.schema.json, without "kind", "at", "placing" and "enabled" */
    public function draw(Scene $scene): array;

    /**
     * How large its node is on a device, and how what is in it stands.
     *
     * @param  array<string, mixed>  $node
     * @return Box|null null for what takes no room on the page
     */
    public static function box(array $node, Setting $setting, Within $in): ?Box;
}
