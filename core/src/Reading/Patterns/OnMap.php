<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

/** Things that lie somewhere, on a map on which the person sees where they are themselves. */
final readonly class OnMap
{
    /**
     * @param  string  $title  of a thing in formulas
     * @param  string  $place  where it lies, in formulas
     */
    public function __construct(private Noun $thing, private string $title, private string $place)
    {
    }

    public function screen(): string
    {
        return "Map of {$this->thing->many}";
    }

    public function script(): string
    {
        return implode("\n", [
            'screen '.Noun::said($this->screen()),
            '  List of '.Noun::said($this->thing->many).', as a map, marking where one is',
            "    shows $this->title as title",
            "    shows $this->place as place",
            '    tapped:',
            '      go to '.Noun::said($this->thing->one).' with this',
            '    when empty: "There is nothing on the map yet."',
        ]);
    }
}
