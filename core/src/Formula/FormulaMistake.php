<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** Why a formula cannot work, in plain words, with the place and, where there is one, a mended formula. */
final class FormulaMistake extends \DomainException
{
    /** @param  int  $position characters from the start of the formula, from 0 */
    public function __construct(string $sentence, public readonly int $position = 0, public readonly ?string $mended = null)
    {
        parent::__construct($sentence);
    }
}
