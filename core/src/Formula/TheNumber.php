<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** The # in the wordings of a plural: the number that chose the wording, as the language writes it. */
final readonly class TheNumber
{
}
