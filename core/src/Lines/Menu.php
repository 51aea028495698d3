<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\InParts;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** A button that opens a few entries, each with effects of its own. */
final readonly class Menu implements InParts, Labelled
{
    use HasPlacing;

    /** @param  list<Entry>  $entries */
    public function __construct(public string $label, #[ListOf(Entry::class)] public array $entries = [], public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Menu', new Blank('label', new TextFit()))
            ->clauses(...Placing::acting())
            ->below(new Children('entries', Family::only('“entry”', Entry::class), 'an entry'));
    }

    public function draw(Scene $scene): array
    {
        return [
            'label' => $scene->text($this->label, 'label'),
            'entries' => array_map(
                fn (Entry $e, int $i): array => ['label' => $scene->text($e->label, "entries/$i/label"), 'dangerous' => $e->dangerous],
                $this->entries,
                array_keys($this->entries),
            ),
        ];
    }

    public function label(Scene $scene, string $part): array
    {
        $entry = Pattern::match('~^/entries/(\d+)$~', $part, $found) ? $this->entries[(int) $found[1]] ?? null : null;

        return $entry === null ? ['', false] : [$scene->text($entry->label, "entries/$found[1]/label"), $entry->dangerous];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $label = new Box(text: $setting->pen->text(Nodes::text($node, 'label'), weight: 650), shrink: 1);
        $button = new Box(
            flow: 'row',
            children: [$label, new Box(width: Size::dp(24), height: Size::dp(24))],
            minHeight: 50,
            padding: Edges::of(13, 20),
            gap: 4,
            grow: 1,
            shrink: 1,
            basis: Size::dp(0),
            align: 'center',
            justify: 'center',
            marks: ['taps' => true],
        );

        return new Box(flow: 'row', children: [$button]);
    }

    public function effects(): array
    {
        return array_merge(...array_map(fn (Entry $e): array => $e->tapped, $this->entries));
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $entry = Pattern::match('~^/entries/(\d+)$~', $doing->part, $found) ? $this->entries[(int) $found[1]] ?? null : null;
        $doing->run($entry === null ? throw new Refused('This is not in the menu any more.') : $entry->tapped, "entries/$found[1]/tapped");
    }
}
