<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** Parts of which one is shown at a time, each behind a tab of its own inside the screen. */
final readonly class Sections implements Holding
{
    use HasPlacing;

    /** @param  list<Section>  $sections */
    public function __construct(#[ListOf(Section::class)] public array $sections = [], public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Sections')
            ->clauses(...Placing::clauses())
            ->below(new Children('sections', Family::only('“section”', Section::class), 'a section'));
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

        return [
            'sections' => array_map(
                fn (Section $s, int $i): array => ['label' => $scene->text($s->label, "sections/$i/label"), 'nodes' => $inside[$i]],
                $this->sections,
                array_keys($this->sections),
            ),
        ];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $sections = Nodes::of($node['sections'] ?? [], false);
        $large = $setting->pen->large();
        $tabs = array_map(
            fn (array $s): Box => new Box(
                flow: 'row',
                children: [new Box(text: $setting->pen->text(Nodes::text($s, 'label'), weight: 600), shrink: 1, marks: ['label' => true])],
                minHeight: 48,
                padding: Edges::of(6, 8),
                grow: $large ? 0 : 1,
                shrink: 1,
                basis: $large ? null : Size::dp(0),
                align: 'center',
                justify: 'center',
                marks: ['taps' => true],
            ),
            $sections,
        );

        return $setting->stacked([
            new Box(flow: $large ? 'column' : 'row', children: $tabs, padding: Edges::all(4), gap: 4),
            ...array_map($setting->group(...), array_slice($sections, 0, 1)),
        ]);
    }
}
