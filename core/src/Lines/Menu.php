<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\InParts;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Text\Pattern;

/** A button that opens a few entries, each with effects of its own. */
final readonly class Menu implements InParts
{
    use Placed;

    /** @param  list<Entry>  $entries */
    public function __construct(public string $label, #[ListOf(Entry::class)] public array $entries = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Menu', new Blank('label', new TextFit))->clauses(...Placing::acting())->below(new Children('entries', Family::only('“entry”', Entry::class), 'an entry'));
    }

    public function draw(Scene $scene): array
    {
        return ['label' => $scene->text($this->label, 'label'), 'entries' => array_map(fn (Entry $e, int $i): array => ['label' => $scene->text($e->label, "entries/$i/label"), 'dangerous' => $e->dangerous], $this->entries, array_keys($this->entries))];
    }

    public function effects(): array
    {
        return array_merge(...array_map(fn (Entry $e): array => $e->tapped, $this->entries));
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $entry = Pattern::match('~^/entries/(\d+)$~', $doing->part, $found) ? ($this->entries[(int) $found[1]] ?? null) : null;
        $doing->run($entry === null ? throw new Refused('This is not in the menu any more.') : $entry->tapped, "entries/$found[1]/tapped");
    }
}
