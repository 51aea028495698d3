<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

/** A part of a node whose values stand among the node's own, such as where a line stands. */
interface Flat
{
}
