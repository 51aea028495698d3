<?php

declare(strict_types=1);

namespace Lanai\Core\Formula;

/** What sort of value a formula gives; the value is the plain word for it. */
enum Kind: string
{
    case Text = 'a text';
    case Whole = 'a whole number';
    case Decimal = 'a number';
    case YesNo = 'yes or no';
    case Moment = 'a date and time';
    case Picture = 'a picture';
    case Row = 'a row';
    case Several = 'several values';
    case Nothing = 'nothing';
    case Any = 'anything';
}
