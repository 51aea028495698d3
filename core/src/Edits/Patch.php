<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Blueprint\Pointer;
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
        $diff = new JsonDiff(self::tree($before), self::tree($after), JsonDiff::SKIP_JSON_MERGE_PATCH);
        $operations = [];
        $made = self::plain(JsonPatch::export($diff->getPatch()));
        foreach (is_array($made) ? $made : [] as $operation) {
            // The library writes a test before each change; the revision's number serves for that here.
            if (is_array($operation) && ($operation['op'] ?? '') !== 'test') {
                $operations[] = $operation;
            }
        }

        /** @var list<Operation> $operations */
        return new self($operations);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     *
     * @throws EditRefused where the patch does not apply
     */
    public function applyTo(array $data): array
    {
        $tree = self::tree($data);
        try {
            JsonPatch::import(array_map(fn (array $o): mixed => self::tree($o), $this->operations))->apply($tree);
        } catch (JsonDiffException $e) {
            throw new EditRefused('This part has changed in the meantime. Please look again and repeat the change.', previous: $e);
        }

        /** @var array<string, mixed> */
        return self::plain($tree);
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
            if ($operation['op'] === 'add' && $parent !== '' && ! Pointer::exists($parent, $data) && Pointer::exists(Pointer::parent($parent), $data) && Pattern::match('/^[a-zA-Z]/', Pointer::last($operation['path']))) {
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
                    $inverse[] = Pointer::inList($path, $data) || ! Pointer::exists($path, $data)
                        ? ['op' => 'remove', 'path' => $pointer] : ['op' => 'replace', 'path' => $path, 'value' => Pointer::get($path, $data)];
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
        return json_decode(json_encode($data === [] ? new \stdClass : $data, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), false, 512, JSON_THROW_ON_ERROR);
    }

    private static function plain(mixed $tree): mixed
    {
        return json_decode(json_encode($tree, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), true, 512, JSON_THROW_ON_ERROR);
    }
}
