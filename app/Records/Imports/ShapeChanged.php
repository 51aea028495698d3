<?php

declare(strict_types=1);

namespace App\Records\Imports;

/** The fields or indexes of a table were changed while a shadow of it was made. */
final class ShapeChanged extends \DomainException
{
}
