<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\Password;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;

final class RegisterRequest extends FormRequest
{
    public const TAKEN = 'There is already an account with this address.';

    protected function prepareForValidation(): void
    {
        foreach (['name', 'email'] as $field) {
            $text = $this->input($field);
            if (is_string($text)) {
                $this->merge([$field => $field === 'email' ? Str::lower(trim($text)) : trim($text)]);
            }
        }
    }

    /** @return array<string, array<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:254', 'unique:users,email'],
            'password' => Password::rules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'email.unique' => self::TAKEN,
            ...Password::messages(),
        ];
    }

    /** @return array{name: string, email: string, password: string} */
    public function account(): array
    {
        return [
            'name' => $this->string('name')->toString(),
            'email' => $this->string('email')->toString(),
            'password' => $this->string('password')->toString(),
        ];
    }
}
