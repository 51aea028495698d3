<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class Edit extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $this->merge(['at' => $this->input('at') ?? '', 'text' => $this->input('text') ?? '']);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'what' => ['required', 'in:fill,offer,add,remove,move,script,mend,several,sign-in'],
            'base' => ['required', 'integer', 'min:1'],
            'at' => ['present', 'string', 'max:300', 'regex:~^(/[A-Za-z0-9-]+)*$~'],
            'text' => ['present', 'string', 'max:500000'],
            'how' => ['required_if:what,several', 'in:double,remove,move,group,extract'],
            'places' => ['required_if:what,several', 'array', 'max:200'],
            'places.*' => ['string', 'max:300'],
            'index' => ['sometimes', 'integer', 'min:0', 'max:10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['*' => 'This edit could not be understood.'];
    }
}
