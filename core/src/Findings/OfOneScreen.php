<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

/**
 * A rule whose findings on a screen depend on nothing but that screen's sentences and what is said outside of all screens: the same
 * sentences are not read twice.
 */
interface OfOneScreen extends Rule
{
}
