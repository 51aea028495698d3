<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

/** An edit that Lanai makes out of something that it knows, such as a finding or an answer: it is never taken as data from outside. */
interface InternalEdit extends Edit
{
}
