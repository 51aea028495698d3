<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

/** A part of a node whose values stand among the node's own, such as where a line stands. */
interface Flat
{
}
