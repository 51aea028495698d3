<?php

declare(strict_types=1);

use Lanai\Core\Catalogue;
use Lanai\Core\Language\Families;

Families::come(static fn (): array => Catalogue::FAMILIES);
