<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Fits\TableFit;

/** The rows go with the person. */
final readonly class TakesAlong implements Leaving
{
    /** @param  list<string>  $tables */
    public function __construct(public array $tables = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('leaving takes along', new Series('tables', 'and', TableFit::plural()));
    }

    public function tables(): array
    {
        return $this->tables;
    }
}
