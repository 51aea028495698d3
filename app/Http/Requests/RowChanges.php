<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Rows to add and to change together. */
final class RowChanges extends FormRequest
{
    /** @return array<string, string> */
    public function rules(): array
    {
        return [
            'changes' => 'required|array|max:2000',
            'changes.*.id' => 'nullable|integer',
            'changes.*.values' => 'required|array',
            'changes.*.was' => 'array',
        ];
    }

    /** @return list<array{id: int|null, values: array<string, mixed>, was: array<string, string>}> */
    public function changes(): array
    {
        $changes = [];
        foreach ($this->array('changes') as $change) {
            $change = (array) $change;
            $changes[] = [
                'id' => isset($change['id']) ? (int) $change['id'] : null,
                'values' => (array) ($change['values'] ?? []),
                'was' => array_map(fn (mixed $v): string => is_scalar($v) ? (string) $v : '', (array) ($change['was'] ?? [])),
            ];
        }

        return $changes;
    }
}
