<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Sentences;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Shape;

/** Adds a clause that is not there yet, unfilled; a flag is simply set. */
final readonly class TakeOffer implements Edit
{
    public function __construct(public string $at)
    {
    }

    public function about(): array
    {
        return [$this->at];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $node = $blueprint->walkTo($this->at)->nodeAt(Pointer::parent($this->at)) ?? throw new EditRefused('This sentence is no longer there.');
        $value = '';
        foreach (Sentences::of($node->class)->clauses as $clause) {
            if ($clause->key === Pointer::last($this->at)) {
                $value = self::unfilled($clause);
            }
        }

        return EditResult::by($blueprint, new Patch([['op' => 'add', 'path' => $this->at, 'value' => $value]]))->making($this->at);
    }

    private static function unfilled(Clause $clause): mixed
    {
        if ($clause->flag !== null) {
            return $clause->flag;
        }
        $first = $clause->parts[0];
        if (! $first instanceof Series) {
            return '';
        }
        if (! is_string($first->item)) {
            return [''];
        }
        $item = [];
        foreach (Shape::parametersOf($first->item) as $parameter) {
            $item[$parameter->getName()] = $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : '';
        }

        return [$item];
    }
}
