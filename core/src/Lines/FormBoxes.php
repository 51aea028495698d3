<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Paragraph;
use Lanai\Core\Geometry\Pen;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;

/** The boxes of what a person types into. */
final readonly class FormBoxes
{
    /** More choices than these are offered on a sheet. */
    private const FEW = 6;

    public function __construct(private Pen $pen, private Setting $setting)
    {
    }

    /** @param  array<string, mixed>  $node */
    public function form(array $node): Box
    {
        $all = array_column(Nodes::of($node['boxes'] ?? [], false), null, 'name');
        $boxes = [];
        foreach ($all as $box) {
            // Two days that are picked together have one box.
            $other = $all[Nodes::text($box, 'until')] ?? null;
            if (! isset($box['within'])) {
                $label = Nodes::text($box, 'label').($other === null ? '' : ' – '.Nodes::text($other, 'label'));
                $boxes[] = $this->input(['label' => $label] + $box);
            }
        }
        $step = [];
        if (($node['oneByOne'] ?? false) === true) {
            $step = [new Box(text: $this->pen->text('1 of '.count($boxes), 0.875, 1.25))];
            $boxes = array_slice($boxes, 0, 1);
        }
        $label = $step === [] ? Nodes::text($node, 'label') : $this->setting->own('Go on');

        return new Box(
            children: [
                ...$step,
                ...$boxes,
                ButtonLine::shape($label, $this->pen),
            ],
            gap: 14,
        );
    }

    /** @param  array<array-key, mixed>  $box */
    public function input(array $box): Box
    {
        $label = (is_string($box['label'] ?? null) ? $box['label'] : '').(($box['required'] ?? false) === true ? ' *' : '');
        $text = $this->pen->text($label, 0.9375, 1.375, 600);
        $asked =
            ($box['control'] ?? '') === 'switch'
                ? [$this->beside($text)]
                : [new Box(text: $text), ...$this->control($box)];
        $help = is_string($box['help'] ?? null) ? $box['help'] : '';

        return new Box(children: [...$asked, ...$help === '' ? [] : [new Box(text: $this->pen->text($help, 0.875, 1.25))]], gap: 4);
    }

    /** What is on or off stands beside its name. */
    private function beside(Paragraph $name): Box
    {
        return new Box(
            flow: 'row',
            children: [
                new Box(text: $name, padding: Edges::of(13, 0), grow: 1, shrink: 1, basis: Size::dp(0)),
                new Box(width: Size::dp(52), height: Size::dp(32)),
            ],
            gap: 12,
            align: 'center',
            marks: ['taps' => true],
        );
    }

    /**
     * @param  array<array-key, mixed>  $box
     * @return list<Box>
     */
    private function control(array $box): array
    {
        $choices = Nodes::of($box['choices'] ?? [], false);

        return match (true) {
            ($box['control'] ?? '') === 'longText' => [new Box(height: Size::dp(max(48, $this->pen->rem(6.5))), marks: ['taps' => true])],
            ($box['control'] ?? '') === 'picture' => [new Box(width: Size::dp(112), height: Size::dp(112), marks: ['taps' => true])],
            in_array($box['control'] ?? '', ['video', 'sound'], true) && ($box['value'] ?? '') !== '' => [$this->recording($box['control'] === 'video')],
            in_array($box['control'] ?? '', ['choices', 'rows'], true) && count($choices) <= self::FEW && ! isset($box['rest']) => [
                new Box(children: array_map($this->tick(...), $choices), gap: 4),
            ],
            default => [new Box(height: Size::dp(max(48.0, $this->pen->rem(1.5) + 24)), marks: ['taps' => true])],
        };
    }

    /** What was chosen, to be seen or heard, over the row to choose another one. */
    private function recording(bool $film): Box
    {
        $row = new Box(height: Size::dp(max(48.0, $this->pen->rem(1.5) + 24)), marks: ['taps' => true]);

        return new Box(children: [$film ? new Box(aspect: 16 / 9, maxWidth: Size::dp(420)) : new Box(height: Size::dp(54)), $row], gap: 8);
    }

    /** @param  array<string, mixed>  $choice */
    private function tick(array $choice): Box
    {
        return new Box(
            flow: 'row',
            children: [new Box(width: Size::dp(24), height: Size::dp(24)), new Box(text: $this->pen->text(Nodes::text($choice, 'label')), shrink: 1)],
            minHeight: 48,
            gap: 10,
            align: 'center',
            marks: ['taps' => true],
        );
    }
}
