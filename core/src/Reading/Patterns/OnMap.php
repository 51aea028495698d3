<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Pattern;

/** Things that lie somewhere, on a map on which the person sees where they are themselves. */
final readonly class OnMap extends Part
{
    /**
     * @param  string  $title  of a thing in formulas
     * @param  string  $place  where it lies, in formulas
     */
    private function __construct(private Noun $thing, private string $title, private string $place)
    {
    }

    /** Where a map is spoken of, or what is near. */
    public static function in(Plan $plan): ?self
    {
        if (! Pattern::match('~\bmaps?\b|\bnear(?:by|est)?\b|\baround (?:me|them|you)\b~iu', $plan->paragraph)) {
            return null;
        }
        foreach ($plan->byWeight() as $noun) {
            $places = Plan::typed($plan->tables[$noun]['fields'], ['place']);
            if ($noun !== Draft::PERSON && $places !== [] && ! $plan->isPrivate($noun)) {
                return new self($plan->nouns[$noun], $plan->label($noun), $plan->key($places[0], $noun));
            }
        }

        return null;
    }

    public function ways(): array
    {
        return [[$this->screen(), 'place']];
    }

    private function screen(): string
    {
        return "Map of {$this->thing->many}";
    }

    public function parts(): array
    {
        return [implode("\n", [
            'screen '.Noun::said($this->screen()),
            '  List of '.Noun::said($this->thing->many).', as a map, marking where one is',
            "    shows $this->title as title",
            "    shows $this->place as place",
            '    tapped:',
            '      go to '.Noun::said($this->thing->one).' with this',
            '    when empty: "There is nothing on the map yet."',
        ])];
    }
}
