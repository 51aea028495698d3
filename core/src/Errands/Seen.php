<?php

declare(strict_types=1);

namespace Lanai\Core\Errands;

use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Player\Stage;
use Lanai\Core\Text\Pattern;

/** A screen as somebody sees it who is on an errand: its words, what can be tapped on it, and the boxes into which something can be typed. */
final class Seen
{
    /** Keys of nodes that hold words that are read. */
    private const WORDS = ['text', 'label', 'title', 'note', 'aside', 'badge', 'alt', 'empty', 'saying', 'group', 'problem', 'rest', 'goal'];

    /** @var list<string> */
    public array $words = [];

    /** @var array<string, array{at: string, item: int|null, go: string, args: list<int|string>, dead: bool}> what stands on it => where it leads */
    public array $tapped = [];

    /**
     * What a box is called => its name, how it asks, and ids by what is chosen.
     *
     * @var array<string, array{name: string, control: string, choices: array<string, string>}>
     */
    public array $boxes = [];

    /** @param  array<string, mixed>  $view  as in docs/view.schema.json */
    public function __construct(public readonly array $view)
    {
        $this->words[] = $this->title();
        $this->read(Nodes::list($view['nodes'] ?? []), '');
        $this->read(Nodes::list($view['actions'] ?? []), '');
        foreach ([...Nodes::of($view['tabs'] ?? [], false), ...Nodes::of($view['menu'] ?? [], false)] as $way) {
            $this->leads(Nodes::text($way, 'label'), ['at' => '', 'item' => null, 'go' => Nodes::text($way, 'screen'), 'args' => [], 'dead' => false]);
        }
        $this->words = $this->problem() === '' ? $this->words : [...$this->words, $this->problem()];
    }

    /** Why the screen cannot be shown; '' where it is. */
    public function problem(): string
    {
        return Nodes::text($this->view, 'problem');
    }

    /** Whether it is for those alone who have signed in, or have paid: that is how it is meant. */
    public function isForOthers(): bool
    {
        return $this->problem() === Stage::SIGN_IN || str_starts_with($this->problem(), Stage::FOR_THOSE);
    }

    public function title(): string
    {
        return Nodes::text($this->view, 'title');
    }

    public function says(string $words): bool
    {
        return str_contains(self::plain(implode("\n", $this->words)), self::plain($words));
    }

    /** @return array{at: string, item: int|null, go: string, args: list<int|string>, dead: bool}|null */
    public function toTap(string $label): ?array
    {
        foreach ($this->tapped as $words => $way) {
            if (self::plain((string) $words) === self::plain($label)) {
                return $way;
            }
        }

        return null;
    }

    /** @return array{name: string, control: string, choices: array<string, string>}|null */
    public function box(string $label): ?array
    {
        foreach ($this->boxes as $words => $box) {
            if (self::plain((string) $words) === self::plain($label)) {
                return $box;
            }
        }

        return null;
    }

    private static function plain(string $words): string
    {
        return mb_strtolower(trim(Pattern::replace('/\s+/u', ' ', $words)));
    }

    /** @param  array<array-key, mixed>  $nodes */
    private function read(array $nodes, string $list): void
    {
        foreach ($nodes as $node) {
            if (is_array($node)) {
                $this->node(Nodes::of([$node], false)[0] ?? [], $list);
            }
        }
    }

    /** @param  array<string, mixed>  $node */
    private function node(array $node, string $list): void
    {
        foreach (self::WORDS as $key) {
            $this->words = Nodes::text($node, $key) === '' ? $this->words : [...$this->words, Nodes::text($node, $key)];
        }
        $at = Nodes::text($node, 'at');
        $labels = array_map(fn (string $key): string => Nodes::text($node, $key), ['label', 'alt', 'text']);
        $label = array_values(array_filter($labels, fn (string $one): bool => $one !== ''))[0] ?? '';
        if ($at !== '' && $label !== '' && (($node['taps'] ?? false) === true || isset($node['boxes']))) {
            $this->leads($label, ['at' => $at, 'item' => null, 'go' => '', 'args' => [], 'dead' => ($node['enabled'] ?? true) === false]);
        }
        $this->boxed($node['input'] ?? null);
        foreach (Nodes::of($node['boxes'] ?? [], false) as $box) {
            $this->boxed($box);
        }
        foreach (Nodes::of($node['items'] ?? [], false) as $item) {
            $this->item($item, $at, ($node['taps'] ?? false) === true);
        }
        foreach (['nodes', 'sections', 'pages', 'entries', 'parts'] as $key) {
            $this->read(Nodes::list($node[$key] ?? []), $at);
        }
    }

    /** @param  array<string, mixed>  $item */
    private function item(array $item, string $at, bool $taps): void
    {
        foreach (self::WORDS as $key) {
            $this->words = Nodes::text($item, $key) === '' ? $this->words : [...$this->words, Nodes::text($item, $key)];
        }
        foreach ($taps ? ['title', 'note'] : [] as $key) {
            $id = $item['id'] ?? null;
            $this->leads(Nodes::text($item, $key), ['at' => $at, 'item' => is_int($id) ? $id : null, 'go' => '', 'args' => [], 'dead' => false]);
        }
        $this->read(Nodes::list($item['nodes'] ?? []), $at);
    }

    /** @param  array{at: string, item: int|null, go: string, args: list<int|string>, dead: bool}  $way */
    private function leads(string $label, array $way): void
    {
        if ($label !== '') {
            $this->tapped[$label] ??= $way;
        }
    }

    private function boxed(mixed $box): void
    {
        $box = is_array($box) ? Nodes::of([$box], false)[0] ?? [] : [];
        if (Nodes::text($box, 'label') === '') {
            return;
        }
        $choices = [];
        foreach (Nodes::of($box['choices'] ?? [], false) as $choice) {
            $choices[Nodes::text($choice, 'label')] = Nodes::text($choice, 'id');
        }
        $this->boxes[Nodes::text($box, 'label')] ??= ['name' => Nodes::text($box, 'name'), 'control' => Nodes::text($box, 'control'), 'choices' => $choices];
    }
}
