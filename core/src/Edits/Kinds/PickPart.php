<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\InternalEdit;
use Lanai\Core\Edits\Requests;
use Lanai\Core\Exchange\NewService;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Services\Parts;

/** Uses a place in an answer that was pointed at: as one more part, or as the list that the request gives. */
final readonly class PickPart implements InternalEdit
{
    /**
     * @param  string  $at  where in the answer; '' or @ for all of it
     * @param  array<string, mixed>  $part  data of an AnswerPart; [] to make the place the list
     * @param  array<string, mixed>  $items  the shape of one of the things there (JSON Schema), where it is made the list
     */
    public function __construct(public string $request, public string $at, public array $part, public array $items)
    {
    }

    public function about(): array
    {
        return ['/services'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        return Requests::changed($blueprint, $this->request, function (array $data) use ($blueprint): array {
            if ($this->part !== []) {
                $parts = Prose::nodes($data['parts'] ?? []);
                $names = array_map(fn (array $p): string => mb_strtolower(is_string($p['name'] ?? null) ? $p['name'] : ''), $parts);

                return [
                    'parts' => [
                        ...$parts,
                        ['name' => Parts::free(is_string($this->part['name'] ?? null) ? $this->part['name'] : 'Value', $names)] + $this->part,
                    ],
                ] + $data;
            }
            $taken = NewService::taken($blueprint);
            $name = is_string($data['name'] ?? null) ? $data['name'] : '';
            unset($data['one']);
            $one = Parts::free(Parts::one($name) === $name ? "$name item" : Parts::one($name), $taken);

            return ['each' => $one, 'at' => $this->at === '@' ? '' : $this->at, 'parts' => Parts::of($this->items, $name, $taken)] + $data;
        });
    }
}
