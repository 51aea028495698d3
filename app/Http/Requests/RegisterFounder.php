<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class RegisterFounder extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'email' => ['required', 'string', 'email', 'max:200', 'unique:founders,email'],
            'password' => ['required', 'string', 'min:10', 'max:200'],
        ];
    }

    /** Addresses are the same whatever their letters' size. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('email'))) {
            $this->merge(['email' => mb_strtolower(trim($this->input('email')))]);
        }
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => 'Please write your name.',
            'email.unique' => 'There is already an account with this address. Sign in instead.',
            'email.*' => 'Please write your e-mail address.',
            'password.*' => 'Please choose a password of at least 10 characters.',
        ];
    }
}
