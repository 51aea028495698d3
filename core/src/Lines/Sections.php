<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\Holding;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Sentence;

/** Parts of which one is shown at a time, each behind a tab of its own inside the screen. */
final readonly class Sections implements Holding
{
    use Placed;

    /** @param  list<Section>  $sections */
    public function __construct(#[ListOf(Section::class)] public array $sections = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Sections')->clauses(...Placing::clauses())->below(new Children('sections', Family::only('“section”', Section::class), 'a section'));
    }

    public function inside(Scene $scene): iterable
    {
        foreach ($this->sections as $i => $section) {
            yield ["/sections/$i/lines", $section->lines, $scene];
        }
    }

    public function held(Blueprint $blueprint): array
    {
        return array_merge(...array_map(fn (Section $s): array => $s->lines, $this->sections));
    }

    public function draw(Scene $scene): array
    {
        $inside = array_values(Drawing::inside($this, $scene));

        return ['sections' => array_map(fn (Section $s, int $i): array => ['label' => $scene->text($s->label, "sections/$i/label"), 'nodes' => $inside[$i]], $this->sections, array_keys($this->sections))];
    }
}
