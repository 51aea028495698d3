<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Edits\Edit as OneEdit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Edits;

/** An edit as data, with the revision that the founder saw. */
final class Edit extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['base' => ['required', 'integer', 'min:1'], 'edit' => ['required', 'array'], 'sure' => ['sometimes', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => 'This edit could not be understood.'];
    }

    /** @throws ValidationException where it is none */
    public function edit(): OneEdit
    {
        // As it was sent: a text that is empty, or ends with a blank, is meant so.
        $sent = json_decode($this->getContent(), true);

        try {
            return Edits::read(is_array($sent) && is_array($sent['edit'] ?? null) ? $sent['edit'] : []);
        } catch (EditRefused $refused) {
            throw ValidationException::withMessages(['edit' => $refused->getMessage()]);
        }
    }
}
