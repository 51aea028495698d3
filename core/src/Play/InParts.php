<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** A line of which parts can be tapped by themselves, such as the entries of a menu; Doing says which. */
interface InParts extends Tappable
{
}
