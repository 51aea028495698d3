<?php

declare(strict_types=1);

namespace App\Records;

/** The two data sets of every app. */
enum DataSet: string
{
    case Sandbox = 'sandbox';
    case Live = 'live';
}
