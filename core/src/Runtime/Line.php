<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Script\HasSentence;

/** One sentence of a screen, which draws itself as a node of the view tree. One class per kind. */
interface Line extends HasSentence
{
    public function placing(): Placing;

    /** @return array<string, mixed> the node as in docs/view.schema.json, without "kind", "at", "placing" and "enabled" */
    public function draw(Scene $scene): array;
}
