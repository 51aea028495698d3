<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Pointer;
use Lanai\Core\Blueprint\Shape;
use Lanai\Core\Formula\Spoken;
use Lanai\Core\Script\Block;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Cursor;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Parser;
use Lanai\Core\Script\ScriptMistake;
use Lanai\Core\Script\Sentences;
use Lanai\Core\Script\Series;
use Lanai\Core\Script\Walk;
use Lanai\Core\Text\Pattern;

/** The edits a founder makes, each as a JSON Patch. */
final readonly class Editor
{
    public function __construct(public Blueprint $blueprint)
    {
    }

    /**
     * Fills one blank with what was typed or picked. Filling a name renames: everything that points at it follows.
     *
     * @param  string  $at  JSON Pointer of the blank
     *
     * @throws EditRefused
     * @throws ScriptMistake
     */
    public function fill(string $at, string $text): Edited
    {
        $spot = Walk::through($this->blueprint)->blankAt($at) ?? throw new EditRefused('This blank is no longer there.');
        $fit = $spot->blank->fit;
        $text = trim($text);
        if (in_array($fit->kind(), ['text', 'plain'], true) && ! Cursor::isQuoted($text)) {
            $value = $text;
        } elseif ($fit->kind() === 'formula') {
            $value = trim($text, '`');
            $value = Spoken::formula($value, $spot->scope) ?? $value;
        } elseif ($fit->kind() === 'name' && ! str_starts_with($text, '"')) {
            $value = Pattern::replace('/\s+/', ' ', $text);
        } else {
            $value = Parser::blank($text, $fit);
        }
        if ($fit instanceof NameFit && $spot->blank->key !== 'stored') {
            return (new Renaming($this->blueprint, $spot))->to(is_string($value) ? $value : '');
        }
        if ($value === '' && $spot->blank->key === 'build') {
            throw new EditRefused('A build number is needed.');
        }
        $exists = Pointer::exists($at, $this->blueprint->data());
        if (self::isSeries($spot->node->class, Pointer::last($at))) {
            // What is filled in where several can stand is the next of them.
            return $exists ? $this->by(['op' => 'add', 'path' => "$at/-", 'value' => $value]) : $this->by(['op' => 'add', 'path' => $at, 'value' => [$value]]);
        }

        return $this->by(['op' => $exists ? 'replace' : 'add', 'path' => $at, 'value' => $value]);
    }

    /**
     * Adds an optional clause, unfilled; a flag is simply set.
     *
     * @throws EditRefused
     */
    public function offer(string $at): Edited
    {
        $node = Walk::through($this->blueprint)->nodeAt(Pointer::parent($at)) ?? throw new EditRefused('This sentence is no longer there.');
        $key = Pointer::last($at);
        foreach (Sentences::of($node->class)->clauses as $clause) {
            if ($clause->key === $key) {
                return $this->by(['op' => 'add', 'path' => $at, 'value' => self::unfilled($clause)]);
            }
        }

        return $this->by(['op' => 'add', 'path' => $at, 'value' => '']);
    }

    /**
     * Adds lines written as script under a place such as /screens/0/lines.
     *
     * @param  int|null  $index  where; null for the end
     *
     * @throws EditRefused
     * @throws ScriptMistake
     */
    public function add(string $list, ?int $index, string $script): Edited
    {
        $family = $this->familyAt($list) ?? throw new EditRefused('Nothing can be added there.');
        $items = Parser::fragment($script, $family);
        if ($items === []) {
            throw new EditRefused('Write a line first.');
        }
        $data = $this->blueprint->data();
        $there = Pointer::get($list, $data);
        $count = is_array($there) ? count($there) : 0;
        $index = max(0, min($index ?? $count, $count));
        if ($count === 0) {
            return $this->by(['op' => 'add', 'path' => $list, 'value' => $items]);
        }
        $operations = [];
        foreach ($items as $i => $item) {
            $operations[] = ['op' => 'add', 'path' => "$list/".($index + $i), 'value' => $item];
        }

        return $this->by(...$operations);
    }

    /** @throws EditRefused */
    public function remove(string $at): Edited
    {
        $data = $this->blueprint->data();
        if (! Pointer::exists($at, $data) || $at === '' || $at === '/name') {
            throw new EditRefused('This is no longer there.');
        }
        $list = Pointer::get(Pointer::parent($at), $data);
        $alone = is_array($list) && array_is_list($list) && count($list) === 1;

        return $this->by(['op' => 'remove', 'path' => $alone ? Pointer::parent($at) : $at]);
    }

    /**
     * Moves an item of a list to another index of the same list.
     *
     * @throws EditRefused
     */
    public function move(string $at, int $to): Edited
    {
        $list = Pointer::get(Pointer::parent($at), $this->blueprint->data());
        if (! is_array($list) || ! array_is_list($list) || ! isset($list[(int) Pointer::last($at)]) || ! isset($list[$to])) {
            throw new EditRefused('It cannot be moved there.');
        }

        return $this->by(['op' => 'move', 'from' => $at, 'path' => Pointer::parent($at)."/$to"]);
    }

    /**
     * The whole app written anew.
     *
     * @throws EditRefused
     * @throws ScriptMistake
     */
    public function rewrite(string $script): Edited
    {
        return Edited::by($this->blueprint, Patch::between($this->blueprint->data(), Parser::script($script)));
    }

    /**
     * @param  list<array{op: string, path: string, from?: string, value?: mixed}>  $operations
     *
     * @throws EditRefused
     */
    public function patch(array $operations): Edited
    {
        return Edited::by($this->blueprint, new Patch($operations));
    }

    public function familyAt(string $list): ?Family
    {
        $node = Walk::through($this->blueprint)->nodeAt(Pointer::parent($list));
        foreach ($node === null ? [] : Sentences::of($node->class)->below as $below) {
            if (($below instanceof Children || $below instanceof Block) && $below->key === Pointer::last($list)) {
                return $below->family;
            }
        }

        return null;
    }

    /** @param  class-string<HasSentence>  $class */
    private static function isSeries(string $class, string $key): bool
    {
        $sentence = Sentences::of($class);
        foreach ([$sentence->head, ...array_map(fn (Clause $c): array => $c->parts, $sentence->clauses)] as $parts) {
            foreach ($parts as $part) {
                if ($part instanceof Series && $part->key === $key) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function unfilled(Clause $clause): mixed
    {
        if ($clause->flag !== null) {
            return $clause->flag;
        }
        $first = $clause->parts[0];
        if (! $first instanceof Series) {
            return '';
        }
        if (! is_string($first->item)) {
            return [''];
        }
        $item = [];
        foreach (Shape::parametersOf($first->item) as $parameter) {
            $item[$parameter->getName()] = $parameter->isDefaultValueAvailable() ? $parameter->getDefaultValue() : '';
        }

        return [$item];
    }

    /** @param  array{op: string, path: string, from?: string, value?: mixed}  ...$operations */
    private function by(array ...$operations): Edited
    {
        return Edited::by($this->blueprint, new Patch(array_values($operations)));
    }
}
