<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Blueprint\Fits\TableFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** The rows stay; the link to the person is emptied. */
final readonly class Keeps implements Leaving
{
    /** @param  list<string>  $tables */
    public function __construct(public array $tables = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('leaving keeps', new Series('tables', 'and', TableFit::plural()));
    }

    public function tables(): array
    {
        return $this->tables;
    }
}
