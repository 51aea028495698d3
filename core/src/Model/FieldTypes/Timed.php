<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

/** An upload that lasts for a time, such as a film. */
interface Timed
{
    /** No longer than so many seconds; null for no limit but that of its size. */
    public function seconds(): ?int;
}
