<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Formula\Moment;

/** Who looks at which screen, when, about which rows, with what typed so far. */
final readonly class Visit
{
    /**
     * @param  string  $screen  a slug; '' for the first screen
     * @param  list<int>  $args  ids of the rows that the screen is about, in its order
     * @param  int|null  $person  id of a row of the people table
     * @param  array<string, mixed>  $inputs  as typed, by name in formulas
     * @param  array<string, string>  $finds  JSON Pointer of a list => what is searched for in it
     * @param  array<string, int>  $pages  JSON Pointer of a list => how many pages of it are wanted
     * @param  list<string>  $confirmed  JSON Pointers of the questions that the person has said yes to
     */
    public function __construct(public Moment $moment, public string $screen = '', public array $args = [], public ?int $person = null, public array $inputs = [], public array $confirmed = [], public array $finds = [], public array $pages = [])
    {
    }
}
