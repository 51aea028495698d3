<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Formula\Scope;

/** A type that depends on the table it stands in and on the rest of the app. */
interface StandsInTable
{
    /** Called once, when the blueprint is read. */
    public function standIn(Scope $scope): void;
}
