<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Printer;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;

/** Edits of several lines of one list at once: copied, doubled, removed, moved, put into a group, or made into a thing of their own. */
final readonly class Several
{
    /** @param  list<int>  $indexes  in the order of the list, without gaps */
    private function __construct(private Blueprint $blueprint, private string $list, private array $indexes)
    {
    }

    /**
     * @param  list<string>  $places  JSON Pointers of the lines
     *
     * @throws EditRefused where they do not stand one after the other
     */
    public static function of(Blueprint $blueprint, array $places): self
    {
        $lists = array_values(array_unique(array_map(Pointer::parent(...), $places)));
        $indexes = array_map(fn (string $at): int => (int) Pointer::last($at), $places);
        sort($indexes);
        $items = Pointer::get($lists[0] ?? '', $blueprint->data());
        if (
            count($lists) !== 1 ||
            ! is_array($items) ||
            ! array_is_list($items) ||
            $indexes !== range($indexes[0], $indexes[0] + count($indexes) - 1) ||
            ! isset($items[$indexes[count($indexes) - 1]])
        ) {
            throw new EditRefused('Choose lines that stand one after the other.');
        }

        return new self($blueprint, $lists[0], $indexes);
    }

    /** The lines as script text, to be put in elsewhere. */
    public function script(): string
    {
        $family = $this->family();

        return implode("\n", array_map(fn (array $item): string => Printer::node($item, $family->classOf($item)), $this->items()))."\n";
    }

    public function doubled(): EditResult
    {
        $taken = array_map(
            fn (array $item): string => mb_strtolower(is_string($item['name'] ?? null) ? $item['name'] : ''),
            Prose::nodes(Pointer::get($this->list, $this->blueprint->data())),
        );

        return $this->by(
            $this->put(
                $this->end(),
                array_map(function (array $item) use (&$taken): array {
                    unset($item['first'], $item['stored']);
                    if (! is_string($item['name'] ?? null) || ! in_array(mb_strtolower($item['name']), $taken, true)) {
                        return $item;
                    }
                    for ($n = 2; in_array(mb_strtolower("{$item['name']} $n"), $taken, true); $n++);
                    $taken[] = mb_strtolower("{$item['name']} $n");

                    return ['name' => "{$item['name']} $n"] + $item;
                }, $this->items()),
            ),
        );
    }

    public function removed(): EditResult
    {
        $all = Pointer::get($this->list, $this->blueprint->data());
        if (is_array($all) && count($all) === count($this->indexes)) {
            return $this->by([['op' => 'remove', 'path' => $this->list]]);
        }

        return $this->by($this->takenAway());
    }

    /**
     * Moves them together so that the first one stands at this index.
     *
     * @throws EditRefused
     */
    public function movedTo(int $index): EditResult
    {
        $all = Pointer::get($this->list, $this->blueprint->data());
        if ($index < 0 || ! is_array($all) || $index + count($this->indexes) > count($all)) {
            throw new EditRefused('They cannot be moved there.');
        }

        return $this->by([...$this->takenAway(), ...$this->put($index, $this->items())]);
    }

    /** @throws EditRefused where these are no lines of a screen */
    public function grouped(): EditResult
    {
        $this->mustBe(Families::of(AnyLine::class), 'Only lines of a screen can stand in a group.');

        return $this->by($this->replacedBy(['kind' => 'group', 'lines' => $this->items()]));
    }

    /**
     * Lines become a piece, effects a routine; where they stood it is used, with what it is about.
     *
     * @throws EditRefused
     */
    public function extracted(string $name): EditResult
    {
        $lines = $this->family() === Families::of(AnyLine::class);
        if (! $lines) {
            $this->mustBe(Families::of(AnyEffect::class), 'Only lines and effects can be made into a thing of their own.');
        }
        $name = trim($name);
        if ($name === '' || ($lines ? $this->blueprint->pieceIndex($name) : $this->blueprint->routineIndex($name)) !== null) {
            throw new EditRefused($name === '' ? 'Give it a name first.' : "There is already one called “{$name}”.");
        }
        [$items, $taking] = (new Extraction($this->blueprint, $this->list, $this->indexes))->done();
        $given = array_map(fn (array $one): string => $one['with'], $taking);
        $made = array_filter([
            'name' => $name,
            'taking' => array_map(fn (array $one): array => ['name' => $one['name'], 'type' => $one['type']], $taking),
            $lines ? 'lines' : 'does' => $items,
        ]);
        $home = $lines ? '/pieces' : '/routines';
        $there = Pointer::exists($home, $this->blueprint->data());

        return $this->by([
            ...$this->replacedBy(array_filter(['kind' => $lines ? 'piece' : 'do', $lines ? 'piece' : 'routine' => $name, 'with' => $given])),
            $there ? ['op' => 'add', 'path' => "$home/-", 'value' => $made] : ['op' => 'add', 'path' => $home, 'value' => [$made]],
        ]);
    }

    /** @return list<array<string, mixed>> */
    private function items(): array
    {
        $all = Prose::nodes(Pointer::get($this->list, $this->blueprint->data()));

        return array_map(fn (int $i): array => $all[$i], $this->indexes);
    }

    private function family(): Family
    {
        return Places::family($this->blueprint, $this->list) ?? throw new EditRefused('These are no longer there.');
    }

    private function mustBe(Family $family, string $else): void
    {
        if ($this->family() !== $family) {
            throw new EditRefused($else);
        }
    }

    private function end(): int
    {
        return $this->indexes[count($this->indexes) - 1] + 1;
    }

    /** @return list<array{op: string, path: string}> */
    private function takenAway(): array
    {
        return array_map(fn (int $i): array => ['op' => 'remove', 'path' => "$this->list/$i"], array_reverse($this->indexes));
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return list<array{op: string, path: string, value: mixed}>
     */
    private function put(int $index, array $items): array
    {
        return array_map(
            fn (array $item, int $i): array => ['op' => 'add', 'path' => "$this->list/".($index + $i), 'value' => $item],
            $items,
            array_keys($items),
        );
    }

    /**
     * @param  array<string, mixed>  $item
     * @return list<array{op: string, path: string, value?: mixed}>
     */
    private function replacedBy(array $item): array
    {
        return [['op' => 'add', 'path' => "$this->list/".$this->end(), 'value' => $item], ...$this->takenAway()];
    }

    /** @param  list<array{op: string, path: string, value?: mixed}>  $operations */
    private function by(array $operations): EditResult
    {
        return EditResult::by($this->blueprint, new Patch($operations));
    }
}
