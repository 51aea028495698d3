<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Pattern;
use Swaggest\JsonDiff\Exception as JsonDiffException;
use Swaggest\JsonDiff\JsonDiff;
use Swaggest\JsonDiff\JsonPatch;

/**
 * A JSON Patch (RFC 6902) on blueprint data.
 *
 * @phpstan-type Operation array{op: string, path: string, from?: string, value?: mixed}
 */
final readonly class Patch
{
    /** @param  list<Operation>  $operations */
    public function __construct(public array $operations)
    {
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     */
    public static function between(array $before, array $after): self
    {
        $operations = [];
        foreach (array_intersect_key($before, $after) as $key => $was) {
            $now = $after[$key];
            if ($was === $now) {
                unset($before[$key], $after[$key]);
            } elseif (is_array($was) && is_array($now) && array_is_list($was) && array_is_list($now) && count($was) === count($now)) {
                // Of a list that keeps its length only the items are compared that are not the same.
                foreach ($was as $i => $item) {
                    if ($item !== $now[$i]) {
                        array_push(
                            $operations,
                            ...is_array($item) && is_array($now[$i])
                                ? self::differences($item, $now[$i], "/$key/$i")
                                : [['op' => 'replace', 'path' => "/$key/$i", 'value' => $now[$i]]],
                        );
                    }
                }
                unset($before[$key], $after[$key]);
            }
        }

        return new self([...$operations, ...self::differences($before, $after, '')]);
    }

    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @param  string  $at  where both stand
     * @return list<Operation>
     */
    private static function differences(array $before, array $after, string $at): array
    {
        $diff = new JsonDiff(self::tree($before), self::tree($after), JsonDiff::SKIP_JSON_MERGE_PATCH);
        $operations = [];
        $made = self::plain(JsonPatch::export($diff->getPatch()));
        foreach (is_array($made) ? $made : [] as $operation) {
            // The library writes a test before each change; the revision's number serves for that here.
            if (is_array($operation) && ($operation['op'] ?? '') !== 'test') {
                foreach (array_intersect(['path', 'from'], array_keys($operation)) as $key) {
                    $operation[$key] = $at.(is_string($operation[$key]) ? $operation[$key] : '');
                }
                $operations[] = $operation;
            }
        }

        /** @var list<Operation> $operations */
        return $operations;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     *
     * @throws EditRefused where the patch does not apply
     */
    public function applyTo(array $data): array
    {
        // Of an app with hundreds of screens only the one is taken apart that the patch is about.
        $within = $this->within($data);
        $part = Pointer::get($within, $data);
        $tree = self::tree(is_array($part) ? $part : $data);
        $operations = array_map(fn (array $o): mixed => self::tree(self::cut($o, $within)), $this->operations);
        try {
            JsonPatch::import($operations)->apply($tree);
        } catch (JsonDiffException $e) {
            throw new EditRefused('This part has changed in the meantime. Please look again and repeat the change.', previous: $e);
        }

        /** @var array<string, mixed> */
        return $within === '' ? self::plain($tree) : Prose::node(Pointer::set($within, Prose::node($data), self::plain($tree)));
    }

    /**
     * The place of the one screen, table or the like under which all of it lies; '' where there is none.
     *
     * @param  array<array-key, mixed>  $data
     */
    private function within(array $data): string
    {
        $within = null;
        foreach ($this->operations as $operation) {
            foreach (isset($operation['from']) ? [$operation['path'], $operation['from']] : [$operation['path']] as $path) {
                $holder = Pattern::match('~^(/[a-zA-Z]+/\d+)/.~', $path, $found) ? $found[1] : '';
                $within ??= $holder;
                if ($holder === '' || $holder !== $within) {
                    return '';
                }
            }
        }

        return is_array(Pointer::get($within ?? '', $data)) ? (string) $within : '';
    }

    /**
     * @param  Operation  $operation
     * @return Operation the same, as seen from a place
     */
    private static function cut(array $operation, string $within): array
    {
        $operation['path'] = substr($operation['path'], strlen($within));
        if (isset($operation['from'])) {
            $operation['from'] = substr($operation['from'], strlen($within));
        }

        return $operation;
    }

    /**
     * The same patch where a part that it adds to, such as the release of a new app, is not there yet: it is added with it.
     *
     * @param  array<array-key, mixed>  $data
     */
    public function reaching(array $data): self
    {
        $operations = [];
        foreach ($this->operations as $operation) {
            $parent = Pointer::parent($operation['path']);
            if (
                $operation['op'] === 'add' &&
                $parent !== '' &&
                ! Pointer::exists($parent, $data) &&
                Pointer::exists(Pointer::parent($parent), $data) &&
                Pattern::match('/^[a-zA-Z]/', Pointer::last($operation['path']))
            ) {
                $operation = ['op' => 'add', 'path' => $parent, 'value' => [Pointer::last($operation['path']) => $operation['value'] ?? null]];
            }
            $operations[] = $operation;
            $data = (new self([$operation]))->applyTo($data);
        }

        return new self($operations);
    }

    /**
     * The patch that takes this one back, given what it is applied to.
     *
     * @param  array<array-key, mixed>  $data
     */
    public function inverse(array $data): self
    {
        $inverse = [];
        foreach ($this->operations as $operation) {
            $path = $operation['path'];
            $now = new self([$operation]);
            switch ($operation['op']) {
                case 'add':
                    $pointer = Pointer::settled($path, $data);
                    $inverse[] =
                        Pointer::inList($path, $data) || ! Pointer::exists($path, $data)
                            ? ['op' => 'remove', 'path' => $pointer]
                            : ['op' => 'replace', 'path' => $path, 'value' => Pointer::get($path, $data)];
                    break;
                case 'remove':
                    $inverse[] = ['op' => 'add', 'path' => $path, 'value' => Pointer::get($path, $data)];
                    break;
                case 'replace':
                    $inverse[] = ['op' => 'replace', 'path' => $path, 'value' => Pointer::get($path, $data)];
                    break;
                case 'move':
                    $inverse[] = ['op' => 'move', 'from' => Pointer::settled($path, $data, true), 'path' => $operation['from'] ?? ''];
                    break;
                case 'copy':
                    $inverse[] = ['op' => 'remove', 'path' => Pointer::settled($path, $data)];
                    break;
            }
            $data = $now->applyTo($data);
        }

        return new self(array_reverse($inverse));
    }

    /** @param  array<array-key, mixed>  $data */
    private static function tree(array $data): mixed
    {
        return json_decode(
            json_encode($data === [] ? new \stdClass() : $data, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            false,
            512,
            JSON_THROW_ON_ERROR,
        );
    }

    private static function plain(mixed $tree): mixed
    {
        return json_decode(json_encode($tree, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), true, 512, JSON_THROW_ON_ERROR);
    }
}
