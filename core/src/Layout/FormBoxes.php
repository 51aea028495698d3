<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

/** The boxes of what a person types into. */
final readonly class FormBoxes
{
    public function __construct(private Pen $pen)
    {
    }

    /** @param  array<string, mixed>  $node */
    public function form(array $node): Box
    {
        $boxes = array_map($this->input(...), array_map(fn (array $b): array => $b, Nodes::of($node['boxes'] ?? [], false)));
        $step = [];
        if (($node['oneByOne'] ?? false) === true) {
            $step = [new Box(text: $this->pen->text('1 of '.count($boxes), .875, 1.25))];
            $boxes = array_slice($boxes, 0, 1);
        }
        $label = $step === [] ? Nodes::text($node, 'label') : 'Go on';

        return new Box(children: [...$step, ...$boxes, new Box(text: $this->pen->text($label, weight: 650), minHeight: 50, padding: Edges::of(13, 20), marks: ['taps' => true, 'label' => true])], gap: 14);
    }

    /** @param  array<array-key, mixed>  $box */
    public function input(array $box): Box
    {
        $label = (is_string($box['label'] ?? null) ? $box['label'] : '').(($box['required'] ?? false) === true ? ' *' : '');
        $parts = [new Box(text: $this->pen->text($label, .9375, 1.375, 600)), ...$this->control($box)];
        if (is_string($box['help'] ?? null) && $box['help'] !== '') {
            $parts[] = new Box(text: $this->pen->text($box['help'], .875, 1.25));
        }

        return new Box(children: $parts, gap: 4);
    }

    /**
     * @param  array<array-key, mixed>  $box
     * @return list<Box>
     */
    private function control(array $box): array
    {
        $line = max(48.0, $this->pen->rem(1.5) + 24);

        return match ($box['control'] ?? '') {
            'switch' => [new Box(width: Size::dp(28), height: Size::dp(28), margin: Edges::of(10, 0))],
            'longText' => [new Box(height: Size::dp(max(48, $this->pen->rem(6.5))), marks: ['taps' => true])],
            'picture' => [...(($box['value'] ?? '') === '' ? [] : [new Box(width: Size::dp(96), height: Size::dp(96))]), new Box(height: Size::dp($line))],
            'file' => [new Box(height: Size::dp($line))],
            'choices', 'rows' => [new Box(children: array_map(fn (array $c): Box => new Box(flow: 'row', children: [new Box(width: Size::dp(22), height: Size::dp(22)), new Box(text: $this->pen->text(Nodes::text($c, 'label')), shrink: 1)], minHeight: 48, gap: 10, align: 'center', marks: ['taps' => true]), Nodes::of($box['choices'] ?? [], false)), gap: 4)],
            'rating' => [new Box(height: Size::dp(48))],
            'choice', 'row' => [new Box(height: Size::dp($line), marks: ['taps' => true])],
            default => [new Box(height: Size::dp($line), marks: ['taps' => true])],
        };
    }
}
